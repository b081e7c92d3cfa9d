<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** One batch on its machine, with every time the plan gives it. Seconds of local time. */
final readonly class Placed
{
    /**
     * @param list<array{int, int}> $loads [from, to) of each load, hooping that nobody waits for left out
     * @param Wait|null             $wait  what its changeover had to wait for
     */
    public function __construct(
        public BatchJob $batch,
        public string $machine,
        public int $changeoverStart,
        public int $changeoverS,
        public Changes $changes,
        public array $loads,
        public ?Wait $wait = null,
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
