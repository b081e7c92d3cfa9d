<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** A machine with its batch as they stand this moment. */
final readonly class MachineNow
{
    /**
     * @param float $leftS    of the load that sews; 0 where none does
     * @param int   $ahead    frames hooped for the load after it
     * @param int   $aLoad    frames a load takes
     * @param int   $waiting  frames still to sew after this load, hooped or not
     * @param int   $free     frames that hold nothing
     * @param float $hoopS    to hoop one
     * @param float $late     minutes the batch is behind its promise; 0 where it is in time
     * @param string $prepare what the batch after this one wants before it, in few words; '' where nothing or nothing more
     * @param float $prepareS seconds of a hand for that
     */
    public function __construct(
        public string $machine,
        public Stage $stage,
        public ?EventKind $haltedBy,
        public float $leftS,
        public int $ahead,
        public int $aLoad,
        public int $waiting,
        public int $free,
        public float $hoopS,
        public float $late,
        public string $prepare = '',
        public float $prepareS = 0.0,
    ) {}
}
