<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for the cheapest plan. First it builds plan after plan and learns what to be led by (`Internal\Building`), then it
 * takes a few batches at a time out of the best and puts them back (`Internal\Ruin`), going on from what is hardly worse
 * at first and only from what is better in the end (simulated annealing). A small shop is looked through whole instead.
 * It can be stopped at any time and gone on with; the same shop, seed and number of iterations come to the same plan.
 */
final class Search implements Searcher
{
    /** To build plans, or to put a few batches elsewhere, takes as long as so many changes of one batch would. */
    private const ITERATIONS_A_ROUND = 52;
    /** From so many batches on, a shop is large: it is given more rounds, in proportion. */
    private const LARGE = 45;
    /** In a large shop there are fewer rounds: no more places than so many an iteration are priced. */
    private const PLACES_AN_ITERATION = 30;
    /** This share of the time builds plans, percent: in a large shop more hangs on how it is begun. */
    private const BUILDING_PERCENT = 50;
    private const BUILDING_PERCENT_LARGE = 90;
    /** So many plans are built in the time in which a few batches are put elsewhere. */
    private const PLANS_A_ROUND = 2;
    /** In a small shop a place is not left out before it seems dearer by so many minutes late. */
    private const SPARE_MIN = 1.0;
    /** After so many rounds, or percent of them, all the plans of a small shop are looked through beside. */
    private const ROUNDS_FIRST = 30;
    /** A plan is gone on from that costs this share more, with e to the minus one; it falls to a hundredth of that. */
    private const WORSE = 0.01;
    private const LEAST_WORSE = 0.01;
    /** So many beginnings of a plan are looked at in a round, where all of them might be. */
    private const NODES_A_ROUND = 5_000;

    private readonly \Hakama\Plan\Internal\Pricer $pricer;
    private readonly \Hakama\Plan\Internal\Building $building;
    private readonly Randomizer $chance;
    private readonly Sequence $standing;
    private readonly int $planned;
    private readonly int $iterationsARound;
    private readonly int $buildingPercent;
    private ?\Hakama\Plan\Internal\Ruin $ruin = null;
    private ?\Hakama\Plan\Internal\Exact $exact = null;
    private bool $isBegun = false;
    private float $current = INF;
    /** What the best is judged by, and what it costs by itself. */
    private float $best = INF;
    private float $cost = INF;
    /** @var array<int, list<int>> */
    private array $currentLanes = [];
    /** @var array<int, list<int>> */
    private array $bestLanes = [];
    private int $done = 0;
    private int $rounds = 0;
    private bool $isProven = false;
    private ?float $bound = null;

    private function __construct(public readonly Workload $workload, ?Sequence $inForce, int $seed, int $iterations)
    {
        $this->pricer = new \Hakama\Plan\Internal\Pricer($workload);
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->standing = self::standing($workload, $inForce ?? new Sequence([]));
        $isLarge = count($workload->batches) >= self::LARGE;
        $this->building = new \Hakama\Plan\Internal\Building(
            $workload,
            $this->pricer,
            $this->standing,
            $this->chance,
            $isLarge ? 0.0 : self::SPARE_MIN * $workload->weights->late,
        );
        $this->planned = max(1, $iterations);
        $this->iterationsARound = intdiv(
            self::ITERATIONS_A_ROUND * self::LARGE,
            max(self::LARGE, min(2 * self::LARGE, count($workload->batches))),
        );
        $this->buildingPercent = $isLarge ? self::BUILDING_PERCENT_LARGE : self::BUILDING_PERCENT;
        foreach (
            [
                $inForce,
                Dispatch::asBooked($workload, $this->standing, $this->pricer),
                Dispatch::byDue($workload, $this->standing, $this->pricer),
                Dispatch::leastSlack($workload, $this->standing, $this->pricer),
                Dispatch::pressing($workload, $this->standing, $this->pricer),
            ] as $start
        ) {
            if ($start !== null) {
                $this->pricer->keep($start);
                $this->offer();
            }
        }
    }

    /**
     * @param int           $iterations how long it is meant to look: it settles down towards the end of them
     * @param Sequence|null $inForce    is begun with when no start does better; what stands at the front of a
     *     machine stays there
     */
    public static function of(
        Workload $workload,
        int $seed = 1,
        int $iterations = 20_000,
        ?Sequence $inForce = null,
    ): self {
        return new self($workload, $inForce, $seed, $iterations);
    }

    /** No plan is cheaper than the best: there is nothing left to look for. Hands that are not in are not looked at here. */
    public function isProven(): bool
    {
        return $this->isProven && $this->workload->weights->beyond <= 0.0;
    }

    /** Looks so many iterations longer. */
    public function run(int $iterations): self
    {
        $this->done += $iterations;
        while (
            ! $this->isProven
            && $this->rounds < max(1, intdiv($this->done, $this->iterationsARound))
            && $this->priced() < $this->done * self::PLACES_AN_ITERATION
        ) {
            $this->rounds++;
            $this->lookThrough();
            if ($this->share() * 100 <= $this->buildingPercent) {
                $this->build();
            } elseif (! $this->ruin() && $this->exact === null) {
                break;
            }
        }

        return $this;
    }

    public function begin(int $iterations): void
    {
        $this->run($iterations);
    }

    public function found(): Found
    {
        return new Found($this->best(), $this->best, $this->isProven(), $this->building->best());
    }

