<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;

/** Everything counted and measured in a pattern. Lengths in mm, counted from the records and from nothing else. */
final readonly class PatternFigures
{
    /**
     * @param list<BlockFigures> $blocks  those that sew, in order
     * @param list<Point>        $objects the middle of every stretch between trims or stops, in sewing order
     * @param float              $movedMm by jumps and stops, without sewing
     */
    public function __construct(
        public Counts $counts,
        public array $blocks,
        public Bounds $bounds,
        public ConvexHull $hull,
        public StitchLengths $lengths,
        public DensityMap $density,
        public array $objects,
        public SewingOrder $order,
        public float $movedMm,
    ) {}

    public static function of(Pattern $pattern, MeasuringRules $rules): self
    {
        return new self(...(new \Hakama\Stitch\Figures\Internal\Measuring($rules))->measure($pattern));
    }
}
