<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

use Hakama\Lettering\Alphabet;

/**
 * Letters side by side on a straight base line. How far apart two stand follows from their shapes: nowhere nearer than the
 * gap, which is what kerning by hand comes to; a script letter stands where the tail of the one before meets it.
 *
 * @internal
 */
final readonly class Typesetting
{
    /** As shares of the height: between two letters, between two words, and how far one may reach over the next. */
    private const GAP = 0.13;
    private const WORD_GAP = 0.42;
    private const OVERHANG = 0.3;
    private const JOINED_GAP = 0.12;
    private const REACHED_MM = 0.3;
    /** Points at the end of a script letter that are its tail. */
    private const TAIL_POINTS = 10;
    /** A tail meets what reaches furthest to the left within so much of its height. */
    private const JOIN_REACH = 0.14;
    /** Letters are compared row by row, each so high. */
    private const ROW = 0.04;

    /**
     * @param list<non-empty-list<Stroke>> $letters lines of each, mm, where it stands
     */
    private function __construct(public array $letters, public float $leftMm, public float $rightMm) {}

    /**
     * @param list<Glyph|null> $glyphs    null for a space
     * @param float            $heightMm  of the capitals, with the width of the column
     * @param float            $narrowed  share of their width
     */
    public static function of(
        array $glyphs,
        Alphabet $alphabet,
        float $heightMm,
        float $columnMm,
        float $narrowed,
    ): self {
        $scale = ($heightMm - $columnMm) / 100;
        $row = self::ROW * $heightMm;
        $gap = (self::GAP + ($alphabet->isSatin() ? 0.0 : 0.08)) * $heightMm + $columnMm;
        $letters = $body = [];
        $before = $tail = null;
        $space = 0.0;
        foreach ($glyphs as $glyph) {
            if ($glyph === null) {
                $space = self::WORD_GAP * $heightMm;
                $tail = null;
                continue;
            }
            $lean = $alphabet->lean();
            $lines = array_map(
                static fn(Stroke $line): Stroke => $line->mapped(
                    static fn(float $x, float $y): array => [($x * $narrowed + $y * $lean) * $scale, $y * $scale],
                ),
                $glyph->lines,
            );
            $sides = self::sides($lines, $row);
            $joins = $tail !== null && $glyph->joined;
            $x = match (true) {
                $before === null => -self::least($sides),
                $joins => max(
                    $tail[0] - self::leftAt($sides, $tail[1], $row),
                    self::apart($body, $sides, self::JOINED_GAP * $heightMm + $columnMm, $row, INF),
                ),
                default => self::apart($before, $sides, $gap, $row, self::OVERHANG * $heightMm) + $space,
            };
            if ($joins && $letters !== []) {
                $reached = [self::leftAt($sides, $tail[1], $row) + $x, $tail[1] + 0.04 * $heightMm];
                $letters[] = self::reaching(array_pop($letters), $reached);
            }
            $letters[] = $placed = array_map(static fn(Stroke $line): Stroke => $line->moved($x, 0.0), $lines);
            $before = self::sides($placed, $row);
            $body = self::sides(self::withoutTail($placed), $row);
            $tail = $glyph->joins ? $placed[count($placed) - 1]->end() : null;
            $space = 0.0;
        }
        [$left, $right] = [INF, -INF];
        foreach ($letters as $lines) {
            foreach ($lines as $line) {
                $xs = array_column($line->points, 0);
                [$left, $right] = [min($left, ...$xs), max($right, ...$xs)];
            }
        }

        return new self($letters, $left - $columnMm / 2, $right + $columnMm / 2);
    }

    public function widthMm(): float
    {
        return $this->rightMm - $this->leftMm;
    }

    /**
     * A tail that does not reach the next letter goes on to it.
     *
     * @param non-empty-list<Stroke> $letter
     * @param array{float, float}    $to
     *
     * @return non-empty-list<Stroke>
     */
    private static function reaching(array $letter, array $to): array
    {
        $tail = array_pop($letter);

        return [...$letter, $to[0] > $tail->end()[0] + self::REACHED_MM ? $tail->lengthened($to) : $tail];
    }

    /**
     * How far a letter reaches to the left and to the right in each row.
     *
     * @param non-empty-list<Stroke> $lines
     *
     * @return array<int, array{float, float}>
     */
    private static function sides(array $lines, float $row): array
    {
        $sides = [];
        foreach ($lines as $line) {
            $points = $line->round();
            foreach ($points as $i => $to) {
                $from = $points[max(0, $i - 1)];
                $steps = max(1, (int) ceil(hypot($to[0] - $from[0], $to[1] - $from[1]) / ($row / 2)));
                for ($step = 0; $step <= $steps; $step++) {
                    $x = $from[0] + (($to[0] - $from[0]) * $step) / $steps;
                    $at = (int) round(($from[1] + (($to[1] - $from[1]) * $step) / $steps) / $row);
                    $sides[$at] = [min($sides[$at][0] ?? INF, $x), max($sides[$at][1] ?? -INF, $x)];
                }
            }
        }

        return $sides;
    }

    /** @param array<int, array{float, float}> $sides */
    private static function least(array $sides): float
    {
        return min([INF, ...array_column($sides, 0)]);
    }

    /** @param array<int, array{float, float}> $sides */
    private static function leftAt(array $sides, float $y, float $row): float
    {
        [$from, $to] = [$y / $row - self::JOIN_REACH / self::ROW, $y / $row + self::JOIN_REACH / self::ROW];
        $near = array_filter($sides, static fn(int $r): bool => $r >= $from && $r <= $to, ARRAY_FILTER_USE_KEY);

        return self::least($near === [] ? $sides : $near);
    }

    /**
     * @param non-empty-list<Stroke> $lines
     *
     * @return non-empty-list<Stroke>
     */
    private static function withoutTail(array $lines): array
    {
        $last = array_pop($lines);

        return [...$lines, $last->cut(self::TAIL_POINTS)];
    }

    /**
     * Where the next letter stands so that it comes nowhere nearer than the gap.
     *
     * @param array<int, array{float, float}> $before
     * @param array<int, array{float, float}> $next
     */
    private static function apart(array $before, array $next, float $gap, float $row, float $overhang): float
    {
        $at = -INF;
        $reach = (int) floor($gap / $row);
        foreach ($before as $r => [, $right]) {
            for ($off = -$reach; $off <= $reach; $off++) {
                if (isset($next[$r + $off])) {
                    $wants = sqrt(max(0.0, $gap ** 2 - ($off * $row) ** 2));
                    $at = max($at, $right + $wants - $next[$r + $off][0]);
                }
            }
        }
        $boxes = max([-INF, ...array_column($before, 1)]) + $gap - self::least($next);

        return max($at, $boxes - $overhang);
    }
}
