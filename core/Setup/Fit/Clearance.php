<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Machine\FrameSpec;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;

/** A design moved and turned by hand in its frame: what is left to the window's edge then. */
final readonly class Clearance
{
    /**
     * @param ConvexHull $placed  the design as it would lie, from the window's middle
     * @param float      $leastMm from its tightest point to the edge; below zero it does not go in
     * @param Slack      $slack   between its box and the window's box
     */
    private function __construct(public ConvexHull $placed, public float $leastMm, public Slack $slack) {}

    /**
     * @param float $deg     counter-clockwise, besides the turn
     * @param float $rightMm of the design's middle from the window's
     * @param float $upMm    the same
     */
    public static function of(ConvexHull $hull, FrameSpec $frame, Turn $turn, float $deg, float $rightMm, float $upMm): self
    {
        $turned = $hull->turned($turn);
        $middle = $turned->bounds()->centre();
        [$cos, $sin] = [cos(deg2rad($deg)), sin(deg2rad($deg))];
        $points = array_map(static function (Point $p) use ($middle, $cos, $sin, $rightMm, $upMm): Point {
            [$x, $y] = [$p->x - $middle->x, $p->y - $middle->y];

            return new Point($x * $cos - $y * $sin + $rightMm, $x * $sin + $y * $cos + $upMm);
        }, $turned->points);
        $placed = ConvexHull::of($points);
        $box = $placed->bounds();
        [$halfWidth, $halfHeight] = [$frame->window->widthMm / 2, $frame->window->heightMm / 2];

        return new self(
            $placed,
            min(array_map($frame->window->insideMm(...), $placed->points)),
            new Slack(
                $halfWidth + $box->left,
                $halfWidth - $box->right,
                $halfHeight - $box->top,
                $halfHeight + $box->bottom,
            ),
        );
    }
}
