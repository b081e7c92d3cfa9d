<?php

declare(strict_types=1);

namespace App\Plan\Chart;

use App\Plan\OpenBatch;
use Hakama\Plan\Odds\PromiseOdds;
use Hakama\Plan\Placed;

/** One batch as the day's drawing shows it; x in the drawing's own units. */
final readonly class Bar
{
    /**
     * @param list<array{float, float}> $loads  [from, to)
     * @param float|null                $freeX  since when its machine stands still for it; null where it does not
     * @param PromiseOdds|null          $odds   how likely its promise is kept
     * @param array{float, float, float}|null $band where it ends in 50, 80 and 95 of 100 cases; null where it is not
     *     known so far
     */
    public function __construct(
        public Placed $placed,
        public OpenBatch $batch,
        public int $rank,
        public BarEdges $edges,
        public array $loads,
        public ?float $freeX = null,
        public ?PromiseOdds $odds = null,
        public ?array $band = null,
    ) {}

    /** A crease for each load, as one outline. */
    public function creases(float $top, float $height): string
    {
        return implode(
            '',
            array_map(
                static fn(array $load): string => sprintf(
                    'M%.1f %.1fl3 %.1fl-3 %.1f',
                    $load[0],
                    $top,
                    $height / 2,
                    $height / 2,
                ),
                $this->loads,
            ),
        );
    }
}
