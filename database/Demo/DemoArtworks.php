<?php

declare(strict_types=1);

namespace Database\Demo;

use Database\Demo\Needlework as N;
use Hakama\House\HouseRules;
use Hakama\Stitch\Copies\Copies;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;

/**
 * The artworks of the demo shop, drawn by our own hand: eight, a cap version of one, two with applied cloth, a badge
 * and its sheet.
 */
final class DemoArtworks
{
    /** @return array<string, array{Pattern, list<string>}> name => the pattern, and a thread code per block */
    public static function all(): array
    {
        return [
            'Ferry roundel' => [self::ferry(), ['D-12', 'D-31', 'D-03', 'D-17']],
            'Seed sprig' => [self::sprig(), ['D-20', 'D-23', 'D-08']],
            'Paddle mark' => [self::paddles(), ['D-28', 'D-06', 'D-12']],
            'Loaf and moon' => [self::loaf(), ['D-14', 'D-28', 'D-07', 'D-05']],
            'Lantern row' => [self::lanterns(), ['D-30', 'D-05', 'D-09', 'D-07', 'D-26', 'D-03']],
            'Ringers’ bell' => [self::bell(), ['D-27', 'D-29', 'D-02']],
            'Lake panorama' => [self::panorama(), ['D-16', 'D-13', 'D-22', 'D-24', 'D-07', 'D-01']],
            'Reed stalk' => [self::reed(), ['D-61', 'D-63']],
            'Ringers’ bell, cap' => [self::capBell(), ['D-27', 'D-29', 'D-02']],
            'Applied leaf' => [self::appliedLeaf(), ['D-20', 'D-20', 'D-23', 'D-14']],
            'Harbour at dusk' => [
                self::harbour(),
                ['D-14', 'D-14', 'D-05', 'D-20', 'D-20', 'D-23', 'D-12', 'D-12', 'D-03'],
            ],
            'Ferry badge' => [self::badge(), ['D-12', 'D-03', 'D-17']],
            'Ferry badge, sheet of 6' => [self::badgeSheet(), ['D-12', 'D-03', 'D-17']],
        ];
    }

    private static function ferry(): Pattern
    {
        $n = new N('FERRY');
        $n->fill(N::arc(0, 0, 29), 25);
        $n->change();
        foreach ([-6, -12, -18] as $i => $y) {
            $half = sqrt(26 ** 2 - ($y - 2) ** 2) - 2;
            $n->satin(N::wave(-$half, $half, $y, 1.6, 14, $i), 2.6);
        }
        $n->change();
        $n->fill(N::shape([[-18, 2], [18, 2], [13, -4], [-13, -4]]), 0);
        $n->fill(N::shape([[-9, 3], [9, 3], [9, 9], [-9, 9]]), 90);
        $n->satin(N::shape([[0, 9], [0, 20]]), 1.8);
        $n->change();
        $n->satin(N::arc(0, 0, 31, 90, 450), 3.4);
        $n->fill(N::shape([[1, 19], [11, 16], [1, 12]]), 30);

        return $n->pattern();
    }

    private static function sprig(): Pattern
    {
        $n = new N('SPRIG');
        $n->satin(N::shape([[0, -30], [1, -15], [-1, 0], [2, 15], [0, 28]]), 1.6);
        $n->change();
        foreach ([-20, -9, 2, 13] as $i => $y) {
            foreach ([1, -1] as $side) {
                $n->fill(self::leaf(0, $y, 20 - 2.5 * $i, $side * (28 + 3 * $i), $side), $side * 35);
            }
        }
        $n->change();
        foreach ([[0, 33], [-5, 29], [5, 29]] as [$x, $y]) {
            $n->fill(N::arc($x, $y, 4.4), 45);
        }

        return $n->pattern();
    }

    private static function paddles(): Pattern
    {
        $n = new N('PADDLES');
        foreach ([1, -1] as $side) {
            $n->satin(N::shape([[-22 * $side, -18], [20 * $side, 16]]), 2.4);
        }
        $n->change();
        foreach ([1, -1] as $side) {
            $n->fill(N::shape([[20 * $side, 12], [36 * $side, 24], [33 * $side, 29], [16 * $side, 18]]), $side * 40);
        }
        $n->change();
        $n->fill(N::shape([[-34, -20], [34, -20], [26, -29], [-26, -29]]), 0);

        return $n->pattern();
    }

