<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit\Internal;

use Hakama\Machine\Window;
use Hakama\Stitch\Point;

/**
 * Where to put a shape in a window so that its tightest point is as far from the edge as can be.
 *
 * The distance to the edge of a convex window is concave, and so is the least of several: a search by
 * thirds, one axis inside the other, finds the greatest without getting stuck.
 *
 * @internal
 */
final class BestCentre
{
    private const STEPS = 24;

    /** @param non-empty-list<Point> $points the corners of the shape, about the middle of its box */
    public static function of(array $points, Window $window): Point
    {
        if (self::isBox($points)) {
            // It is symmetrical both ways, and so is every window.
            return new Point(0.0, 0.0);
        }
        if ($window->isCircle()) {
            $middle = EnclosingCircle::of($points)->middle;

            return new Point(-$middle->x, -$middle->y);
        }
        $box = new Point(0.0, 0.0);
        if (! $window->round && self::clear($points, $window, $box) >= self::clearOfSides($points, $window) - 1e-9) {
            return $box;
        }
        $x = self::highest(
            static fn(float $x): float => self::clear(
                $points,
                $window,
                new Point($x, self::bestY($points, $window, $x)),
            ),
            $window->widthMm / 4,
        );

        return new Point($x, self::bestY($points, $window, $x));
    }

    /** @param non-empty-list<Point> $points about the middle of their box, in the sense round */
    private static function isBox(array $points): bool
    {
        if (count($points) !== 4) {
            return false;
        }
        [$a, $b, $c, $d] = $points;
        $isSame = static fn(float $one, float $other): bool => abs($one - $other) < 1e-9;

        return ($isSame($a->x, $b->x) && $isSame($c->x, $d->x) && $isSame($b->y, $c->y) && $isSame($d->y, $a->y))
            || ($isSame($a->y, $b->y) && $isSame($c->y, $d->y) && $isSame($b->x, $c->x) && $isSame($d->x, $a->x));
    }

    /** @param list<Point> $points */
    private static function bestY(array $points, Window $window, float $x): float
    {
        return self::highest(
            static fn(float $y): float => self::clear($points, $window, new Point($x, $y)),
            $window->heightMm / 4,
        );
    }

    /** @param callable(float): float $height concave */
    private static function highest(callable $height, float $reach): float
    {
        [$low, $high] = [-$reach, $reach];
        for ($i = 0; $i < self::STEPS; $i++) {
            [$a, $b] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            if ($height($a) < $height($b)) {
                $low = $a;
            } else {
                $high = $b;
            }
        }

        return ($low + $high) / 2;
    }

    /** @param list<Point> $points */
    private static function clear(array $points, Window $window, Point $centre): float
    {
        $least = INF;
        foreach ($points as $point) {
            $least = min($least, $window->insideMm($point->moved($centre->x, $centre->y)));
        }

        return $least;
    }

    /**
     * What could at best be had from a rectangle whose corners were not rounded.
     *
     * @param non-empty-list<Point> $points about the middle of their box
     */
    private static function clearOfSides(array $points, Window $window): float
    {
        $x = max(array_map(static fn(Point $p): float => abs($p->x), $points));
        $y = max(array_map(static fn(Point $p): float => abs($p->y), $points));

        return min($window->widthMm / 2 - $x, $window->heightMm / 2 - $y);
    }
}
