<?php

declare(strict_types=1);

namespace Database\Demo;

use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Point;

/**
 * Draws in thread: running lines, satin columns and fills, with underlay, ties and trims where a
 * digitiser would put them. Shapes are lists of points in mm; y grows upwards.
 */
final class Needlework
{
    private const ROW_MM = 0.34;
    private const UNDERLAY_MM = 1.3;
    private const FILL_MM = 2.2;
    private const TIE_MM = 0.6;

    private readonly PatternBuilder $builder;
    private bool $begun = false;

    public function __construct(string $name)
    {
        $this->builder = new PatternBuilder($name);
    }

    public function change(): self
    {
        $this->builder->stop();

        return $this;
    }

    public function pattern(): Pattern
    {
        return $this->builder->pattern();
    }

    /** @param list<Point> $path */
    public function run(array $path, float $stitchMm = 2.4): self
    {
        $this->goTo($path[0]);
        foreach (array_slice($path, 1) as $to) {
            $this->lineTo($to, $stitchMm);
        }

        return $this;
    }

    /**
     * A column of satin along a path.
     *
     * @param list<Point> $path
     */
    public function satin(array $path, float $widthMm, float $stepMm = 0.28): self
    {
        $points = self::resample($path, $stepMm);
        $this->goTo($points[0]);
        // Underlay down the middle and back, so that the column stands up.
        foreach (self::resample($path, 2.2) as $p) {
            $this->sewTo($p);
        }
        foreach (array_reverse($points) as $i => $p) {
            $before = $points[max(0, count($points) - $i - 2)];
            $after = $points[min(count($points) - 1, count($points) - $i)];
            $length = hypot($after->x - $before->x, $after->y - $before->y) ?: 1.0;
            $side = (($i % 2 === 0 ? 1 : -1) * $widthMm) / 2 / $length;
            $this->sewTo(
                new Point($p->x - ($after->y - $before->y) * $side, $p->y + ($after->x - $before->x) * $side),
            );
        }

        return $this;
    }

    /**
     * A fill of rows at an angle. Where the shape parts, each part is sewn by itself.
     *
     * @param list<Point> $shape closed
     */
    public function fill(array $shape, float $degrees, float $rowMm = self::ROW_MM): self
    {
        // A sparse layer the other way first: it holds the cloth still for the rows above it.
        return $this->rows($shape, $degrees + 90, self::UNDERLAY_MM)->rows($shape, $degrees, $rowMm);
    }

    /** @param list<Point> $shape */
    private function rows(array $shape, float $degrees, float $rowMm): self
    {
        $turned = array_map(static fn(Point $p): Point => self::turn($p, -$degrees), $shape);
        foreach (self::columns($turned, $rowMm) as $column) {
            $forth = true;
            foreach ($column as $row => [$left, $right, $y]) {
                [$from, $to] = $forth ? [$left, $right] : [$right, $left];
                $start = self::turn(new Point($from, $y), $degrees);
                $row === 0 ? $this->goTo($start) : $this->sewTo($start);
                // Rows are staggered by thirds, so that needle points do not line up into a furrow.
                $offset = self::FILL_MM * (($row % 3) / 3);
                $step = $to > $from ? self::FILL_MM : -self::FILL_MM;
                for (
                    $x = $from + ($to > $from ? $offset : -$offset);
                    ($to - $x) * $step > 0.5 * abs($step);
                    $x += $step
                ) {
                    if (abs($x - $from) > 0.5) {
                        $this->sewTo(self::turn(new Point($x, $y), $degrees));
                    }
                }
                $this->sewTo(self::turn(new Point($to, $y), $degrees));
                $forth = ! $forth;
            }
        }

        return $this;
    }

    /** @return list<Point> a circle or part of one, counter-clockwise from the right */
    public static function arc(
        float $x,
        float $y,
        float $radius,
        float $fromDegrees = 0,
        float $toDegrees = 360,
        ?float $radiusY = null,
    ): array {
        $points = [];
        $steps = max(8, (int) ceil(abs($toDegrees - $fromDegrees) / 5));
        for ($i = 0; $i <= $steps; $i++) {
            $t = deg2rad($fromDegrees + (($toDegrees - $fromDegrees) * $i) / $steps);
            $points[] = new Point($x + $radius * cos($t), $y + ($radiusY ?? $radius) * sin($t));
        }

        return $points;
    }

    /** @return list<Point> a smooth wave from left to right */
    public static function wave(
        float $left,
        float $right,
        float $y,
        float $height,
        float $length,
        float $phase = 0,
    ): array {
        $points = [];
        for ($x = $left; $x <= $right; $x += 1.0) {
            $points[] = new Point($x, $y + $height * sin((2 * M_PI * ($x - $left)) / $length + $phase));
        }

        return $points;
    }