    private static function loaf(): Pattern
    {
        $n = new N('LOAF');
        $n->fill(N::arc(0, 0, 34), 90);
        $n->change();
        $n->fill([...N::arc(-2, -8, 22, 0, 180, 15), new Point(-24, -16), new Point(20, -16)], 10);
        $n->change();
        $n->fill([...N::arc(12, 20, 8, 100, 300), ...N::arc(15, 20, 6.4, 290, 110)], 60);
        $n->change();
        foreach ([-14, -4, 6] as $x) {
            $n->satin(N::shape([[$x, -6], [$x + 7, 4]]), 2.2);
        }

        return $n->pattern();
    }

    private static function lanterns(): Pattern
    {
        $n = new N('LANTERN');
        $at = [[0, 6, 12], [-27, 0, 10], [27, 0, 10]];
        $n->run([...N::arc(0, 62, 52, 240, 300)], 2.6);
        foreach ([0, -27, 27] as $x) {
            $n->satin(N::shape([[$x, 18], [$x, 10]]), 1.4);
        }
        $n->change();
        foreach ($at as [$x, $y, $r]) {
            $n->fill(N::arc($x, $y - 6, $r, 0, 360, $r * 1.25), 0);
        }
        foreach ([3, 2, 1] as $ring) {
            $n->change();
            foreach ($at as [$x, $y, $r]) {
                foreach ([1, -1] as $side) {
                    $n->satin(N::arc($x, $y - 6, ($r * $ring) / 3.6, 90, 90 + $side * 180, $r * 1.2), 1.7);
                }
            }
        }
        $n->change();
        foreach ($at as [$x, $y, $r]) {
            $n->satin(N::shape([[$x - $r * 0.55, $y - 6 + $r * 1.2], [$x + $r * 0.55, $y - 6 + $r * 1.2]]), 2.6);
            $n->satin(N::shape([[$x - $r * 0.55, $y - 6 - $r * 1.2], [$x + $r * 0.55, $y - 6 - $r * 1.2]]), 2.6);
        }

        return $n->pattern();
    }

    private static function bell(): Pattern
    {
        $n = new N('BELL');
        $n->fill(
            N::shape([[-20, -18], [-14, -8], [-11, 8], [-6, 17], [0, 20], [6, 17], [11, 8], [14, -8], [20, -18]]),
            90,
        );
        $n->change();
        $n->satin(N::shape([[-22, -19], [22, -19]]), 3.4);
        $n->satin(N::shape([[-13, -4], [13, -4]]), 1.8);
        $n->fill(N::arc(0, -24, 4), 0);
        $n->change();
        $n->satin(N::arc(0, 23, 4, 0, 360), 2.0);

        return $n->pattern();
    }

    /** The bell for a cap: lower, from the middle outwards and from the bill upwards. */
    private static function capBell(): Pattern
    {
        $n = new N('BELLCAP');
        $n->fill(N::shape([[-5, -14], [5, -14], [5, 15], [-5, 15]]), 90);
        foreach ([1, -1] as $side) {
            $n->fill(
                N::shape([[5 * $side, -14], [16 * $side, -14], [11 * $side, -6], [9 * $side, 6], [5 * $side, 15]]),
                90,
            );
        }
        $n->change();
        $n->fill(N::arc(0, -19, 3.4), 0);
        foreach ([1, -1] as $side) {
            $n->satin(N::shape([[0, -15], [18 * $side, -15]]), 3.0);
        }
        $n->change();
        $n->satin(N::arc(0, 18, 3.2, 0, 360), 1.8);

        return $n->pattern();
    }

    /** A leaf of cloth laid on: placement line, tack-down, cover and a vein. */
    private static function appliedLeaf(): Pattern
    {
        $edge = [...self::leaf(-30, -12, 64, 22, 1)];
        $edge[] = $edge[0];
        $n = new N('LEAF');
        $n->run($edge, 2.4)->change()->run($edge, 2.4)->change()->satin($edge, 3.2, 0.3)->change();
        $n->satin(N::shape([[-26, -10.5], [-4, -1.5], [24, 9.8]]), 1.6);
        foreach ([[-14, -5.6, -8, 2.6], [0, 0, 5, 6.8], [-8, -3, 2, -6], [6, 2.4, 15, -0.6]] as [$x, $y, $toX, $toY]) {
            $n->satin(N::shape([[$x, $y], [$toX, $toY]]), 1.2);
        }

        return $n->pattern();
    }

