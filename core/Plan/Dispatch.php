<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Plan\Internal\Pricer;

/** Sequences made by a simple rule, without searching. Whoever makes several gives one pricer to all of them. */
final class Dispatch
{
    /**
     * How far ahead of its due time a batch begins to press, and how much a changeover counts against it, both in
     * averages.
     */
    private const LOOK_AHEAD = 2.0;
    private const CHANGEOVER_SHARE = 0.5;

    /** Batches in order of arrival, each appended to the machine that ends it soonest: how a shop books by hand. */
    public static function asBooked(
        Workload $workload,
        Sequence $standing = new Sequence([]),
        ?Pricer $pricer = null,
    ): Sequence {
        return self::inOrder($workload, $standing, $pricer, static fn(BatchJob $batch): int => 0);
    }

    /** Batches by due time, each appended to the machine that ends it soonest, after what already stands there. */
    public static function byDue(
        Workload $workload,
        Sequence $standing = new Sequence([]),
        ?Pricer $pricer = null,
    ): Sequence {
        return self::inOrder($workload, $standing, $pricer, static fn(BatchJob $batch): int => $batch->promise->dueAt);
    }

    /** Batches by the time that is left once their work is taken off, the least first. */
    public static function leastSlack(
        Workload $workload,
        Sequence $standing = new Sequence([]),
        ?Pricer $pricer = null,
    ): Sequence {
        return self::inOrder(
            $workload,
            $standing,
            $pricer,
            static fn(BatchJob $batch): int => $batch->promise->dueAt -
                $batch->pieces * min([PHP_INT_MAX >> 20, ...array_values($batch->sewing->sewS)]),
        );
    }

    /**
     * Apparent tardiness cost with changeovers: the machine that is free soonest takes the batch that is worth most
     * there, by weight and length, by how near its due time is and by what its changeover takes (Lee, Bhaskaran, Pinedo
     * 1997).
     */
    public static function pressing(
        Workload $workload,
        Sequence $standing = new Sequence([]),
        ?Pricer $pricer = null,
    ): Sequence {
        $pricer ??= new Pricer($workload);
        $pricer->keep($standing);
        $open = array_fill_keys(array_diff(array_keys($pricer->numbers->batches), ...$pricer->sequence), true);
        $weights = array_map(
            static fn(BatchJob $batch): float => $batch->promise->weight,
            array_values($workload->batches),
        );
        $dues = array_map(static fn(BatchJob $batch): int => $batch->promise->dueAt, array_values($workload->batches));
        $machines = array_keys($pricer->numbers->machines);
        while ($open !== [] && $machines !== []) {
            $ends = array_intersect_key($pricer->ends, array_flip($machines));
            asort($ends);
            $m = (int) array_key_first($ends);
            $may = array_filter(
                array_keys($open),
                static fn(int $batch): bool => $pricer->numbers->loads[$m][$batch] !== null,
            );
            if ($may === []) {
                $machines = array_values(array_diff($machines, [$m]));
                continue;
            }
            $runs = array_map(static fn(int $batch): int => $pricer->numbers->runS($m, $batch), $may);
            $changeovers = array_map(static fn(int $batch): int => $pricer->changeoverS($m, $batch), $may);
            [$run, $changeover] = [
                max(1, array_sum($runs) / count($runs)),
                max(1, array_sum($changeovers) / count($changeovers)),
            ];
            [$best, $most] = [$may[array_key_first($may)], -INF];
            foreach ($may as $i => $batch) {
                // As a logarithm: far ahead of due the worth itself would be nothing for all of them.
                $worth =
                    log($weights[$batch] / max(1, $runs[$i])) -
                    max(0, $dues[$batch] - $runs[$i] - $ends[$m]) / (self::LOOK_AHEAD * $run) -
                    $changeovers[$i] / (self::CHANGEOVER_SHARE * $changeover);
                if ($worth > $most) {
                    [$best, $most] = [$batch, $worth];
                }
            }
            $pricer->change([$m => [...$pricer->sequence[$m], $best]], [$m => count($pricer->sequence[$m])]);
            unset($open[$best]);
        }

        return $pricer->kept();
    }

    /** @param callable(BatchJob): int $by what is not yet in the sequence, the least first; equals in order of arrival */
    private static function inOrder(Workload $workload, Sequence $standing, ?Pricer $pricer, callable $by): Sequence
    {
        $pricer ??= new Pricer($workload);
        $pricer->keep($standing);
        $open = array_diff(array_keys($pricer->numbers->batches), ...$pricer->sequence);
        $keys = array_map($by, array_values($workload->batches));
        usort($open, static fn(int $a, int $b): int => [$keys[$a], $a] <=> [$keys[$b], $b]);
        foreach ($open as $batch) {
            $best = null;
            $soonest = PHP_INT_MAX;
            $lanes = $pricer->sequence;
            foreach ($lanes as $m => $lane) {
                if ($pricer->numbers->loads[$m][$batch] === null) {
                    continue;
                }
                $cost = $pricer->price([$m => [...$lane, $batch]], [$m => count($lane)]);
                if ($cost - $pricer->cost < Pricer::UNPLACED && $pricer->ends[$m] < $soonest) {
                    [$best, $soonest] = [$m, $pricer->ends[$m]];
                }
            }
            if ($best !== null) {
                $pricer->change([$best => [...$lanes[$best], $batch]], [$best => count($lanes[$best])]);
            }
        }

        return $pricer->kept();
    }
}