    /**
     * @param list<array{float, float}> $xys
     *
     * @return list<Point>
     */
    public static function shape(array $xys): array
    {
        return array_map(static fn(array $xy): Point => new Point($xy[0], $xy[1]), $xys);
    }

    /** Cuts, moves and ties in. */
    private function goTo(Point $p): void
    {
        [$x, $y] = [(int) round($p->x * 10), (int) round($p->y * 10)];
        $near = hypot($x - $this->builder->x(), $y - $this->builder->y()) < 25;
        if (! $this->begun) {
            for ($i = 1; $i <= 2; $i++) {
                $this->builder->jumpTo((int) round(($x * $i) / 2), (int) round(($y * $i) / 2));
            }
        } elseif (! $near) {
            $this->builder->trimTo(
                $x,
                $y,
                max(3, (int) ceil(max(abs($x - $this->builder->x()), abs($y - $this->builder->y())) / 115)),
            );
        } else {
            $this->builder->stitchTo($x, $y);
        }
        if (! $this->begun || ! $near) {
            $tie = (int) round(self::TIE_MM * 10);
            $this->builder->stitchTo($x + $tie, $y)->stitchTo($x, $y);
        }
        $this->begun = true;
    }

    private function sewTo(Point $p): void
    {
        [$x, $y] = [(int) round($p->x * 10), (int) round($p->y * 10)];
        if (abs($x - $this->builder->x()) + abs($y - $this->builder->y()) > 1) {
            $this->builder->stitchTo($x, $y);
        }
    }

    private function lineTo(Point $to, float $stitchMm): void
    {
        $from = new Point($this->builder->x() / 10, $this->builder->y() / 10);
        $steps = max(1, (int) ceil(hypot($to->x - $from->x, $to->y - $from->y) / $stitchMm));
        for ($i = 1; $i <= $steps; $i++) {
            $this->sewTo(
                new Point(
                    $from->x + (($to->x - $from->x) * $i) / $steps,
                    $from->y + (($to->y - $from->y) * $i) / $steps,
                ),
            );
        }
    }

    private static function turn(Point $p, float $degrees): Point
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return new Point($p->x * $cos - $p->y * $sin, $p->x * $sin + $p->y * $cos);
    }

    /**
     * @param list<Point> $path
     *
     * @return non-empty-list<Point> evenly spaced
     */
    private static function resample(array $path, float $stepMm): array
    {
        $points = [$path[0]];
        $left = $stepMm;
        for ($i = 1; $i < count($path); $i++) {
            [$a, $b] = [$path[$i - 1], $path[$i]];
            $length = hypot($b->x - $a->x, $b->y - $a->y);
            $at = $left;
            for (; $at <= $length; $at += $stepMm) {
                $points[] = new Point(
                    $a->x + (($b->x - $a->x) * $at) / $length,
                    $a->y + (($b->y - $a->y) * $at) / $length,
                );
            }
            $left = $length > 0 ? $at - $length : $left;
        }

        return $points;
    }

    /**
     * The shape cut into rows, and rows that lie over one another gathered into columns.
     *
     * @param list<Point> $shape
     *
     * @return list<list<array{float, float, float}>> [left, right, y] per row
     */
    private static function columns(array $shape, float $rowMm): array
    {
        $ys = array_map(static fn(Point $p): float => $p->y, $shape);
        $done = $open = [];
        for ($y = min($ys) + $rowMm / 2; $y < max($ys); $y += $rowMm) {
            $next = [];
            foreach (self::cuts($shape, $y) as [$left, $right]) {
                foreach ($open as $i => $column) {
                    [$l, $r] = $column[count($column) - 1];
                    if ($left < $r && $right > $l) {
                        $next[] = [...$column, [$left, $right, $y]];
                        unset($open[$i]);
                        continue 2;
                    }
                }
                $next[] = [[$left, $right, $y]];
            }
            $done = [...$done, ...array_values($open)];
            $open = $next;
        }

        return [...$done, ...$open];
    }

    /**
     * @param list<Point> $shape
     *
     * @return list<array{float, float}> where a level line lies inside
     */
    private static function cuts(array $shape, float $y): array
    {
        $xs = [];
        foreach ($shape as $i => $a) {
            $b = $shape[($i + 1) % count($shape)];
            if ($a->y <= $y !== $b->y <= $y) {
                $xs[] = $a->x + (($b->x - $a->x) * ($y - $a->y)) / ($b->y - $a->y);
            }
        }
        sort($xs);
        $cuts = [];
        for ($i = 0; $i + 1 < count($xs); $i += 2) {
            if ($xs[$i + 1] - $xs[$i] > 0.8) {
                $cuts[] = [$xs[$i], $xs[$i + 1]];
            }
        }

        return $cuts;
    }
}
