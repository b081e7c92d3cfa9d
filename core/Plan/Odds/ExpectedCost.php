<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Plan\Timetable;

/** What a plan costs on the average, when times spread. With every spread 0 it is what the plan costs. */
final readonly class ExpectedCost
{
    /** How often a plan is replayed for a figure that is shown. */
    public const RUNS = 1000;

    /**
     * @param float $cost mean over the runs
     * @param float $kept promises that are kept, mean over the runs
     */
    private function __construct(public float $cost, public float $kept, public int $runs, public int $seed) {}

    public static function of(Timetable $plan, Spread $spread, int $runs = self::RUNS, int $seed = 1): self
    {
        $workload = $plan->workload;
        $weights = $workload->weights;
        $drawn = Replays::of($plan, $spread, $runs, $seed);
        $cost = $kept = 0.0;
        foreach ($plan->placed as $i => $placed) {
            $promise = $placed->batch->promise;
            // What no hours hold any more is done when they end, at the soonest.
            $last = max([$workload->now, ...array_column($workload->lanes[$placed->machine]->hours->spans, 1)]);
            for ($run = 0; $run < $runs; $run++) {
                $end = $drawn->ends[$i][$run] ?? $last;
                $late = $end - $promise->dueAt;
                $kept += $late <= 0 && isset($drawn->ends[$i][$run]) ? 1 : 0;
                $cost += ($weights->changeover * $drawn->changeovers[$i][$run] + $weights->flow * ($end - $workload->now)) / 60
                    + ($late > 0 ? $weights->late * $weights->lateMin($promise, $late) : 0.0);
            }
        }
        $parts = $plan->totals->parts();

        // What does not hang on how long things take is the plan's own.
        return new self(
            $cost / $runs + $parts['unfit'] + $parts['moved'] + $parts['walks'] + $parts['beyond'],
            $kept / $runs,
            $runs,
            $seed,
        );
    }
}
