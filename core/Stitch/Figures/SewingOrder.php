<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;

/**
 * Whether a design is sewn as a cap wants it: from the middle outwards and from the bill upwards, so
 * that slack in the cloth is pushed out of the design and not into it. Judged by Spearman's rank
 * correlation between the order of the objects and where they lie.
 */
final readonly class SewingOrder
{
    private const FEWEST_OBJECTS = 4;
    private const YES = 0.5;
    private const NO = -0.2;
    private const SIDE_TO_SIDE = 0.7;
    /** Of the width of a design: what lies nearer to the axis is over it. */
    private const MIDDLE_SHARE = 0.1;
    /** Of its width or height: what is nearer together cannot be told apart. */
    private const SAME_SHARE = 0.05;

    private function __construct(
        public Verdict $centreOut,
        public Verdict $bottomUp,
        public int $objects,
        public ?float $againstDistance,
        public ?float $againstHeight,
    ) {}

    /** @param list<Point> $objects the middle of each object, in sewing order */
    public static function of(array $objects, Bounds $bounds): self
    {
        if (count($objects) < self::FEWEST_OBJECTS) {
            return self::readDirectly($objects, $bounds);
        }
        $axis = $bounds->centre()->x;
        $order = array_map(floatval(...), range(1, count($objects)));
        $sideways = self::spearman($order, array_map(static fn(Point $p): float => $p->x - $axis, $objects));
        $distance = self::spearman($order, array_map(static fn(Point $p): float => abs($p->x - $axis), $objects));
        $height = self::spearman($order, array_map(static fn(Point $p): float => $p->y - $bounds->bottom, $objects));

        return new self(
            centreOut: match (true) {
                $distance !== null && $distance >= self::YES => Verdict::Yes,
                $distance !== null && $distance <= self::NO,
                $sideways !== null && abs($sideways) >= self::SIDE_TO_SIDE
                    => Verdict::No,
                default => Verdict::Unclear,
            },
            bottomUp: match (true) {
                $height !== null && $height >= self::YES => Verdict::Yes,
                $height !== null && $height <= self::NO => Verdict::No,
                default => Verdict::Unclear,
            },
            objects: count($objects),
            againstDistance: $distance,
            againstHeight: $height,
        );
    }

    /**
     * Two or three objects are compared as they are: their places say it all. One says nothing, and neither do objects that
     * cannot be told apart.
     *
     * @param list<Point> $objects
     */
    private static function readDirectly(array $objects, Bounds $bounds): self
    {
        $axis = $bounds->centre()->x;
        $across = array_map(static fn(Point $p): float => $p->x - $axis, $objects);
        $up = array_map(static fn(Point $p): float => $p->y, $objects);
        $near = self::SAME_SHARE * $bounds->width();
        $startsInMiddle = $across !== [] && abs($across[0]) <= self::MIDDLE_SHARE * $bounds->width();
        $far = array_map(abs(...), $across);
        $outwards = self::rises($far, $near)
            && self::areApart($far, $near)
            && min([0.0, ...$across]) < -$near
            && max([0.0, ...$across]) > $near;

        return new self(
            match (true) {
                ! self::areApart($across, $near) => Verdict::Unclear,
                $startsInMiddle, $outwards => Verdict::Yes,
                self::rises($across, 0.0), self::rises(array_map(static fn(float $x): float => -$x, $across), 0.0)
                    => Verdict::No,
                default => Verdict::Unclear,
            },
            match (true) {
                ! self::areApart($up, self::SAME_SHARE * $bounds->height()) => Verdict::Unclear,
                self::rises($up, 0.0) => Verdict::Yes,
                self::rises(array_map(static fn(float $y): float => -$y, $up), 0.0) => Verdict::No,
                default => Verdict::Unclear,
            },
            count($objects),
            null,
            null,
        );
    }

    /** @param list<float> $values */
    private static function areApart(array $values, float $byMm): bool
    {
        return count($values) > 1 && max($values) - min($values) > $byMm;
    }

    /**
     * @param list<float> $values
     * @param float       $hair   by which one may be less than the one before
     */
    private static function rises(array $values, float $hair): bool
    {
        foreach ($values as $i => $value) {
            if ($i > 0 && $value < $values[$i - 1] - $hair) {
                return false;
            }
        }

        return true;
    }

    /**
     * Pearson's correlation of the ranks, ties sharing their mean rank.
     *
     * @param list<float> $a
     * @param list<float> $b as long as $a
     *
     * @return float|null null when one of the two never varies
     */
    private static function spearman(array $a, array $b): ?float
    {
        $a = self::ranks($a);
        $b = self::ranks($b);
        $mean = (count($a) + 1) / 2;
        $both = $inA = $inB = 0.0;
        foreach ($a as $i => $rank) {
            $both += ($rank - $mean) * ($b[$i] - $mean);
            $inA += ($rank - $mean) ** 2;
            $inB += ($b[$i] - $mean) ** 2;
        }

        return $inA * $inB > 0.0 ? $both / sqrt($inA * $inB) : null;
    }

    /**
     * @param list<float> $values
     *
     * @return list<float>
     */
    private static function ranks(array $values): array
    {
        // Middles of mirrored objects differ in the last bits only; they are meant to tie.
        $values = array_map(static fn(float $value): float => round($value, 2), $values);
        $sorted = $values;
        asort($sorted);
        $places = array_keys($sorted);
        $ranks = $values;
        for ($from = 0; $from < count($places); $from = $to) {
            $to = $from + 1;
            while ($to < count($places) && $values[$places[$to]] === $values[$places[$from]]) {
                $to++;
            }
            for ($i = $from; $i < $to; $i++) {
                $ranks[$places[$i]] = ($from + 1 + $to) / 2;
            }
        }

        return array_values($ranks);
    }
}
