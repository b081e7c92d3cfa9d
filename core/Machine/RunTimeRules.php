<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** What everything but sewing costs, seconds. */
final readonly class RunTimeRules
{
    /** @param float $breaksPer1000 thread breaks per head and 1000 stitches */
    public function __construct(
        public float $changeS,
        public float $trimS,
        public float $rampS,
        public float $breaksPer1000,
        public float $breakS,
    ) {}

    /** What a colour change takes, until the machine is at its speed again. */
    public function aChangeS(): float
    {
        return $this->changeS + $this->rampS;
    }
}
