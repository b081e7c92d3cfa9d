<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Words\Text;

/** What happens at a stop. Everything but going on wants a hand, so the machine must halt there. */
enum StopAction: string
{
    case GoOn = 'go_on';
    case BringOut = 'bring_out';
    case LayCloth = 'lay_cloth';
    case ThereFirst = 'there_first';
    case TrimCloth = 'trim_cloth';
    case AddBacking = 'add_backing';
    case AddTopper = 'add_topper';
    case TapeAside = 'tape_aside';
    case TurnOver = 'turn_over';
    case Press = 'press';
    case BrushLint = 'brush_lint';
    case Look = 'look';

    /** Several at one stop are done so: what is trimmed before what is laid, film after all else. */
    private const ORDER = [
        self::ThereFirst,
        self::BringOut,
        self::TrimCloth,
        self::BrushLint,
        self::Press,
        self::LayCloth,
        self::AddBacking,
        self::TapeAside,
        self::TurnOver,
        self::AddTopper,
        self::Look,
    ];

    /** @return list<self> what may be done beside another act at a stop, in the order of the work */
    public static function together(): array
    {
        return array_values(array_filter(self::ORDER, static fn(self $one): bool => $one->halts()));
    }

    /**
     * @param list<self> $acts
     *
     * @return list<self> each once, in the order of the work; going on by itself is left out beside any other
     */
    public static function inOrder(array $acts): array
    {
        $done = array_values(array_filter(self::ORDER, static fn(self $one): bool => in_array($one, $acts, true)));

        return $done === [] ? array_slice($acts, 0, 1) : $done;
    }

    /** @return list<self> as they are kept: the keys with commas between; what is not known any more is left out */
    public static function read(string $kept): array
    {
        return array_values(array_filter(array_map(self::tryFrom(...), explode(',', $kept))));
    }

    /** @param list<self> $acts */
    public static function kept(array $acts): string
    {
        return implode(',', array_unique(array_column($acts, 'value')));
    }

    public function label(): Text
    {
        return new Text("artwork.stop.{$this->value}");
    }

    /** What the hands bring to it, cut to size beforehand; null where they bring nothing. */
    public function brings(): ?Text
    {
        return match ($this) {
            self::LayCloth, self::ThereFirst => new Text('artwork.brings.cloth'),
            self::AddBacking => new Text('artwork.brings.backing'),
            self::AddTopper => new Text('artwork.brings.film'),
            self::TapeAside, self::TurnOver => new Text('artwork.brings.back_or_pocket'),
            default => null,
        };
    }

    /** What is brought is laid by lines that were sewn for it just before, and no larger. */
    public function isLaidByLines(): bool
    {
        return in_array($this, [self::TapeAside, self::TurnOver], true);
    }

    public function halts(): bool
    {
        return ! in_array($this, [self::GoOn, self::ThereFirst], true);
    }
}
