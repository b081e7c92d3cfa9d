<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Words\Text;

/** What is so on one machine and not in the shop: what its panel shows, and how its parts are set. '' is not known. */
final readonly class PanelHabits
{
    /** Where designs are kept; what it shows for cap frames and for clamps; how the foot is lowered; screws that stay in. */
    public const KEYS = ['slots', 'caps', 'clamps', 'foot', 'screws'];

    public function __construct(
        public string $slots = '',
        public string $caps = '',
        public string $clamps = '',
        public string $foot = '',
        public string $screws = '',
    ) {}

    /** @param array<string, string> $kept key => what is written down */
    public static function of(array $kept): self
    {
        return new self(
            $kept['slots'] ?? '',
            $kept['caps'] ?? '',
            $kept['clamps'] ?? '',
            $kept['foot'] ?? '',
            $kept['screws'] ?? '',
        );
    }

    /** What the panel shows when a frame is chosen. */
    public function shows(FrameKind $kind): string
    {
        return match ($kind) {
            FrameKind::Cap => $this->caps,
            FrameKind::Clamp => $this->clamps,
            FrameKind::Round, FrameKind::Square, FrameKind::Magnetic, FrameKind::Cylinder, FrameKind::Pocket => '',
        };
    }

    /**
     * What a card says of it.
     *
     * @param string $countsFrom the side at which needle 1 is: left or right
     *
     * @return list<Text> sentences
     */
    public function card(string $countsFrom, ?FrameKind $kind): array
    {
        $shown = $kind === null ? '' : $this->shows($kind);

        return [
            new Text("setup.panel_words.needle_one_{$countsFrom}"),
            ...($shown === '' ? [] : [new Text('setup.panel_words.shows', ['shown' => $shown])]),
            ...($this->foot === '' ? [] : [new Text('setup.panel_words.foot', ['foot' => $this->foot])]),
            ...($this->screws === '' ? [] : [new Text('setup.panel_words.screws', ['screws' => $this->screws])]),
        ];
    }

    /** @return array<string, string> key => what is written down, of what is */
    public function written(): array
    {
        return array_filter(
            [
                'slots' => $this->slots,
                'caps' => $this->caps,
                'clamps' => $this->clamps,
                'foot' => $this->foot,
                'screws' => $this->screws,
            ],
            static fn(string $text): bool => $text !== '',
        );
    }
}
