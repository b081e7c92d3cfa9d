<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

use Hakama\Garment\Datum;
use Hakama\Garment\Shape;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;

/** A design at its place on a garment: where its middle comes to lie, and the lines a person measures. */
final readonly class MarkedPlacement
{
    /**
     * @param Point $centre  of the design's box, on the shape
     * @param Point $measured the point of the design that is measured to
     */
    private function __construct(
        public Shape $shape,
        public Placement $placement,
        public ConvexHull $hull,
        public Point $datum,
        public Point $centre,
        public Point $measured,
    ) {}

    /** @param ConvexHull $design upright, wherever it lies */
    public static function on(Shape $shape, Placement $placement, ConvexHull $design): self
    {
        $box = $design->bounds();
        $datum = $shape->datum($placement->datum);
        if ($placement->datum === Datum::CornerInside) {
            $in = WorkedMark::inFromEdges($placement->downMm, 90.0);
            $measured = $datum->moved(-$in, $in);
        } else {
            $measured = $datum->moved($placement->acrossMm, -$placement->downMm);
        }
        $centre = $measured->moved(
            0.0,
            match ($placement->edge) {
                Edge::Upper => -$box->height() / 2,
                Edge::Middle => 0.0,
                Edge::Lower => $box->height() / 2,
            },
        );

        return new self(
            $shape,
            $placement,
            $design->moved($centre->x - $box->centre()->x, $centre->y - $box->centre()->y),
            $datum,
            $centre,
            $measured,
        );
    }

    /** Whether all of it lies on the cloth. */
    public function isOnCloth(): bool
    {
        foreach ($this->hull->points as $point) {
            if (! $this->shape->holds($point)) {
                return false;
            }
        }

        return true;
    }
}