    public function take(Found $better): void
    {
        if ($better->led !== null) {
            $this->building->take(...$better->led);
        }
        if ($better->judged >= $this->best - 1e-9) {
            return;
        }
        $this->pricer->keep($better->sequence);
        $this->offer();
        if ($this->ruin !== null) {
            $this->goBack($this->bestLanes);
            [$this->current, $this->currentLanes] = [$this->pricer->cost, $this->bestLanes];
        }
    }

    private function priced(): int
    {
        return $this->building->priced + ($this->ruin->priced ?? 0);
    }

    /** How much of what is planned is done: rounds, or places in a large shop. */
    private function share(): float
    {
        return min(
            1.0,
            max(
                ($this->rounds * $this->iterationsARound) / $this->planned,
                $this->priced() / ($this->planned * self::PLACES_AN_ITERATION),
            ),
        );
    }

    /** A part of all the plans there are of a small shop; none at first, as a good plan spares most of them. */
    private function lookThrough(): void
    {
        if (
            ! $this->isBegun
            && ($this->rounds > self::ROUNDS_FIRST || $this->share() * 100 >= self::ROUNDS_FIRST)
            && count($this->workload->batches) <= \Hakama\Plan\Internal\Exact::MOST
        ) {
            $this->isBegun = true;
            $exact = new \Hakama\Plan\Internal\Exact($this->workload, $this->standing);
            $this->exact = $exact->begin($this->best()) ? $exact : null;
        }
        if ($this->exact === null) {
            return;
        }
        $this->exact->know($this->best(), $this->cost);
        $this->isProven = $this->exact->goOn(self::NODES_A_ROUND);
        if ($this->exact->cost() < $this->cost) {
            $this->pricer->keep($this->exact->best());
            $this->offer();
            if ($this->ruin !== null) {
                $this->goBack($this->currentLanes);
            }
        }
    }

    private function build(): void
    {
        for ($i = 0; $i < self::PLANS_A_ROUND; $i++) {
            if ($this->building->next()) {
                $this->offer();
            }
        }
    }

    /** A few batches put elsewhere; false when nothing can be moved. */
    private function ruin(): bool
    {
        if ($this->ruin === null) {
            $this->goBack($this->bestLanes);
            $this->current = $this->pricer->cost;
            $this->currentLanes = $this->bestLanes;
            $this->ruin = new \Hakama\Plan\Internal\Ruin($this->pricer, $this->chance);
        }
        if ($this->ruin->isStuck()) {
            return false;
        }
        $worse = self::WORSE * self::LEAST_WORSE ** $this->share() * $this->cost;
        $limit = $this->current - $worse * log($this->chance->getInt(1, 1_000_000) / 1_000_000);
        $cost = $this->ruin->next();
        if ($cost >= $limit) {
            $this->goBack($this->currentLanes);

            return true;
        }
        $this->current = $cost;
        $this->currentLanes = $this->pricer->sequence;
        $this->offer();

        return true;
    }

    /** What the pricer keeps is the best when it costs less; a batch left out costs more than any lateness. */
    private function offer(): void
    {
        $missing = count($this->workload->batches) - array_sum(array_map(count(...), $this->pricer->sequence));
        $cost = $this->pricer->cost + \Hakama\Plan\Internal\Pricer::UNPLACED * $missing;
        if ($cost < $this->best - 1e-9) {
            $this->best = $cost;
            $this->cost = $this->pricer->cost;
            $this->bestLanes = $this->pricer->sequence;
        }
    }

    /** @param array<int, list<int>> $lanes */
    private function goBack(array $lanes): void
    {
        $this->pricer->change($lanes, array_fill(0, count($lanes), 0));
    }

    public function done(): int
    {
        return $this->done;
    }

    public function cost(): float
    {
        return $this->cost;
    }

    /** What no plan can cost less than: what the best one costs, where that is proven. */
    public function bound(): float
    {
        if (! $this->isProven) {
            return $this->bound ??= Bound::of($this->workload, $this->standing)->cost;
        }

        return self::costOf($this->workload, $this->best());
    }

    /** What a plan costs as it is judged here: hands that are not in are not looked at. */
    public static function costOf(Workload $workload, Sequence $sequence): float
    {
        $totals = Timetable::of($workload, $sequence)->totals;

        return $totals->cost - $totals->parts()['beyond'];
    }

    public function best(): Sequence
    {
        $lanes = [];
        foreach ($this->bestLanes as $m => $lane) {
            $lanes[$this->pricer->numbers->machines[$m]] = array_map(
                fn(int $batch): string => $this->pricer->numbers->batches[$batch],
                $lane,
            );
        }

        return new Sequence($lanes);
    }

    /** What cannot be moved, where it stands; a batch that is fixed and stands nowhere goes where it is fixed to. */
    private static function standing(Workload $workload, Sequence $inForce): Sequence
    {
        $lanes = [];
        foreach ($inForce->batches as $machine => $ids) {
            $lanes[$machine] = array_values(
                array_filter(
                    $ids,
                    static fn(string $id): bool => $workload->batches[$id]->stays(),
                ),
            );
        }
        $sequence = new Sequence($lanes);
        $fixed = array_filter($workload->batches, static fn(BatchJob $batch): bool => $batch->fixed !== null);
        uasort($fixed, static fn(BatchJob $a, BatchJob $b): int => ($a->fixed->startAt ?? 0) <=> ($b->fixed->startAt ?? 0));
        foreach ($fixed as $batch) {
            if (isset($workload->lanes[$batch->fixed->machine ?? '']) && $sequence->machineOf($batch->id) === null) {
                $sequence = $sequence->appended((string) $batch->fixed?->machine, $batch->id);
            }
        }

        return $sequence;
    }
}
