<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Plan\Placed;

/** One batch as the day's drawing shows it; x in the drawing's own units. */
final readonly class Fold
{
    /**
     * @param list<array{float, float}> $loads  [from, to)
     * @param float|null                $freeX  since when its machine stands still for it; null where it does not
     */
    public function __construct(
        public Placed $placed,
        public OpenBatch $batch,
        public int $place,
        public float $setupX,
        public float $setupEndX,
        public float $startX,
        public float $hoopedX,
        public float $endX,
        public array $loads,
        public ?float $freeX = null,
    ) {}
}
