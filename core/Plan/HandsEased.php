<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A plan that was found, changed where it wants more hands than are in: one batch at a time goes to another place, on from
 * what is a little dearer at first and only from what is cheaper in the end (simulated annealing). What the search is fast
 * by does not know of hands beside the machine, so each try is timed whole; the same plan and seed come to the same.
 */
final class HandsEased
{
    private const TRIES_A_BATCH = 200;
    private const MOST_TRIES = 4_000;
    private const ASKED_EACH = 50;
    /**
     * It goes on from a plan dearer by what is at stake for so many batches, with e to the minus one; that falls to a
     * hundredth.
     */
    private const WORSE = 4.0;
    private const LEAST_WORSE = 0.01;

    /** @param (callable(): bool)|null $isWanted asked now and then whether to go on; null: to the end */
    public static function of(Workload $workload, Sequence $found, int $seed, ?callable $isWanted = null): Sequence
    {
        $best = $current = Timetable::of($workload, $found);
        $movable = array_column(
            array_filter(
                $workload->batches,
                static fn(BatchJob $batch): bool => ! $batch->stays() && $found->machineOf($batch->id) !== null,
            ),
            'id',
        );
        if ($best->totals->beyondMin <= 0.0 || $movable === []) {
            return $found;
        }
        $tries = min(self::MOST_TRIES, self::TRIES_A_BATCH * count($movable));
        $worse = (self::WORSE * $best->totals->parts()['beyond']) / count($movable);
        $chance = new Randomizer(new Mt19937($seed));
        $lanes = array_values($workload->lanes);
        for ($try = 0; $try < $tries; $try++) {
            if ($isWanted !== null && $try % self::ASKED_EACH === 0 && ! $isWanted()) {
                break;
            }
            $id = $movable[$chance->getInt(0, count($movable) - 1)];
            $lane = $lanes[$chance->getInt(0, count($lanes) - 1)];
            $luck = $chance->getInt(1, 1_000_000) / 1_000_000;
            if ($workload->obstacle($workload->batches[$id], $lane) !== null) {
                continue;
            }
            $rest = $current->sequence->without($id);
            $queue = $rest->on($lane->id);
            $front = count(
                array_filter($queue, static fn(string $other): bool => $workload->batches[$other]->stays()),
            );
            $then = Timetable::of($workload, $rest->moved($id, $lane->id, $chance->getInt($front, count($queue))));
            if (
                count($then->unplaced) > count($best->unplaced)
                || $then->totals->cost >= $current->totals->cost - $worse * self::LEAST_WORSE ** ($try / $tries) * log($luck)
            ) {
                continue;
            }
            $current = $then;
            $best = $current->totals->cost < $best->totals->cost - 1e-9 ? $current : $best;
        }

        return $best->sequence;
    }
}
