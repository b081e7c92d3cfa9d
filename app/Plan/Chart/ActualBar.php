<?php

declare(strict_types=1);

namespace App\Plan\Chart;

/** What was really done of a batch on a machine today; x in the drawing's own units. */
final readonly class ActualBar
{
    public function __construct(
        public string $machine,
        public string $batch,
        public float $from,
        public float $to,
        public int $loads,
    ) {}
}
