<?php

declare(strict_types=1);

namespace Hakama\Stitch\Inspection;

use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Finding;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;

/** What is to be said of a pattern before anybody sews it, and where on the design each of it is to be seen. */
final readonly class Inspection
{
    /**
     * @param list<Finding>  $findings  of the tape, then of the stitches
     * @param list<Crossing> $crossings
     */
    public function __construct(
        public array $findings,
        public array $crossings,
        public Point $firstStitch,
        public Point $end,
    ) {}

    public static function of(Pattern $pattern, PatternFigures $figures, MeasuringRules $rules): self
    {
        return new self(...(new \Hakama\Stitch\Inspection\Internal\Locating($rules))->locate($pattern, $figures));
    }
}
