<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** A shop that is not as it is: a machine down, more hands, more frames. */
final readonly class WhatIf
{
    /**
     * @param array<string, int> $downUntil machine => seconds of local time until which it stands still
     * @param int                $hands     how many machines more, or fewer, can be tended at once
     * @param array<string, int> $frames    frame => how many more, or fewer, there are
     * @param int                $from      of the hands, seconds of local time
     * @param array{int, int}|null $closed [from, to) in which no machine is worked on
     */
    public function __construct(
        public array $downUntil = [],
        public int $hands = 0,
        public array $frames = [],
        public int $from = PHP_INT_MIN,
        public int $to = PHP_INT_MAX,
        public ?array $closed = null,
    ) {}

    public function of(Workload $workload): Workload
    {
        return new Workload(
            $workload->now,
            array_map(fn(Lane $lane): Lane => $this->lane($lane, $workload->now), array_values($workload->lanes)),
            array_map(
                fn(FrameStock $frame): FrameStock => new FrameStock(
                    $frame->id,
                    $frame->driver,
                    max(0, $frame->count + ($this->frames[$frame->id] ?? 0)),
                ),
                array_values($workload->frames),
            ),
            array_values($workload->batches),
            $workload->changeover,
            $workload->hands->more($this->hands, $this->from, $this->to),
            $workload->weights,
            $workload->needs,
            $workload->people->more($this->hands <=> 0, $this->from, $this->to),
        );
    }

    private function lane(Lane $lane, int $now): Lane
    {
        $hours = isset($this->downUntil[$lane->id])
            ? $lane->hours->without($now, $this->downUntil[$lane->id])
            : $lane->hours;

        return $lane->working($this->closed === null ? $hours : $hours->without(...$this->closed));
    }
}
