<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** One thing that happened on the floor. */
final readonly class Event
{
    /**
     * @param string          $id      chosen by whoever saw it happen; the same id is the same event
     * @param int             $load    1.. within the batch; 0 where there is none yet
     * @param int             $stitch  stitches sewn in this load when it happened
     * @param float           $clockS  seconds by the machine's own clock since the load started
     * @param list<int>       $pieces  the pieces it is about
     * @param int             $hooping which of its pieces it is or was about, from 1: along a tube there are several
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public int $batch,
        public int $load = 0,
        public int $stitch = 0,
        public float $clockS = 0.0,
        public array $pieces = [],
        public ?SpoilCause $cause = null,
        public int $hooping = 1,
    ) {}
}
