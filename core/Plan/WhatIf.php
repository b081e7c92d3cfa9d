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
     * @param int                $to
     */
    public function __construct(
        public array $downUntil = [],
        public int $hands = 0,
        public array $frames = [],
        public int $from = PHP_INT_MIN,
        public int $to = PHP_INT_MAX,
    ) {}

    public function of(Workload $workload): Workload
    {
        return new Workload(
            $workload->now,
            array_map(
                fn(Lane $lane): Lane => isset($this->downUntil[$lane->id])
                    ? $lane->working($lane->hours->without($workload->now, $this->downUntil[$lane->id]))
                    : $lane,
                array_values($workload->lanes),
            ),
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
        );
    }
}
