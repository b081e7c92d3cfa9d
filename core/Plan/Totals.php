<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What a plan comes to. */
final readonly class Totals
{
    public float $cost;
    public float $weightedLateMin;
    public int $lateBatches;
    public float $changeoverMin;
    public int $threadChanges;
    public int $driverChanges;
    public int $frameChanges;
    public float $flowMin;
    public float $movedCost;
    public float $unfitMin;
    public int $walks;
    public float $beyondMin;
    private Weights $weights;

    /** @param list<Placed> $placed */
    private function __construct(array $placed, Workload $workload)
    {
        $weights = $workload->weights;
        $late = $changeover = $flow = $moved = $unfit = 0.0;
        $lateBatches = $threads = $drivers = $frames = $walks = 0;
        foreach ($placed as $one) {
            $late += $weights->lateMin($one->batch->promise, $one->lateS());
            $lateBatches += $one->lateS() > 0 ? 1 : 0;
            $changeover += $one->changeoverS / 60;
            $flow += ($one->end() - $workload->now) / 60;
            $moved += $workload->movedCost($one->batch->id, $one->machine, $one->start());
            $unfit += $one->batch->sewing->unfitMin($one->machine);
            $threads += count($one->changes->cones->load);
            $walks += $one->batch->alreadySetUp || $one->changes->cones->load === [] ? 0 : 1;
            $drivers += $one->changes->driver ? 1 : 0;
            $frames += $one->changes->frame ? 1 : 0;
        }
        $this->weights = $weights;
        [$this->weightedLateMin, $this->lateBatches] = [$late, $lateBatches];
        [$this->changeoverMin, $this->threadChanges] = [$changeover, $threads];
        [$this->driverChanges, $this->frameChanges] = [$drivers, $frames];
        [$this->flowMin, $this->movedCost, $this->walks] = [$flow, $moved, $walks];
        $this->unfitMin = $unfit;
        $this->beyondMin = self::beyondMin($placed, $workload);
        $this->cost = array_sum($this->parts());
    }

    /**
     * @return array{late: float, changeover: float, flow: float, unfit: float, moved: float, walks: float, beyond: float}
     *     what the cost is the sum of
     */
    public function parts(): array
    {
        return [
            'late' => $this->weights->late * $this->weightedLateMin,
            'changeover' => $this->weights->changeover * $this->changeoverMin,
            'flow' => $this->weights->flow * $this->flowMin,
            'unfit' => $this->weights->unfit * $this->unfitMin,
            'moved' => $this->movedCost,
            'walks' => $this->weights->walk * $this->walks,
            'beyond' => $this->weights->beyond * $this->beyondMin,
        ];
    }

    /** @param list<Placed> $placed */
    public static function of(array $placed, Workload $workload): self
    {
        return new self($placed, $workload);
    }

    /**
     * Minutes of hands that are wanted while all who are in have theirs full; 0 where the house asks no price for them.
     *
     * @param list<Placed> $placed
     */
    private static function beyondMin(array $placed, Workload $workload): float
    {
        return $workload->weights->beyond <= 0.0 || $workload->people->in === null
            ? 0.0
            : Handwork::of($placed, $workload)->beyond($workload->people->in, $workload->now, PHP_INT_MAX) / 60;
    }
}
