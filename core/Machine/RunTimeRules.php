<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** What everything but sewing costs, seconds. */
final readonly class RunTimeRules
{
    /** @param float $breaksPer1000 thread breaks per head and 1000 stitches */
    public function __construct(
        public float $changeS = 7.0,
        public float $trimS = 6.0,
        public float $rampS = 1.5,
        public float $handStopS = 30.0,
        public float $breaksPer1000 = 0.05,
        public float $breakS = 90.0,
    ) {}
}
