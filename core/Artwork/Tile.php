<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Point;

/** One sheet of a template: which part of the design lies on it. */
final readonly class Tile
{
    public const MARGIN_MM = 12.0;

    /** Above and below the drawing: the name and size, the rule to check the printer with. */
    public const HEAD_MM = 30.0;
    public const FOOT_MM = 26.0;

    /**
     * @param int   $column from 1, left to right
     * @param int   $row    from 1, top to bottom
     * @param float $left   design coordinate at the left edge of the sheet's area, mm
     * @param float $top    design coordinate at its upper edge, mm
     */
    public function __construct(public int $column, public int $row, public float $left, public float $top) {}

    /** Where a place of the design lies on the paper, mm from its upper left corner. */
    public function onPaper(Point $place): Point
    {
        return new Point(self::MARGIN_MM + $place->x - $this->left, self::HEAD_MM + $this->top - $place->y);
    }
}
