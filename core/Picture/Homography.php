<?php

declare(strict_types=1);

namespace Hakama\Picture;

/**
 * From the pixels of a photograph to the plane of the cloth, millimetres, by points whose place on both is known:
 * normalised direct linear transformation, least squares with more than four (Hartley & Zisserman 2004, 4.1 and 4.4).
 */
final readonly class Homography
{
    private const TRIFLE = 1e-14;
    private const STEPS = 12;

    /** @param list<float> $h row by row */
    private function __construct(private array $h) {}

    /** @param list<array{array{float, float}, array{float, float}}> $points pixel and millimetre; four at least, not on a line */
    public static function of(array $points): self
    {
        [$from, $away] = self::normalised(array_column($points, 0));
        [$to, $back] = self::normalised(array_column($points, 1));
        $m = array_fill(0, 9, array_fill(0, 9, 0.0));
        foreach ($from as $i => [$x, $y]) {
            [$u, $v] = $to[$i];
            foreach (
                [
                    [-$x, -$y, -1.0, 0.0, 0.0, 0.0, $u * $x, $u * $y, $u],
                    [0.0, 0.0, 0.0, -$x, -$y, -1.0, $v * $x, $v * $y, $v],
                ] as $row
            ) {
                for ($a = 0; $a < 9; $a++) {
                    for ($b = 0; $b < 9; $b++) {
                        $m[$a][$b] += $row[$a] * $row[$b];
                    }
                }
            }
        }

        return new self(self::times(self::inverse($back), self::times(self::least($m), $away)));
    }

    /**
     * The other way: a place on the plane to where it is seen, as nine figures row by row. Up to a common factor.
     *
     * @return list<float>
     */
    public function back(): array
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->h;

        return [
            $e * $i - $f * $h,
            $c * $h - $b * $i,
            $b * $f - $c * $e,
            $f * $g - $d * $i,
            $a * $i - $c * $g,
            $c * $d - $a * $f,
            $d * $h - $e * $g,
            $b * $g - $a * $h,
            $a * $e - $b * $d,
        ];
    }

    /**
     * @param array{float, float} $px
     *
     * @return array{float, float} mm
     */
    public function map(array $px): array
    {
        $w = $this->depth($px);

        return [
            ($this->h[0] * $px[0] + $this->h[1] * $px[1] + $this->h[2]) / $w,
            ($this->h[3] * $px[0] + $this->h[4] * $px[1] + $this->h[5]) / $w,
        ];
    }

    /**
     * How much of the plane a pixel covers there: mm² a square pixel; below zero where the picture, whose pixels count
     * downwards, is seen from the front, as it should be.
     *
     * @param array{float, float} $px
     */
    public function area(array $px): float
    {
        $h = $this->h;
        $det =
            $h[0] * ($h[4] * $h[8] - $h[5] * $h[7]) -
            $h[1] * ($h[3] * $h[8] - $h[5] * $h[6]) +
            $h[2] * ($h[3] * $h[7] - $h[4] * $h[6]);

        return $det / $this->depth($px) ** 3;
    }

    /**
     * Points on this side of the horizon have one sign, those behind it the other.
     *
     * @param array{float, float} $px
     */
    public function depth(array $px): float
    {
        return $this->h[6] * $px[0] + $this->h[7] * $px[1] + $this->h[8];
    }

    /**
     * About their middle, and at √2 from it on average: without it large pixel numbers drown the small ones.
     *
     * @param list<array{float, float}> $points
     *
     * @return array{list<array{float, float}>, list<float>} the points, and what makes them so
     */
    private static function normalised(array $points): array
    {
        $n = count($points);
        $x = array_sum(array_column($points, 0)) / $n;
        $y = array_sum(array_column($points, 1)) / $n;
        $mean = array_sum(array_map(static fn(array $p): float => hypot($p[0] - $x, $p[1] - $y), $points)) / $n;
        $s = M_SQRT2 / $mean;

        return [
            array_map(static fn(array $p): array => [$s * ($p[0] - $x), $s * ($p[1] - $y)], $points),
            [$s, 0.0, -$s * $x, 0.0, $s, -$s * $y, 0.0, 0.0, 1.0],
        ];
    }

    /**
     * The direction that a symmetric matrix stretches least, by inverse iteration: what is multiplied by the inverse again
     * and again turns into it. A trifle on the diagonal keeps an exact one, whose least stretch is none, invertible.
     *
     * @param array<int, array<int, float>> $m
     *
     * @return list<float>
     */
    private static function least(array $m): array
    {
        $n = count($m);
        $trace = 0.0;
        for ($i = 0; $i < $n; $i++) {
            $trace += $m[$i][$i];
        }
        // Cholesky: the matrix as a lower triangle times its mirror image.
        $low = [];
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $sum = $m[$i][$j] + ($i === $j ? self::TRIFLE * $trace : 0.0);
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $low[$i][$k] * $low[$j][$k];
                }
                $low[$i][$j] = $i === $j ? sqrt(max($sum, self::TRIFLE * self::TRIFLE * $trace)) : $sum / $low[$j][$j];
            }
        }
        // Not at right angles to anything in particular.
        $x = [];
        for ($i = 0; $i < $n; $i++) {
            $x[] = 1.0 + 0.37 * $i;
        }
        for ($step = 0; $step < self::STEPS; $step++) {
            for ($i = 0; $i < $n; $i++) {
                for ($k = 0; $k < $i; $k++) {
                    $x[$i] -= $low[$i][$k] * $x[$k];
                }
                $x[$i] /= $low[$i][$i];
            }
            $length = 0.0;
            for ($i = $n - 1; $i >= 0; $i--) {
                for ($k = $i + 1; $k < $n; $k++) {
                    $x[$i] -= $low[$k][$i] * $x[$k];
                }
                $x[$i] /= $low[$i][$i];
                $length = hypot($length, $x[$i]);
            }
            $x = array_map(static fn(float $one): float => $one / $length, $x);
        }

        return array_values($x);
    }

    /**
     * @param list<float> $a 3 by 3, row by row
     * @param list<float> $b
     *
     * @return list<float>
     */
    private static function times(array $a, array $b): array
    {
        $product = [];
        for ($i = 0; $i < 3; $i++) {
            for ($j = 0; $j < 3; $j++) {
                $product[] = $a[3 * $i] * $b[$j] + $a[3 * $i + 1] * $b[3 + $j] + $a[3 * $i + 2] * $b[6 + $j];
            }
        }

        return $product;
    }

    /**
     * Of what normalises: a scale and a shift.
     *
     * @param list<float> $of
     *
     * @return list<float>
     */
    private static function inverse(array $of): array
    {
        $s = $of[0];

        return [1 / $s, 0.0, -$of[2] / $s, 0.0, 1 / $s, -$of[5] / $s, 0.0, 0.0, 1.0];
    }
}
