<?php

declare(strict_types=1);

namespace Hakama\Thread;

use Hakama\Words\Text;

/** One cone of the shelf as a list has it: the thread and what is left of it. */
final readonly class ShelfRow
{
    /** The columns of a list, in their order. */
    public const COLUMNS = ['code', 'name', 'colour', 'weight', 'cone', 'shelf', 'metres_left'];

    public function __construct(
        public string $code,
        public string $name,
        public string $hex,
        public int $weight,
        public int $cone,
        public string $shelf,
        public int $metresLeft,
    ) {}

    /**
     * @param array<string, string> $cells column => what stands there; a missing cone is the first
     *
     * @throws UnfitRow
     */
    public static function of(array $cells): self
    {
        foreach (self::problems($cells) as $column => $what) {
            throw UnfitRow::at($column, $what);
        }
        $cell = static fn(string $column): string => trim($cells[$column] ?? '');

        return new self(
            $cell('code'),
            $cell('name'),
            Colour::ofHex(strtolower($cell('colour')))->hex(),
            (int) $cell('weight'),
            $cell('cone') === '' ? 1 : (int) $cell('cone'),
            self::shelfOf($cells),
            (int) $cell('metres_left'),
        );
    }

    /**
     * @param array<string, string> $cells column => what stands there
     *
     * @return array<string, Text> column => what has to stand there instead
     */
    public static function problems(array $cells): array
    {
        $cell = static fn(string $column): string => trim($cells[$column] ?? '');
        $colour = null;
        try {
            Colour::ofHex(strtolower($cell('colour')));
        } catch (NotAColour $e) {
            $colour = $e->text;
        }

        return array_filter(
            [
                'code' =>
                    self::fits($cell('code'), 32) && preg_match('/[\x00-\x1f]/', $cell('code')) !== 1
                        ? null
                        : new Text('stock.shelf.code'),
                'name' => self::fits($cell('name'), 80) ? null : new Text('stock.shelf.name'),
                'colour' => $colour,
                'weight' => self::number($cell('weight'), 5, 200),
                'cone' => $cell('cone') === '' ? null : self::number($cell('cone'), 1, 999),
                'shelf' => mb_strlen(self::shelfOf($cells)) > 32 ? new Text('stock.shelf.place') : null,
                'metres_left' => self::number($cell('metres_left'), 0, 100_000),
            ],
            static fn(?Text $one): bool => $one !== null,
        );
    }

    /** @return array{string, string, string, string, string, string, string} in the order of the columns */
    public function cells(): array
    {
        return [
            $this->code,
            $this->name,
            $this->hex,
            (string) $this->weight,
            (string) $this->cone,
            $this->shelf,
            (string) $this->metresLeft,
        ];
    }

    private static function fits(string $given, int $most): bool
    {
        return $given !== '' && mb_strlen($given) <= $most;
    }

    /** @param array<string, string> $cells */
    private static function shelfOf(array $cells): string
    {
        return trim($cells['shelf'] ?? ($cells['place'] ?? ''));
    }

    /** What is wanted instead; null where it is a number between the two. */
    private static function number(string $given, int $least, int $most): ?Text
    {
        $number = filter_var($given, FILTER_VALIDATE_INT);

        return $number !== false && $number >= $least && $number <= $most
            ? null
            : new Text('stock.shelf.number', ['least' => $least, 'most' => $most, 'given' => mb_substr($given, 0, 20)]);
    }
}
