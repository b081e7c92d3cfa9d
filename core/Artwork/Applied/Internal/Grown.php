<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied\Internal;

use Hakama\Stitch\Point;

/**
 * An outline grown by a distance all round, whatever bays and corners it has: the distance to it is worked out on a grid
 * (exact Euclidean distance transform, Felzenszwalb & Huttenlocher 2012), and the line of equal distance is drawn through
 * it (marching squares). Rounded outwards, so that nothing comes nearer to the edge than was asked.
 *
 * @internal
 */
final readonly class Grown
{
    private const FINE_MM = 0.4;
    private const MOST_CELLS = 90_000;
    private const FAR = 1e12;

    /**
     * @param list<Point> $outline  closed
     * @param list<Point> $also     points that have to lie as far inside
     *
     * @return list<Point> closed, counter-clockwise or not as it comes
     */
    public static function of(array $outline, array $also, float $byMm): array
    {
        $all = [...$outline, ...$also];
        $xs = array_map(static fn(Point $p): float => $p->x, $all);
        $ys = array_map(static fn(Point $p): float => $p->y, $all);
        if ($xs === [] || $ys === []) {
            return [];
        }
        [$left, $bottom] = [min($xs) - $byMm, min($ys) - $byMm];
        [$width, $height] = [max($xs) + $byMm - $left, max($ys) + $byMm - $bottom];
        $cell = max(self::FINE_MM, sqrt(($width * $height) / self::MOST_CELLS));
        [$left, $bottom] = [$left - 3 * $cell, $bottom - 3 * $cell];
        [$columns, $rows] = [(int) ceil($width / $cell) + 7, (int) ceil($height / $cell) + 7];

        $grid = array_fill(0, $rows, array_fill(0, $columns, self::FAR));
        foreach (self::filled($outline, $left, $bottom, $cell, $columns, $rows) as [$column, $row]) {
            $grid[$row][$column] = 0.0;
        }
        foreach ([...self::sampled($outline, $cell / 2), ...$also] as $p) {
            $grid[(int) round(($p->y - $bottom) / $cell)][(int) round(($p->x - $left) / $cell)] = 0.0;
        }
        // A point is off its grid point by half a cell's diagonal at most.
        $reach = $byMm / $cell + M_SQRT1_2;

        return array_map(
            static fn(array $at): Point => new Point($left + $at[0] * $cell, $bottom + $at[1] * $cell),
            self::contour(self::distances(array_map(array_values(...), $grid)), $reach),
        );
    }

    /**
     * @param list<Point> $outline
     *
     * @return iterable<array{int, int}> grid points inside
     */
    private static function filled(
        array $outline,
        float $left,
        float $bottom,
        float $cell,
        int $columns,
        int $rows,
    ): iterable {
        $count = count($outline);
        for ($row = 0; $row < $rows; $row++) {
            $y = $bottom + $row * $cell;
            $crossings = [];
            foreach ($outline as $i => $a) {
                $b = $outline[($i + 1) % $count];
                if ($a->y <= $y !== $b->y <= $y) {
                    $crossings[] = $a->x + (($y - $a->y) * ($b->x - $a->x)) / ($b->y - $a->y);
                }
            }
            sort($crossings);
            for ($i = 0; $i + 1 < count($crossings); $i += 2) {
                $from = max(0, (int) ceil(($crossings[$i] - $left) / $cell));
                $to = min($columns - 1, (int) floor(($crossings[$i + 1] - $left) / $cell));
                for ($column = $from; $column <= $to; $column++) {
                    yield [$column, $row];
                }
            }
        }
    }

    /**
     * @param list<Point> $outline
     *
     * @return list<Point>
     */
    private static function sampled(array $outline, float $step): array
    {
        $points = [];
        foreach ($outline as $i => $a) {
            $b = $outline[($i + 1) % count($outline)];
            $parts = max(1, (int) ceil($a->distanceTo($b) / $step));
            for ($k = 0; $k < $parts; $k++) {
                $points[] = new Point($a->x + (($b->x - $a->x) * $k) / $parts, $a->y + (($b->y - $a->y) * $k) / $parts);
            }
        }

        return $points;
    }

    /**
     * @param list<list<float>> $grid 0 inside, far outside
     *
     * @return list<list<float>> distance to the nearest that is inside, in cells
     */
    private static function distances(array $grid): array
    {
        $rows = array_map(self::along(...), $grid);
        $columns = [];
        foreach (array_keys($rows[0] ?? []) as $column) {
            $columns[] = self::along(array_column($rows, $column));
        }
        $distances = [];
        foreach (array_keys($rows) as $row) {
            $distances[] = array_map(sqrt(...), array_column($columns, $row));
        }

        return $distances;
    }

    /**
     * The lower envelope of parabolas over one line of the grid.
     *
     * @param list<float> $f
     *
     * @return list<float>
     */
    private static function along(array $f): array
    {
        $n = count($f);
        [$v, $z, $k] = [[0], [-INF, INF], 0];
        for ($q = 1; $q < $n; $q++) {
            if ($f[$q] >= self::FAR && $f[$v[$k]] >= self::FAR) {
                continue;
            }
            do {
                $p = $v[$k];
                $s = ($f[$q] + $q * $q - ($f[$p] + $p * $p)) / (2 * $q - 2 * $p);
            } while ($s <= $z[$k] && --$k > -1);
            $k++;
            $v[$k] = $q;
            $z[$k] = $s;
            $z[$k + 1] = INF;
        }
        $d = [];
        $k = 0;
        for ($q = 0; $q < $n; $q++) {
            while ($z[$k + 1] < $q) {
                $k++;
            }
            $d[] = ($q - $v[$k]) ** 2 + $f[$v[$k]];
        }

        return $d;
    }

    /**
     * The longest closed line of equal distance.
     *
     * @param list<list<float>> $d
     *
     * @return list<array{float, float}> in cells
     */
    private static function contour(array $d, float $level): array
    {
        $next = $at = [];
        for ($row = 0; $row + 1 < count($d); $row++) {
            for ($column = 0; $column + 1 < count($d[$row]); $column++) {
                $a = $d[$row][$column];
                $b = $d[$row][$column + 1];
                $c = $d[$row + 1][$column + 1];
                $e = $d[$row + 1][$column];
                $which =
                    ($a <= $level ? 1 : 0) | ($b <= $level ? 2 : 0) | ($c <= $level ? 4 : 0) | ($e <= $level ? 8 : 0);
                if ($which === 0 || $which === 15) {
                    continue;
                }
                $sides = [
                    'b' => ["h {$column} {$row}", $column + self::share($a, $b, $level), (float) $row],
                    'r' => [
                        'v '.($column + 1)." {$row}",
                        (float) ($column + 1),
                        $row + self::share($b, $c, $level),
                    ],
                    't' => ["h {$column} ".($row + 1), $column + self::share($e, $c, $level), (float) ($row + 1)],
                    'l' => ["v {$column} {$row}", (float) $column, $row + self::share($a, $e, $level)],
                ];
                // From side to side with what is within on the left.
                foreach (self::WAYS[$which] as [$from, $to]) {
                    $next[$sides[$from][0]] = $sides[$to][0];
                    $at[$sides[$from][0]] = [$sides[$from][1], $sides[$from][2]];
                }
            }
        }
        $longest = [];
        while ($next !== []) {
            $line = [];
            for ($key = array_key_first($next); isset($next[$key]); $key = $then) {
                $line[] = $at[$key];
                $then = $next[$key];
                unset($next[$key]);
            }
            $longest = count($line) > count($longest) ? $line : $longest;
        }

        return $longest;
    }

    private static function share(float $from, float $to, float $level): float
    {
        return $from === $to ? 0.5 : max(0.0, min(1.0, ($level - $from) / ($to - $from)));
    }

    /** Which corners of a cell lie within => from which side to which the line runs. */
    private const WAYS = [
        1 => [['b', 'l']],
        2 => [['r', 'b']],
        3 => [['r', 'l']],
        4 => [['t', 'r']],
        5 => [['b', 'l'], ['t', 'r']],
        6 => [['t', 'b']],
        7 => [['t', 'l']],
        8 => [['l', 't']],
        9 => [['b', 't']],
        10 => [['r', 'b'], ['l', 't']],
        11 => [['r', 't']],
        12 => [['l', 'r']],
        13 => [['b', 'r']],
        14 => [['l', 'b']],
    ];
}
