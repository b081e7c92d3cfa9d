<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What a plan comes to. */
final readonly class Totals
{
    private function __construct(
        public float $cost,
        public float $weightedLateMin,
        public int $lateBatches,
        public float $changeoverMin,
        public int $threadChanges,
        public int $driverChanges,
        public int $frameChanges,
        public float $flowMin,
        private Weights $weights,
    ) {}

    /** @return array{late: float, changeover: float, flow: float} what the cost is the sum of */
    public function parts(): array
    {
        return [
            'late' => $this->weights->late * $this->weightedLateMin,
            'changeover' => $this->weights->changeover * $this->changeoverMin,
            'flow' => $this->weights->flow * $this->flowMin,
        ];
    }

    /** @param list<Placed> $placed */
    public static function of(array $placed, int $now, Weights $weights): self
    {
        $late = $changeover = $flow = 0.0;
        $lateBatches = $threads = $drivers = $frames = 0;
        foreach ($placed as $one) {
            $late += ($one->batch->promise->weight * $one->lateS()) / 60;
            $lateBatches += $one->lateS() > 0 ? 1 : 0;
            $changeover += $one->changeoverS / 60;
            $flow += ($one->end() - $now) / 60;
            $threads += count($one->changes->cones->load);
            $drivers += $one->changes->driver ? 1 : 0;
            $frames += $one->changes->frame ? 1 : 0;
        }

        return new self(
            $weights->late * $late + $weights->changeover * $changeover + $weights->flow * $flow,
            $late,
            $lateBatches,
            $changeover,
            $threads,
            $drivers,
            $frames,
            $flow,
            $weights,
        );
    }
}
