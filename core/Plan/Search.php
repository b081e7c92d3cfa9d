<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for the cheapest plan: from the best of many starts on by small changes, each taken when it is no worse than the
 * plan was some changes ago (late acceptance, Burke and Bykov 2017). A small shop is looked through whole instead. It can
 * be stopped at any time and gone on with; the same shop, seed and number of changes come to the same plan.
 */
final class Search
{
    /**
     * Of how many changes there are to be, the one in so many that is looked back; the further, the better and the
     * slower.
     */
    private const LOOK_BACK = 110;
    private const LEAST_BACK = 20;
    private const MOST_BACK = 20_000;
    /** So many look-backs without a better plan, and it is shaken and gone on from the best. */
    private const PATIENCE = 15;
    private const SHAKES = 4;
    /** For each change it is to try, so many beginnings of a plan are looked at where all of them might be. */
    private const NODES_PER_CHANGE = 4;

    private readonly Internal\Pricer $pricer;
    private readonly Internal\Moves $moves;
    private readonly Randomizer $chance;
    /** @var list<float> what the plan cost at the last changes, round and round */
    private array $back;
    private float $current;
    private float $best;
    /** @var array<int, list<int>> */
    private array $bestLanes;
    private int $done = 0;
    private int $better = 0;

    /** @param bool $isProven no plan is cheaper than the start: there is nothing to look for */
    private function __construct(
        public readonly Workload $workload,
        Sequence $start,
        int $seed,
        int $iterations,
        public readonly bool $isProven,
    ) {
        $this->pricer = new Internal\Pricer($workload);
        $this->current = $this->best = $this->pricer->keep($start);
        $this->bestLanes = $this->pricer->sequence;
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->moves = new Internal\Moves($this->pricer, $this->chance);
        $this->back = array_fill(
            0,
            max(self::LEAST_BACK, min(self::MOST_BACK, intdiv($iterations, self::LOOK_BACK))),
            $this->best,
        );
    }

    /**
     * @param int           $iterations how many changes it is meant to try: it settles down towards the end of them
     * @param Sequence|null $inForce    is begun with when no start does better; what stands at the front of a
     *     machine stays there
     */
    public static function of(
        Workload $workload,
        int $seed = 1,
        int $iterations = 20_000,
        ?Sequence $inForce = null,
    ): self {
        $standing = self::standing($workload, $inForce ?? new Sequence([]));
        $start = (new Internal\Starts($workload, $standing, $seed))->best($inForce, $iterations);

        $exact = new Internal\Exact($workload, $standing);
        $proven = $exact->run($start, self::NODES_PER_CHANGE * $iterations);

        return new self($workload, $exact->best(), $seed, $iterations, $proven);
    }

    /** Tries so many changes more. */
    public function run(int $iterations): self
    {
        if ($this->isProven || $this->moves->isStuck()) {
            $this->done += $iterations;

            return $this;
        }
        for ($end = $this->done + $iterations; $this->done < $end;) {
            $this->done++;
            $lanes = $this->moves->draw();
            if ($lanes === null) {
                continue;
            }
            $slot = $this->done % count($this->back);
            $limit = max($this->current, $this->back[$slot]) + 1e-9;
            $cost = $this->pricer->price($lanes, $this->moves->first, $limit);
            if ($cost < $limit) {
                $this->take($lanes, $cost);
            }
            if ($this->current < $this->back[$slot]) {
                $this->back[$slot] = $this->current;
            }
            if ($this->done - $this->better > self::PATIENCE * count($this->back)) {
                $this->shake();
            }
        }

        return $this;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function cost(): float
    {
        return $this->best;
    }

    /** What no plan can cost less than: what the best one costs, where that is proven. */
    public function bound(): float
    {
        return $this->isProven
            ? Timetable::of($this->workload, $this->best())->totals->cost
            : Bound::of($this->workload)->cost;
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

    /** @param array<int, list<int>> $lanes */
    private function take(array $lanes, float $cost): void
    {
        $this->pricer->change($lanes, $this->moves->first);
        $this->moves->look();
        $this->current = $cost;
        if ($cost < $this->best - 1e-9) {
            $this->best = $cost;
            $this->bestLanes = $this->pricer->sequence;
            $this->better = $this->done;
        }
    }

    /** Nothing better is found from here: a few changes whatever they cost, from the best there is. */
    private function shake(): void
    {
        $this->pricer->change($this->bestLanes, array_fill(0, count($this->bestLanes), 0));
        $this->moves->look();
        for ($i = 0; $i < self::SHAKES; $i++) {
            $lanes = $this->moves->draw();
            if ($lanes !== null) {
                $this->take($lanes, $this->pricer->price($lanes, $this->moves->first));
            }
        }
        $this->current = $this->pricer->cost;
        $this->back = array_fill(0, count($this->back), $this->current);
        $this->better = $this->done;
    }

    /** What cannot be moved, where it stands; a batch that is fixed and stands nowhere goes where it is fixed to. */
    private static function standing(Workload $workload, Sequence $inForce): Sequence
    {
        $lanes = [];
        foreach ($inForce->batches as $machine => $ids) {
            $lanes[$machine] = array_values(
                array_filter(
                    $ids,
                    static fn(string $id): bool => $workload->batches[$id]->alreadySetUp
                        || $workload->batches[$id]->fixed !== null,
                ),
            );
        }
        $sequence = new Sequence($lanes);
        $fixed = array_filter($workload->batches, static fn(Batch $batch): bool => $batch->fixed !== null);
        uasort($fixed, static fn(Batch $a, Batch $b): int => ($a->fixed->startAt ?? 0) <=> ($b->fixed->startAt ?? 0));
        foreach ($fixed as $batch) {
            if (isset($workload->lanes[$batch->fixed->machine ?? '']) && $sequence->machineOf($batch->id) === null) {
                $sequence = $sequence->appended((string) $batch->fixed?->machine, $batch->id);
            }
        }

        return $sequence;
    }
}
