<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Needles\BatchNeedles;

/** One batch on its machine, with every time the plan gives it. Seconds of local time. */
final readonly class Placed
{
    /**
     * @param list<array{int, int}> $loads [from, to) of each load, hooping that nobody waits for left out
     * @param Wait|null             $wait  what its changeover had to wait for
     * @param bool                  $goesOn with the design of the batch before it
     * @param int                   $needleChanges needles that are exchanged for others of another size or point, on
     *     each head
     */
    public function __construct(
        public Batch $batch,
        public string $machine,
        public int $changeoverStart,
        public int $changeoverS,
        public array $loads,
        public bool $driverChange,
        public bool $frameChange,
        public BatchNeedles $needles,
        public ?Wait $wait = null,
        public int $needleChanges = 0,
        public bool $goesOn = false,
    ) {}

    public function start(): int
    {
        return $this->loads[0][0];
    }

    public function end(): int
    {
        return $this->loads[count($this->loads) - 1][1];
    }

    public function lateS(): int
    {
        return max(0, $this->end() - $this->batch->promise->dueAt);
    }
}
