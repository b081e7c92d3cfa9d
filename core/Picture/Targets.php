<?php

declare(strict_types=1);

namespace Hakama\Picture;

use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;

/**
 * Four targets printed round the cross of a template or sticker, so that a picture of it can be measured: a disc, in it
 * a white ring, in that a dot. The lines through opposite ones meet in the cross, from wherever they are seen; the upper
 * one is further away from it than the lower one, so that up is known without a letter.
 */
final readonly class Targets
{
    public const RADIUS_MM = 5.0;
    /** The white ring lies between these shares of the radius. */
    public const RING = [0.4, 0.72];
    /** The upper one is so many times as far from the cross as the lower one. */
    public const UP = 1.6;
    private const CLEAR_MM = 14.0;

    /** @param array{Point, Point, Point, Point} $places upper, right, lower, left, from the cross, mm */
    private function __construct(public array $places) {}

    /** Clear of a design whose middle is the cross. */
    public static function around(Bounds $design): self
    {
        $low = $design->height() / 2 + self::CLEAR_MM;
        $side = $design->width() / 2 + self::CLEAR_MM;

        return new self([
            new Point(0.0, self::UP * $low),
            new Point($side, 0.0),
            new Point(0.0, -$low),
            new Point(-$side, 0.0),
        ]);
    }

    /** A sticker with nothing but the cross in its middle. */
    public static function sticker(): self
    {
        return self::around(new Bounds(0.0, 0.0, 0.0, 0.0));
    }
}
