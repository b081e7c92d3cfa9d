<?php

declare(strict_types=1);

namespace App\Plan\Chart;

/** Where the parts of a bar begin and end, in the drawing's own units. */
final readonly class BarEdges
{
    public function __construct(
        public float $changeoverX,
        public float $changeoverEndX,
        public float $startX,
        public float $hoopedX,
        public float $endX,
    ) {}

    public function widthX(): float
    {
        return $this->endX - $this->changeoverX;
    }
}
