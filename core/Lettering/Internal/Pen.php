<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

/**
 * Reads the lines of a letter. Lines stand between bars; each is a row of `M x y`, `L x y`, `C x y x y x y` (a cubic curve)
 * and `A x y rx ry from to` (a piece of an ellipse about x y, degrees counter-clockwise; a straight line leads to its start),
 * with `Z` at the end of one that closes. A line with a sharp corner is two.
 *
 * @internal
 */
final class Pen
{
    private const ARC_STEP = 7.5;
    private const CURVE_STEPS = 14;
    /** From this turn on, degrees, a column cannot go round: another one begins. */
    private const CORNER = 40.0;

    /**
     * @param bool $corners whether a line with a corner is taken apart there
     *
     * @return non-empty-list<Stroke>
     */
    public static function lines(string $drawn, bool $corners): array
    {
        $lines = [];
        foreach (explode('|', $drawn) as $one) {
            $closes = str_ends_with(rtrim($one), 'Z');
            $points = self::points(rtrim($one, ' Z'));
            if ($closes || ! $corners) {
                $lines[] = new Stroke($points, $closes);
                continue;
            }
            foreach (self::split($points) as $part) {
                $lines[] = new Stroke($part, false);
            }
        }

        return $lines;
    }

    /** @return non-empty-list<array{float, float}> */
    private static function points(string $drawn): array
    {
        $points = [];
        preg_match_all('/([MLCA])([^MLCA]*)/', $drawn, $found, PREG_SET_ORDER);
        foreach ($found as [, $command, $numbers]) {
            $n = array_map(floatval(...), explode(' ', trim($numbers)));
            $last = $points[count($points) - 1] ?? [0.0, 0.0];
            array_push(
                $points,
                ...match ($command) {
                    'C' => self::curve($last, $n),
                    'A' => self::arc($n),
                    default => [[$n[0], $n[1] ?? 0.0]],
                },
            );
        }

        return self::withoutTwice($points);
    }

    /**
     * @param array{float, float} $from
     * @param list<float>         $n
     *
     * @return list<array{float, float}>
     */
    private static function curve(array $from, array $n): array
    {
        $n = array_pad($n, 6, 0.0);
        $points = [];
        for ($i = 1; $i <= self::CURVE_STEPS; $i++) {
            $t = $i / self::CURVE_STEPS;
            $u = 1 - $t;
            $at = static fn(int $k): float => $u ** 3 * $from[$k] +
                3 * $u * $u * $t * $n[$k] +
                3 * $u * $t * $t * $n[2 + $k] +
                $t ** 3 * $n[4 + $k];
            $points[] = [$at(0), $at(1)];
        }

        return $points;
    }

    /**
     * @param list<float> $n
     *
     * @return list<array{float, float}>
     */
    private static function arc(array $n): array
    {
        [$x, $y, $rx, $ry, $from, $to] = array_pad($n, 6, 0.0);
        $steps = max(2, (int) ceil(abs($to - $from) / self::ARC_STEP));
        $points = [];
        for ($i = 0; $i <= $steps; $i++) {
            $angle = deg2rad($from + (($to - $from) * $i) / $steps);
            $points[] = [$x + $rx * cos($angle), $y + $ry * sin($angle)];
        }

        return $points;
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}> none twice in a row
     */
    private static function withoutTwice(array $points): array
    {
        $kept = [$points[0] ?? [0.0, 0.0]];
        foreach ($points as $point) {
            $last = $kept[count($kept) - 1];
            if (hypot($point[0] - $last[0], $point[1] - $last[1]) > 0.01) {
                $kept[] = $point;
            }
        }

        return $kept;
    }

    /**
     * @param non-empty-list<array{float, float}> $points
     *
     * @return non-empty-list<non-empty-list<array{float, float}>>
     */
    private static function split(array $points): array
    {
        $parts = [];
        $part = [$points[0]];
        foreach (array_slice($points, 1, -1) as $i => $point) {
            $part[] = $point;
            [$before, $after] = [$points[$i], $points[$i + 2]];
            $turn = rad2deg(
                atan2($after[1] - $point[1], $after[0] - $point[0]) -
                    atan2($point[1] - $before[1], $point[0] - $before[0]),
            );
            if (abs(fmod($turn + 540, 360) - 180) > self::CORNER) {
                $parts[] = $part;
                $part = [$point];
            }
        }
        $parts[] = count($points) > 1 ? [...$part, $points[count($points) - 1]] : $part;

        return $parts;
    }
}
