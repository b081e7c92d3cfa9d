<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied\Internal;

use Hakama\Stitch\Point;

/**
 * The outline that several lines make between them: two sides and the bottom are a pocket, in whatever order and direction
 * they were sewn. Of all ways round the one with the shortest gaps, tried one by one.
 *
 * @internal
 */
final readonly class WayRound
{
    /** Of more lines than these the order of sewing is taken: seven have 46 080 ways round. */
    private const MOST_LINES = 6;
    /** A fill goes to and fro and is many times as long as the way round it; a line sewn there and back is twice. */
    private const MOST_ROUNDS = 2.5;

    /**
     * @param list<non-empty-list<Point>> $runs
     *
     * @return ($runs is non-empty-list ? non-empty-list<Point> : list<Point>) closed, mm
     */
    public static function of(array $runs): array
    {
        if (count($runs) < 2 || count($runs) > self::MOST_LINES) {
            return array_merge(...$runs);
        }
        [, $best] = self::shortest(array_slice($runs, 1), [$runs[0]], 0.0, [INF, $runs]);

        return array_merge(...$best);
    }

    /**
     * Whether they are lines to lay something by, and no fill.
     *
     * @param list<non-empty-list<Point>> $runs
     */
    public static function isLines(array $runs): bool
    {
        $points = array_merge(...$runs);
        if (count($points) < 2) {
            return false;
        }
        $xs = array_map(static fn(Point $p): float => $p->x, $points);
        $ys = array_map(static fn(Point $p): float => $p->y, $points);
        $sewn = 0.0;
        foreach ($runs as $run) {
            foreach (array_slice($run, 1) as $i => $p) {
                $sewn += $p->distanceTo($run[$i]);
            }
        }

        return $sewn > 0.0 && $sewn <= self::MOST_ROUNDS * 2 * (max($xs) - min($xs) + max($ys) - min($ys));
    }

    /**
     * @param list<non-empty-list<Point>>                      $left not on the way yet
     * @param non-empty-list<non-empty-list<Point>>            $way
     * @param array{float, list<non-empty-list<Point>>} $best gaps of the best way so far, and that way
     *
     * @return array{float, list<non-empty-list<Point>>}
     */
    private static function shortest(array $left, array $way, float $gaps, array $best): array
    {
        $at = self::end($way[count($way) - 1]);
        if ($left === []) {
            $gaps += $at->distanceTo($way[0][0]);

            return $gaps < $best[0] - 1e-9 ? [$gaps, $way] : $best;
        }
        foreach ($left as $i => $run) {
            $others = $left;
            array_splice($others, $i, 1);
            foreach ([$run, array_reverse($run)] as $turned) {
                $so = $gaps + $at->distanceTo($turned[0]);
                if ($so < $best[0]) {
                    $best = self::shortest($others, [...$way, $turned], $so, $best);
                }
            }
        }

        return $best;
    }

    /** @param non-empty-list<Point> $run */
    private static function end(array $run): Point
    {
        return $run[count($run) - 1];
    }
}
