<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

use Hakama\Stitch\Point;

/** How many needle points fall into each square millimetre. Only squares with any are kept. */
final readonly class DensityMap
{
    /** Added so that no coordinate is below zero and a plain cut rounds down; a whole number of cells. In 0.1 mm. */
    public const FAR = 1_000_000_000;

    /**
     * The cells are keyed by one number; no tape reaches so far that rows would run together. A prime, since
     * with a power of two the keys of one column would differ in their upper bits only, and all collide.
     */
    public const ROW = 268_435_399;

    private const FURTHEST_PACKED = 0xffff;

    /** @param non-empty-array<int, int> $cells key => needle points */
    private function __construct(private array $cells) {}

    /**
     * @param array<int, int> $cells (x + FAR) / 10 + ROW · (y + FAR) / 10, cut to whole numbers => needle points
     *
     * @internal for what measures a pattern
     */
    public static function ofCells(array $cells): self
    {
        assert($cells !== []);

        return new self($cells);
    }

    public function densest(): Densest
    {
        $most = max($this->cells);

        return new Densest($most, self::middle((int) array_search($most, $this->cells, true)));
    }

    /** @return list<Densest> the squares with more needle points than this, densest first */
    public function above(int $perMm2): array
    {
        $dense = array_filter($this->cells, static fn(int $points): bool => $points > $perMm2);
        arsort($dense);

        return array_map(
            static fn(int $cell, int $points): Densest => new Densest($points, self::middle($cell)),
            array_keys($dense),
            array_values($dense),
        );
    }

    /**
     * For a page to draw: left and bottom of the map in mm as two little-endian signed 32-bit numbers,
     * then per square column, row and needle points as unsigned 16-bit ones. What lies further than 65 m
     * from the lower left square is left out.
     */
    public function packed(): string
    {
        $columns = $rows = [];
        foreach (array_keys($this->cells) as $cell) {
            $columns[] = $cell % self::ROW;
            $rows[] = intdiv($cell, self::ROW);
        }
        [$left, $bottom] = [min($columns), min($rows)];
        $far = intdiv(self::FAR, 10);
        $packed = pack('l2', $left - $far, $bottom - $far);
        foreach (array_values($this->cells) as $i => $points) {
            if ($columns[$i] - $left <= self::FURTHEST_PACKED && $rows[$i] - $bottom <= self::FURTHEST_PACKED) {
                $packed .= pack('v3', $columns[$i] - $left, $rows[$i] - $bottom, min($points, self::FURTHEST_PACKED));
            }
        }

        return $packed;
    }

    private static function middle(int $cell): Point
    {
        $far = intdiv(self::FAR, 10);

        return new Point(($cell % self::ROW) - $far + 0.5, intdiv($cell, self::ROW) - $far + 0.5);
    }
}
