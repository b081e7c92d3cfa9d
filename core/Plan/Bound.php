<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * What no plan of a shop can cost less than, so that a person sees how much there is left to gain.
 *
 * Each batch ends no sooner than alone on the machine that ends it soonest, behind what stands there, set up with no
 * change, or as little as it takes to go on with a design that another has. Of all batches, and of those that want one
 * kind of frame, the k-th to end ends no sooner than the k shortest shared out evenly in the hours of the machines that
 * can run at once, nor than the frames hold them. Every frame, driver and thread that stands nowhere is put on at least
 * once. Where prices of machines and frames come to more lateness and waiting than that, they count (`SlotPrices`).
 */
final readonly class Bound
{
    private function __construct(
        public float $cost,
        public float $weightedLateMin,
        public float $changeoverMin,
        public float $flowMin,
    ) {}

    /** @param Sequence|null $standing what is set up already on its machine, where that is known: nothing goes before it */
    public static function of(Workload $workload, ?Sequence $standing = null): self
    {
        $standing = self::setUp($workload, $standing ?? new Sequence([]));
        $families = self::families($workload);
        $traceS = $workload->changeover->traceS;
        $leastS = min($traceS, $workload->changeover->againS);
        $alone = [];
        foreach (array_unique([$traceS, $leastS]) as $seconds) {
            $alone[$seconds] = self::easy($workload, $seconds);
        }
        $changeover = 0;
        $standingCost = 0.0;
        $stands = $kinds = $movable = [];
        foreach (array_values($workload->batches) as $b => $batch) {
            $family = $families[$batch->id] ?? null;
            $loadsS = $family === null ? $traceS : $leastS;
            $soonest = self::soonest($alone[$loadsS], $workload, $standing, $b, $batch);
            if ($soonest === null) {
                continue;
            }
            [$end, $run, $frames] = $soonest;
            $changeoverS = $batch->alreadySetUp ? 0 : $loadsS;
            if ($family !== null) {
                $stands[$family] = ($stands[$family] ?? false) || $batch->alreadySetUp;
            }
            $changeover += $changeoverS;
            if ($batch->alreadySetUp) {
                $standingCost +=
                    $workload->weights->late * $batch->promise->weight * max(0, $end - $batch->promise->dueAt) +
                    $workload->weights->flow * ($end - $workload->now);
            } else {
                $movable[$b] = $loadsS;
            }
            $kinds[$batch->equipment->frame][] = [$batch, $end, $run + $changeoverS, $frames];
        }
        // Of those that may go on, the first is loaded, unless one stands on its machine already.
        $changeover += ($traceS - $leastS) * count(array_filter($stands, static fn(bool $stands): bool => ! $stands));
        [$late, $flow] = self::lateAndFlow(array_merge(...array_values($kinds), ...[[]]), $workload, null);
        [$byKindLate, $byKindFlow] = [0.0, 0.0];
        foreach ($kinds as $some) {
            [$kindLate, $kindFlow] = self::lateAndFlow($some, $workload, $some[0][0]->equipment->frame);
            $byKindLate += $kindLate;
            $byKindFlow += $kindFlow;
        }
        $late = max($late, $byKindLate) / 60;
        $flow = max($flow, $byKindFlow) / 60;
        $changeover = ($changeover + self::neverMounted($workload)) / 60;

        $behind = new \Hakama\Plan\Internal\Pricer($workload);
        $behind->keep($standing);
        $priced = $standingCost / 60 + (new \Hakama\Plan\Internal\SlotPrices($workload, $behind, $movable))->cost();

        return new self(
            $workload->weights->changeover * $changeover +
                max($workload->weights->late * $late + $workload->weights->flow * $flow, $priced),
            $late,
            $changeover,
            $flow,
        );
    }

    /** What stands on its machine already. */
    private static function setUp(Workload $workload, Sequence $standing): Sequence
    {
        return new Sequence(
            array_map(
                static fn(array $ids): array => array_values(
                    array_filter($ids, static fn(string $id): bool => $workload->batches[$id]->alreadySetUp),
                ),
                $standing->batches,
            ),
        );
    }

    /** Prices batches as if nothing had to be changed but a design loaded. */
    private static function easy(Workload $workload, int $loadS): \Hakama\Plan\Internal\Pricer
    {
        return new \Hakama\Plan\Internal\Pricer(
            new Workload(
                $workload->now,
                array_values($workload->lanes),
                array_values($workload->frames),
                array_values($workload->batches),
                new Changeover($loadS, 0, 0),
                $workload->hands,
                $workload->weights,
                $workload->needs,
            ),
        );
    }

    /**
     * @return array{int, int, int}|null its soonest end, its shortest run, and the fewest frame seconds of a second of
     *     it; null where it runs nowhere
     */
    private static function soonest(
        \Hakama\Plan\Internal\Pricer $easy,
        Workload $workload,
        Sequence $standing,
        int $b,
        BatchJob $batch,
    ): ?array {
        $end = $run = $frames = PHP_INT_MAX;
        foreach ($easy->numbers->machines as $m => $machine) {
            if ($easy->numbers->loads[$m][$b] === null) {
                continue;
            }
            $front = $standing->on($machine);
            $rank = array_search($batch->id, $front, true);
            if ($rank === false && $batch->alreadySetUp && $standing->machineOf($batch->id) !== null) {
                continue;
            }
            $before = array_map(
                static fn(string $id): int => (int) array_search($id, $easy->numbers->batches, true),
                $rank === false ? $front : array_slice($front, 0, $rank),
            );
            if ($easy->price([$m => [...$before, $b]], [$m => 0]) < \Hakama\Plan\Internal\Pricer::UNPLACED) {
                $end = min($end, $easy->ends[$m]);
                $run = min($run, $easy->numbers->runS($m, $b));
                $frames = min($frames, $workload->lanes[$machine]->heads * $batch->sewing->framesPerHead);
            }
        }

        return $end === PHP_INT_MAX ? null : [$end, $run, $frames];
    }

    /**
     * @param list<array{BatchJob, int, int, int}> $some  its soonest end, what it takes at least, frames it holds at least
     * @param string|null                       $frame where all of them want it
     *
     * @return array{float, float} weighted seconds late, and seconds until they are done, at least
     */
    private static function lateAndFlow(array $some, Workload $workload, ?string $frame): array
    {
        $alone = $flow = 0.0;
        foreach ($some as [$batch, $end]) {
            $alone += $batch->promise->weight * max(0, $end - $batch->promise->dueAt);
        }
        [$ends, $takes, $dues, $weights, $holds] = [
            array_column($some, 1),
            array_column($some, 2),
            array_map(static fn(array $one): int => $one[0]->promise->dueAt, $some),
            array_map(static fn(array $one): float => $one[0]->promise->weight, $some),
            array_map(static fn(array $one): int => $one[2] * $one[3], $some),
        ];
        sort($ends);
        sort($takes);
        sort($dues);
        sort($holds);
        $lanes = array_values($workload->lanes);
        $pools = [\Hakama\Plan\Internal\Pool::ofMachines($lanes, $workload->now, $workload->hands->most())->ends($takes)];
        if ($frame !== null) {
            $count = $workload->frames[$frame]->count;
            $pools[] = \Hakama\Plan\Internal\Pool::ofFrames($lanes, $workload->now, $count)->ends($holds);
        }
        $late = 0.0;
        foreach ($ends as $k => $end) {
            $end = max($end, ...array_map(static fn(array $pool): float => $pool[$k], $pools));
            $flow += $end - $workload->now;
            // Ends in rising order meet due times in rising order: no other pairing is less late.
            $late += max(0.0, $end - $dues[$k]);
        }

        return [max($alone, ($weights === [] ? 0.0 : min($weights)) * $late), $flow];
    }

    /** @return array<array-key, string> batch => the design and frame it shares with another; only what shares them */
    private static function families(Workload $workload): array
    {
        $families = array_map(
            static fn(BatchJob $batch): string => "{$batch->equipment->frame} {$batch->equipment->design}",
            array_filter($workload->batches, static fn(BatchJob $batch): bool => $batch->equipment->design !== ''),
        );
        $sizes = array_count_values($families);

        return array_filter($families, static fn(string $family): bool => $sizes[$family] > 1);
    }

    /** Frames, drivers and threads that some batch wants and no machine has now, seconds. */
    private static function neverMounted(Workload $workload): int
    {
        $wanted = array_filter(
            $workload->batches,
            static fn(BatchJob $batch): bool => ! $batch->alreadySetUp
                && isset($workload->frames[$batch->equipment->frame])
                && array_filter(
                    $workload->lanes,
                    static fn(Lane $lane): bool => $workload->obstacle($batch, $lane) === null,
                ) !== [],
        );
        $lanes = array_values($workload->lanes);
        $frames = array_diff(
            array_unique(array_map(static fn(BatchJob $batch): string => $batch->equipment->frame, $wanted)),
            array_column($lanes, 'frame'),
        );
        $drivers = array_diff(
            array_unique(
                array_map(
                    static fn(BatchJob $batch): string => $workload->frames[$batch->equipment->frame]->driver,
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
                ...array_map(static fn(BatchJob $batch): array => $batch->demand()->threads(), array_values($wanted)),
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
