<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Plan\Sequence;
use Hakama\Plan\Workload;
use Random\Randomizer;

/**
 * Builds plan after plan, each batch put where it costs least, and learns what to be led by: the guide of a good plan is
 * changed a little, and the change is kept when the plan that comes of it is no worse, or hardly. A missed evening lies
 * between most good plans, and no small change of a plan leads over it; a small change of its guide may.
 *
 * @internal
 */
final class Building
{
    /** So many plans are led by chance alone before it is learned from the best of them. */
    private const FIRST = 20;
    /** How much of a guide is changed at once, percent. */
    private const CHANGED = [20, 40];
    /** A plan may cost so many thousandths more than the one before it. */
    private const WORSE = 30;

    private Guide $guide;
    private float $current = INF;
    private int $built = 0;
    /** How many places were priced so far. */
    public int $priced = 0;
    /** @var array<int, int> batch => seconds */
    private readonly array $shortestS;
    /** @var array<int, array<int, int>> machine, batch => seconds */
    private readonly array $runS;

    /** @param Sequence $standing what cannot be moved, where it stands */
    public function __construct(
        private readonly Workload $workload,
        private readonly Pricer $pricer,
        private readonly Sequence $standing,
        private readonly Randomizer $chance,
    ) {
        $this->guide = Guide::plain($pricer->numbers);
        $shortest = $runs = [];
        foreach (array_keys($pricer->numbers->batches) as $batch) {
            $shortest[$batch] = $pricer->shortestRunS($batch);
            foreach (array_keys($pricer->numbers->machines) as $m) {
                $runs[$m][$batch] = $pricer->runS($m, $batch);
            }
        }
        [$this->shortestS, $this->runS] = [$shortest, $runs];
    }

    /** One plan more, left in the pricer; true when it was finished and is one to go on from. */
    public function next(): bool
    {
        $first = $this->built++ < self::FIRST;
        $guide =
            $this->built === 1
                ? $this->guide
                : $this->guide->changed(
                    $this->pricer->numbers,
                    $this->workload->weights->late,
                    $this->chance,
                    $first ? 100 : $this->chance->getInt(...self::CHANGED),
                );
        $limit = $this->current * ($first ? 1 : 1 + $this->chance->getInt(0, self::WORSE) / 1000);
        $cost = $this->build($guide, $limit);
        if ($cost >= $limit) {
            return false;
        }
        [$this->guide, $this->current] = [$guide, $cost];

        return true;
    }

    /** Stops, with INF, when it comes to as much as a limit. */
    private function build(Guide $guide, float $limit): float
    {
        $this->pricer->keep($this->standing);
        $numbers = $this->pricer->numbers;
        $insertion = new Insertion($this->pricer);
        $open = array_values(
            array_diff(array_keys($numbers->batches), array_merge(...array_values($this->pricer->sequence))),
        );
        $missing = 0;
        foreach ($guide->order($numbers, $open, $this->shortestS, $this->workload->now) as $batch) {
            $extra = [];
            foreach ($this->runS as $m => $runS) {
                if ($numbers->loads[$m][$batch] !== null) {
                    $extra[$m] = $guide->extra($numbers, $m, $batch, $runS[$batch]);
                }
            }
            $place = $insertion->cheapest($batch, $extra);
            // A batch that has no place costs more than any lateness.
            $missing += $place === null ? 1 : 0;
            if (
                ($place === null ? $this->pricer->cost : $insertion->put($batch, ...$place)) +
                    $missing * Pricer::UNPLACED >=
                $limit
            ) {
                $this->priced += $insertion->priced;

                return INF;
            }
        }
        $this->priced += $insertion->priced;

        return $this->pricer->cost + $missing * Pricer::UNPLACED;
    }
}
