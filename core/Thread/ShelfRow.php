<?php

declare(strict_types=1);

namespace Hakama\Thread;

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
        $code = trim($cells['code'] ?? '');
        $name = trim($cells['name'] ?? '');
        if ($code === '' || mb_strlen($code) > 32 || preg_match('/[\x00-\x1f]/', $code) === 1) {
            throw UnfitRow::at('code', 'a code of at most 32 letters is wanted');
        }
        if ($name === '' || mb_strlen($name) > 80) {
            throw UnfitRow::at('name', 'a name of at most 80 letters is wanted');
        }
        try {
            $hex = Colour::ofHex(strtolower(trim($cells['colour'] ?? '')))->hex();
        } catch (NotAColour $e) {
            throw UnfitRow::at('colour', $e->getMessage());
        }
        $shelf = trim($cells['shelf'] ?? ($cells['place'] ?? ''));
        if (mb_strlen($shelf) > 32) {
            throw UnfitRow::at('shelf', 'a shelf of at most 32 letters is wanted');
        }

        return new self(
            $code,
            $name,
            $hex,
            self::number($cells, 'weight', 5, 200),
            trim($cells['cone'] ?? '') === '' ? 1 : self::number($cells, 'cone', 1, 999),
            $shelf,
            self::number($cells, 'metres_left', 0, 100_000),
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

    /** @param array<string, string> $cells */
    private static function number(array $cells, string $column, int $least, int $most): int
    {
        $given = trim($cells[$column] ?? '');
        $number = filter_var($given, FILTER_VALIDATE_INT);

        return $number !== false && $number >= $least && $number <= $most
            ? $number
            : throw UnfitRow::at(
                $column,
                sprintf('a whole number from %d to %d is wanted, not "%s"', $least, $most, mb_substr($given, 0, 20)),
            );
    }
}
