<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Garment\Feature;
use Hakama\Garment\FeatureKind;
use Hakama\Garment\Shape;

/** Something on a garment as a person measured it: mm from the centre line, and down from the neck seam or the top. */
final readonly class TypedFeature
{
    /** Nothing is narrower than a line of stitches. */
    private const LEAST_MM = 0.5;

    public function __construct(
        public FeatureKind $kind,
        public float $leftMm,
        public float $rightMm,
        public float $fromMm,
        public float $toMm,
    ) {}

    public function on(Shape $shape): Feature
    {
        $right = max($this->rightMm, $this->leftMm + self::LEAST_MM);
        $to = max($this->toMm, $this->fromMm + self::LEAST_MM);

        return Feature::patch(
            $this->kind,
            $this->kind->value,
            $this->leftMm,
            $right,
            $shape->topMm - $to,
            $shape->topMm - $this->fromMm,
        );
    }
}
