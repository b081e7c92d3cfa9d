<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** A machine with its batch as they stand this moment. */
final readonly class MachineNow
{
    /**
     * @param float $leftS    of the load that sews; 0 where none does
     * @param float $late     minutes the batch is behind its promise; 0 where it is in time
     * @param string $prepare what the batch after this one wants before it, in few words; '' where nothing or nothing more
     * @param float $prepareS seconds of a hand for that
     */
    public function __construct(
        public string $machine,
        public Stage $stage,
        public ?EventKind $haltedBy,
        public float $leftS,
        public FramesNow $frames,
        public float $late,
        public string $prepare = '',
        public float $prepareS = 0.0,
    ) {}
}
