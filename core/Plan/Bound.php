<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * What no plan of a shop can cost less than, so that a person sees how much there is left to gain.
 *
 * Each batch ends no sooner than alone on the machine that ends it soonest, set up with no change, or as little as it
 * takes to go on with a design that another has; and of all batches the k-th to end ends no sooner than the k shortest
 * shared out evenly among the machines. Every frame, driver and thread that stands nowhere is put on at least once.
 */
final readonly class Bound
{
    private function __construct(
        public float $cost,
        public float $weightedLateMin,
        public float $changeoverMin,
        public float $flowMin,
    ) {}

    public static function of(Workload $workload): self
    {
        $families = self::families($workload);
        $traceS = $workload->changeover->traceS;
        $leastS = min($traceS, $workload->changeover->againS);
        $alone = [];
        foreach (array_unique([$traceS, $leastS]) as $seconds) {
            $alone[$seconds] = new Internal\Pricer(
                new Workload(
                    $workload->now,
                    array_values($workload->lanes),
                    array_values($workload->frames),
                    array_values($workload->batches),
                    new Changeover($seconds, 0, 0),
                    $workload->hands,
                    $workload->weights,
                    $workload->needs,
                ),
            );
        }
        [$late, $flow, $changeover, $shortest, $dues, $weights, $stands] = [0.0, 0.0, 0, [], [], [], []];
        foreach (array_values($workload->batches) as $b => $batch) {
            $family = $families[$batch->id] ?? null;
            $loadsS = $family === null ? $traceS : $leastS;
            $easy = $alone[$loadsS];
            $end = $run = PHP_INT_MAX;
            foreach (array_keys($easy->numbers->machines) as $m) {
                if (
                    $easy->numbers->loads[$m][$b] !== null
                    && $easy->price([$m => [$b]], [$m => 0]) < Internal\Pricer::UNPLACED
                ) {
                    $end = min($end, $easy->ends[$m]);
                    $run = min($run, $easy->numbers->runS($m, $b));
                }
            }
            if ($end === PHP_INT_MAX) {
                continue;
            }
            $changeoverS = $batch->alreadySetUp ? 0 : $loadsS;
            if ($family !== null) {
                $stands[$family] = ($stands[$family] ?? false) || $batch->alreadySetUp;
            }
            $late += $batch->promise->weight * max(0, $end - $batch->promise->dueAt);
            $flow += $end - $workload->now;
            $changeover += $changeoverS;
            $shortest[] = $run + $changeoverS;
            $dues[] = $batch->promise->dueAt;
            $weights[] = $batch->promise->weight;
        }
        // Of those that may go on, the first is loaded, unless one stands on its machine already.
        $changeover += ($traceS - $leastS) * count(array_filter($stands, static fn(bool $stands): bool => ! $stands));
        sort($shortest);
        sort($dues);
        [$sharedLate, $sharedFlow, $sum] = [0.0, 0.0, 0];
        $machines = max(1, min(count($workload->lanes), $workload->hands->most()));
        foreach ($shortest as $k => $s) {
            $sum += $s;
            $sharedFlow += $sum / $machines;
            // Ends in rising order meet due times in rising order: no other pairing is less late.
            $sharedLate += max(0.0, $workload->now + $sum / $machines - $dues[$k]);
        }
        $late = max($late, ($weights === [] ? 0.0 : min($weights)) * $sharedLate) / 60;
        $flow = max($flow, $sharedFlow) / 60;
        $changeover = ($changeover + self::neverMounted($workload)) / 60;

        return new self(
            $workload->weights->late * $late +
                $workload->weights->changeover * $changeover +
                $workload->weights->flow * $flow,
            $late,
            $changeover,
            $flow,
        );
    }

    /** @return array<array-key, string> batch => the design and frame it shares with another; only what shares them */
    private static function families(Workload $workload): array
    {
        $families = array_map(
            static fn(Batch $batch): string => "{$batch->equipment->frame} {$batch->equipment->design}",
            array_filter($workload->batches, static fn(Batch $batch): bool => $batch->equipment->design !== ''),
        );
        $sizes = array_count_values($families);

        return array_filter($families, static fn(string $family): bool => $sizes[$family] > 1);
    }

    /** Frames, drivers and threads that some batch wants and no machine has now, seconds. */
    private static function neverMounted(Workload $workload): int
    {
        $wanted = array_filter(
            $workload->batches,
            static fn(Batch $batch): bool => ! $batch->alreadySetUp
                && isset($workload->frames[$batch->equipment->frame])
                && array_filter(
                    $workload->lanes,
                    static fn(Lane $lane): bool => $workload->obstacle($batch, $lane) === null,
                ) !== [],
        );
        $lanes = array_values($workload->lanes);
        $frames = array_diff(
            array_unique(array_map(static fn(Batch $batch): string => $batch->equipment->frame, $wanted)),
            array_column($lanes, 'frame'),
        );
        $drivers = array_diff(
            array_unique(
                array_map(
                    static fn(Batch $batch): string => $workload->frames[$batch->equipment->frame]->driver,
                    array_values($wanted),
                ),
            ),
            array_column($lanes, 'driver'),
        );
        $on = [];
        foreach ($lanes as $lane) {
            foreach ($lane->rack->needles as $needle) {
                $on[(string) $needle->thread] = true;
            }
        }
        $threads = array_unique(
            array_merge(
                ...array_map(static fn(Batch $batch): array => $batch->demand()->threads(), array_values($wanted)),
                ...[[]],
            ),
        );
        $threads = array_filter($threads, static fn(string $thread): bool => ! isset($on[$thread]));
        $seconds =
            count($frames) * $workload->changeover->frameS +
            count($threads) *
                $workload->changeover->threadS *
                ($lanes === [] ? 0 : min(array_column($lanes, 'heads')));
        foreach ($drivers as $driver) {
            $seconds +=
                $lanes === []
                    ? 0
                    : min(
                        array_map(
                            static fn(Lane $lane): int => min([
                                PHP_INT_MAX,
                                ...array_map(
                                    static fn(string $from): int => $from === $driver
                                        ? PHP_INT_MAX
                                        : $lane->driverS["{$from}>{$driver}"] ??
                                            $workload->changeover->driverS($from, $driver),
                                    [...array_column($workload->frames, 'driver'), $lane->driver],
                                ),
                            ]),
                            $lanes,
                        ),
                    );
        }

        return $seconds;
    }
}