    /** Three cloths laid on, none near another: the sun, a hill, a boat; each with its line, tack-down and cover. */
    private static function harbour(): Pattern
    {
        $n = new N('HARBOUR');
        $shapes = [
            N::arc(34, 34, 17),
            N::shape([[-58, -6], [-40, 22], [-24, 30], [-8, 16], [4, -6], [-58, -6]]),
            N::shape([[-30, -22], [44, -22], [30, -44], [-18, -44], [-30, -22]]),
        ];
        foreach ($shapes as $i => $edge) {
            if ($i > 0) {
                $n->change();
            }
            $n->run($edge, 2.4)->change()->run($edge, 2.4)->change()->satin($edge, 3.2, 0.3);
        }

        return $n->pattern();
    }

    /** A badge to be cut out: filled, and its border sewn last. */
    private static function badge(): Pattern
    {
        $n = new N('BADGE');
        $n->fill(N::arc(0, 0, 20), 25);
        $n->change();
        $n->fill(N::shape([[-12, -2], [12, -2], [8, -8], [-8, -8]]), 0);
        $n->fill(N::shape([[0, 1], [0, 14], [8, 2]]), 90);
        $n->change();
        $n->satin(N::arc(0, 0, 20.6, 90, 450), 3.6);

        return $n->pattern();
    }

    private static function badgeSheet(): Pattern
    {
        $badge = self::badge();

        return Copies::of(
            $badge,
            PatternFigures::of($badge, HouseRules::of()->measuring())->bounds,
            Grid::of(3, 2, 5.0),
            3,
        )->regrouped();
    }

    private static function panorama(): Pattern
    {
        $n = new N('PANORAMA');
        $n->fill(N::shape([[-108, -6], [108, -6], [108, -52], [-108, -52]]), 0, 0.27);
        $n->change();
        foreach (range(0, 10) as $i) {
            $n->satin(N::wave(-100 + 4 * ($i % 3), 100 - 5 * ($i % 2), -10 - 4.0 * $i, 1.0, 26, $i), 1.9);
        }
        $n->change();
        $n->fill(N::shape([[-108, -4], [-84, 22], [-62, 8], [-34, 38], [-6, 6], [10, -4]]), 30, 0.27);
        $n->change();
        $n->fill(N::shape([[-4, -4], [24, 26], [40, 14], [66, 44], [92, 16], [108, -4]]), -25, 0.27);
        $n->change();
        $n->fill(N::arc(6, 44, 13), 45);
        foreach (range(0, 11) as $i) {
            $t = deg2rad(30 * $i);
            $n->satin(N::shape([[6 + 16 * cos($t), 44 + 16 * sin($t)], [6 + 22 * cos($t), 44 + 22 * sin($t)]]), 1.8);
        }
        $n->change();
        foreach ([[-58, -18], [-8, -30], [44, -20]] as [$x, $y]) {
            $n->fill(N::shape([[$x - 12, $y], [$x + 12, $y], [$x + 8, $y - 5], [$x - 8, $y - 5]]), 0);
            $n->fill(N::shape([[$x, $y + 2], [$x, $y + 18], [$x + 10, $y + 3]]), 90);
        }

        return $n->pattern();
    }

    private static function reed(): Pattern
    {
        $n = new N('REED');
        foreach ([0, -8, 8, -16, 16] as $i => $x) {
            $n->satin(N::shape([[$x / 2, -28], [$x, 6 + 2 * $i]]), 1.8);
        }
        $n->change();
        foreach ([0, -8, 8, -16, 16] as $i => $x) {
            $n->fill(N::arc($x, 17 + 2 * $i, 3.2, 0, 360, 11), 90);
        }

        return $n->pattern();
    }

    /** @return list<Point> */
    private static function leaf(float $x, float $y, float $length, float $degrees, int $side): array
    {
        $points = [];
        $direction = deg2rad($side > 0 ? $degrees : 180 + $degrees);
        foreach ([1, -1] as $half) {
            $edge = [];
            for ($i = 0; $i <= 10; $i++) {
                $along = ($length * $i) / 10;
                $out = $half * $length * 0.2 * sin((M_PI * $i) / 10);
                $edge[] = new Point(
                    $x + $along * cos($direction) - $out * sin($direction),
                    $y + $along * sin($direction) + $out * cos($direction),
                );
            }
            $points = [...$points, ...$half === 1 ? $edge : array_reverse($edge)];
        }

        return $points;
    }
}
