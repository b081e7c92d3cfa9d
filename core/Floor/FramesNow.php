<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** The frames of a machine's batch as they stand this moment. */
final readonly class FramesNow
{
    /**
     * @param int   $ahead   hooped for the load after the one that sews
     * @param int   $aLoad   that a load takes
     * @param int   $waiting still to sew after this load, hooped or not
     * @param int   $free    that hold nothing
     * @param float $hoopS   to hoop one
     */
    public function __construct(
        public int $ahead,
        public int $aLoad,
        public int $waiting,
        public int $free,
        public float $hoopS,
    ) {}

    /** How many the next load wants still. */
    public function missing(): int
    {
        return min($this->aLoad, $this->waiting) - $this->ahead;
    }
}
