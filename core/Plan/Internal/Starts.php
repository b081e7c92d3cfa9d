<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Plan\Dispatch;
use Hakama\Plan\Sequence;
use Hakama\Plan\Workload;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What a search begins with: the cheapest of the plan in force, the dispatch rules, and many sequences in which one
 * batch after the other was put where it costs least. Which batch comes when decides what becomes of those, so the due
 * times are weighed anew by chance for each. Small changes seldom lead from one such plan to another one, as a missed
 * evening lies between them: a good start is worth more than a long search.
 *
 * @internal
 */
final class Starts
{
    /** For each change that the search is to try, so many places are priced here. */
    private const PLACES_PER_CHANGE = 1.5;
    /** A large shop is not to wait for its first plan. */
    private const MOST_PLACES = 300_000;
    private const LEAST = 2;
    private const MOST = 200;
    /** The first are put in without chance: by due time, by latest start, and with twice the run kept free. */
    private const KINDS = 3;
    /** A due time counts as so many thousandths of what is left until then. */
    private const NOISE = [700, 1300];

    private readonly Pricer $pricer;
    private readonly Randomizer $chance;

    /** @param Sequence $standing what cannot be moved, where it stands */
    public function __construct(private readonly Workload $workload, private readonly Sequence $standing, int $seed)
    {
        $this->pricer = new Pricer($workload);
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @param int $iterations how many changes the search is to try: the more, the more starts it is given */
    public function best(?Sequence $inForce, int $iterations): Sequence
    {
        $best = $inForce ?? $this->standing;
        $least = $inForce === null ? INF : $this->cost($inForce);
        foreach ($this->all((int) min(self::MOST_PLACES, self::PLACES_PER_CHANGE * $iterations)) as $sequence) {
            $cost = $this->cost($sequence);
            if ($cost < $least) {
                [$best, $least] = [$sequence, $cost];
            }
        }

        return $best;
    }

    /** @return iterable<Sequence> */
    private function all(int $places): iterable
    {
        yield Dispatch::asBooked($this->workload, $this->standing);
        yield Dispatch::byDue($this->workload, $this->standing);
        yield Dispatch::leastSlack($this->workload, $this->standing);
        yield Dispatch::pressing($this->workload, $this->standing);
        for ($n = 0; $n < self::LEAST || ($places > 0 && $n < self::MOST); $n++) {
            $this->pricer->keep($this->standing);
            $insertion = new Insertion($this->pricer);
            foreach ($this->order($n % self::KINDS, $n >= self::KINDS) as $batch) {
                $place = $insertion->cheapest($batch);
                if ($place !== null) {
                    $insertion->put($batch, ...$place);
                }
            }
            $places -= $insertion->priced;
            yield $this->pricer->kept();
        }
    }

    /**
     * What is not placed yet, the most urgent first.
     *
     * @param int $runs how many times its shortest run is taken off what a batch has left until it is due
     *
     * @return list<int>
     */
    private function order(int $runs, bool $noisy): array
    {
        $numbers = $this->pricer->numbers;
        $there = array_fill_keys(array_merge(...array_values($this->pricer->sequence)), true);
        $urgency = [];
        foreach (array_keys($numbers->batches) as $batch) {
            if (! isset($there[$batch])) {
                $left = $numbers->due[$batch] - $this->workload->now - $runs * $this->pricer->shortestRunS($batch);
                $urgency[$batch] = $noisy ? ($left * $this->chance->getInt(...self::NOISE)) / 1000 : $left;
            }
        }
        asort($urgency);

        return array_keys($urgency);
    }

    /** A batch that has no place costs more than any lateness. */
    private function cost(Sequence $sequence): float
    {
        $missing = count($this->workload->batches) - array_sum(array_map(count(...), $sequence->batches));

        return $this->pricer->keep($sequence) + Pricer::UNPLACED * $missing;
    }
}
