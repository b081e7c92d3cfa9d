<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Plan\Timetable;

/**
 * What many runs say about one promise.
 *
 * @internal
 */
final readonly class Judge
{
    /** @param array<int, list<int>> $lasted batch => run => how long its changeover and loads lasted */
    public function __construct(
        private Timetable $plan,
        private array $lasted,
        private int $runs,
        private ?float $share,
    ) {}

    /**
     * @param non-empty-list<int>         $batches all of which have to be done
     * @param array<int, array<int, int>> $ends    batch => run => when it ended; missing where it did not
     */
    public function promise(string $name, array $batches, array $ends): PromiseOdds
    {
        $last = $ends[$batches[0]] ?? [];
        $due = $this->plan->placed[$batches[0]]->batch->promise->dueAt;
        foreach (array_slice($batches, 1) as $batch) {
            $due = min($due, $this->plan->placed[$batch]->batch->promise->dueAt);
            $both = array_intersect_key($last, $ends[$batch] ?? []);
            foreach ($both as $run => $end) {
                $both[$run] = max($end, $ends[$batch][$run]);
            }
            $last = $both;
        }
        $sorted = $last;
        sort($sorted);
        $at = fn(float $part): ?int => $sorted[(int) ceil($part * $this->runs - 1e-9) - 1] ?? null;
        $kept = count(array_filter($sorted, static fn(int $end): bool => $end <= $due)) / $this->runs;
        $isInDanger = $this->share !== null && $kept < $this->share;
        $by = $isInDanger ? $this->moves($last) : null;

        return new PromiseOdds(
            $name,
            $due,
            $kept,
            $at(0.5),
            $at(0.8),
            $at(0.95),
            $this->share === null ? null : $at($this->share),
            $isInDanger,
            $by === null ? null : $this->plan->placed[$by]->batch->id,
        );
    }

    /**
     * The batch whose time has most to do with an end: the greatest covariance over its own standard deviation.
     *
     * @param array<int, int> $ends run => end
     */
    private function moves(array $ends): ?int
    {
        if ($ends === []) {
            return null;
        }
        $mean = array_sum($ends) / count($ends);
        [$most, $which] = [0.0, null];
        foreach ($this->lasted as $batch => $times) {
            $average = array_sum($times) / count($times);
            $together = $alone = 0.0;
            foreach ($ends as $run => $end) {
                $off = $times[$run] - $average;
                $together += $off * ($end - $mean);
                $alone += $off * $off;
            }
            if ($alone > 0 && $together / sqrt($alone) > $most) {
                [$most, $which] = [$together / sqrt($alone), $batch];
            }
        }

        return $which;
    }
}
