<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Stitch\Point;
use InvalidArgumentException;

/**
 * The opening of a frame through which the needle may sew: a rectangle with rounded corners, or an
 * ellipse (a circle when both sides are equal), about its own middle.
 */
final readonly class Window
{
    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $cornerMm,
        public bool $round,
    ) {}

    /** @param float $cornerMm radius of the corners, 0 to half the shorter side */
    public static function rectangle(float $widthMm, float $heightMm, float $cornerMm = 0.0): self
    {
        self::check($widthMm, $heightMm);

        return new self($widthMm, $heightMm, max(0.0, min($cornerMm, $widthMm / 2, $heightMm / 2)), false);
    }

    public static function ellipse(float $widthMm, float $heightMm): self
    {
        self::check($widthMm, $heightMm);

        return new self($widthMm, $heightMm, 0.0, true);
    }

    public function isCircle(): bool
    {
        return $this->round && $this->widthMm === $this->heightMm;
    }

    /** How far a point, seen from the window's middle, lies inside its edge, mm; below zero outside. */
    public function insideMm(Point $point): float
    {
        $x = abs($point->x);
        $y = abs($point->y);
        if ($this->round) {
            return $this->isCircle() ? $this->widthMm / 2 - hypot($x, $y) : $this->insideEllipse($x, $y);
        }
        $fromCornerX = $x - ($this->widthMm / 2 - $this->cornerMm);
        $fromCornerY = $y - ($this->heightMm / 2 - $this->cornerMm);
        if ($fromCornerX > 0 && $fromCornerY > 0) {
            return $this->cornerMm - hypot($fromCornerX, $fromCornerY);
        }

        return min($this->widthMm / 2 - $x, $this->heightMm / 2 - $y);
    }

    /**
     * Distance to the nearest point of the ellipse, in the first quadrant, by bisection on the angle of
     * that point: along the quarter the foot of the perpendicular is passed exactly once for a point inside.
     */
    private function insideEllipse(float $x, float $y): float
    {
        $a = $this->widthMm / 2;
        $b = $this->heightMm / 2;
        $best = INF;
        // A coarse look first, since outside the foot may be passed more than once.
        $steps = 16;
        $at = 0;
        for ($i = 0; $i <= $steps; $i++) {
            $t = (M_PI_2 * $i) / $steps;
            $d = hypot($a * cos($t) - $x, $b * sin($t) - $y);
            if ($d < $best) {
                [$best, $at] = [$d, $i];
            }
        }
        [$low, $high] = [(M_PI_2 * max(0, $at - 1)) / $steps, (M_PI_2 * min($steps, $at + 1)) / $steps];
        for ($i = 0; $i < 40; $i++) {
            [$t1, $t2] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            if (hypot($a * cos($t1) - $x, $b * sin($t1) - $y) < hypot($a * cos($t2) - $x, $b * sin($t2) - $y)) {
                $high = $t2;
            } else {
                $low = $t1;
            }
        }
        $t = ($low + $high) / 2;
        $distance = hypot($a * cos($t) - $x, $b * sin($t) - $y);

        return ($x / $a) ** 2 + ($y / $b) ** 2 <= 1 ? $distance : -$distance;
    }

    private static function check(float $widthMm, float $heightMm): void
    {
        if ($widthMm <= 0 || $heightMm <= 0) {
            throw new InvalidArgumentException('a window has a width and a height above zero');
        }
    }
}
