<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Plan\Placed;
use Hakama\Plan\Timetable;

/**
 * A plan replayed many times with chance: what runs where stays, times spread. Each batch draws from a stream of its own
 * that hangs on its name, so that two plans of the same work meet the same luck and can be compared.
 */
final readonly class Odds
{
    /** The house promises what is kept in this share of cases, unless it says otherwise. */
    private const HOUSE = 0.9;
    /** A promise kept in a smaller share is in danger. */
    private const SAFE = 0.95;

    /** @param array<array-key, PromiseOdds> $batches by batch, in the order in which the plan placed them */
    private function __construct(public int $runs, public int $seed, public array $batches) {}

    /**
     * @param int   $runs  1 or more
     * @param float $share the house promises what is kept in this share of cases
     */
    public static function of(
        Timetable $plan,
        Spread $spread,
        int $runs = 1000,
        int $seed = 1,
        float $share = self::HOUSE,
    ): self {
        $replay = new Replay($plan);
        $draws = array_map(
            static fn(Placed $placed): Draws => new Draws(
                $placed,
                $plan->workload->lanes[$placed->machine]->heads,
                $spread,
                new Chance($seed ^ crc32($placed->batch->id)),
            ),
            $plan->placed,
        );
        $ends = $lasted = [];
        for ($run = 0; $run < $runs; $run++) {
            $changeovers = $loads = [];
            foreach ($draws as $i => $batch) {
                $changeovers[] = $batch->changeoverS();
                $loads[] = $batch->loadsS();
                $lasted[$i][] = $changeovers[$i] + array_sum($loads[$i]);
            }
            foreach ($replay->ends($changeovers, $loads) as $i => $end) {
                $ends[$i][$run] = $end;
            }
        }
        $batches = [];
        foreach ($plan->placed as $i => $placed) {
            $batches[$placed->batch->id] = self::judged($plan, $i, $ends, $lasted, $runs, $share);
        }

        return new self($runs, $seed, $batches);
    }

    /**
     * @param array<int, array<int, int>> $ends   batch => run => when it ended
     * @param array<int, list<int>>       $lasted batch => run => how long its changeover and loads lasted
     */
    private static function judged(
        Timetable $plan,
        int $i,
        array $ends,
        array $lasted,
        int $runs,
        float $share,
    ): PromiseOdds {
        $batch = $plan->placed[$i]->batch;
        $sorted = $ends[$i] ?? [];
        sort($sorted);
        $at = static fn(float $part): ?int => $sorted[(int) ceil($part * $runs - 1e-9) - 1] ?? null;
        $due = $batch->promise->dueAt;
        $kept = count(array_filter($sorted, static fn(int $end): bool => $end <= $due)) / $runs;
        $by = $kept < self::SAFE ? self::moves($ends[$i] ?? [], $lasted) : null;

        return new PromiseOdds(
            $batch->id,
            $due,
            $kept,
            $at(0.5),
            $at(0.8),
            $at(0.95),
            $at($share),
            $by === null ? null : $plan->placed[$by]->batch->id,
        );
    }

    /**
     * The batch whose time has most to do with an end: the greatest covariance over its own standard deviation.
     *
     * @param array<int, int>       $ends   run => end
     * @param array<int, list<int>> $lasted
     */
    private static function moves(array $ends, array $lasted): ?int
    {
        if ($ends === []) {
            return null;
        }
        $mean = array_sum($ends) / count($ends);
        [$most, $which] = [0.0, null];
        foreach ($lasted as $j => $times) {
            $average = array_sum($times) / count($times);
            $together = $alone = 0.0;
            foreach ($ends as $run => $end) {
                $off = $times[$run] - $average;
                $together += $off * ($end - $mean);
                $alone += $off * $off;
            }
            if ($alone > 0 && $together / sqrt($alone) > $most) {
                [$most, $which] = [$together / sqrt($alone), $j];
            }
        }

        return $which;
    }
}
