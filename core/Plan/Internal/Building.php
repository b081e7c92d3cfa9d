<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Plan\Sequence;
use Hakama\Plan\Workload;
use Random\Randomizer;

/**
 * Builds plan after plan, each batch put where it costs least, and learns what to be led by: the guide of a good plan is
 * changed a little, and the change is kept when the plan that comes of it is no worse, or hardly. A missed evening lies
 * between most good plans, and no small change of a plan leads over it; a small change of its guide may. Many plans
 * quickly built come further than few that were tried at every place.
 *
 * @internal
 */
final class Building
{
    /** So many plans are led by chance alone before it is learned from the best of them. */
    private const FIRST = 20;
    /** So many of the best are gone on from side by side; after so many plans the worst gives way to the best. */
    private const LINES = 3;
    private const GIVES_WAY = 150;
    /** After so many plans it is begun anew: where nothing good has come of it by then, hardly anything will. */
    private const ANEW = 1500;
    /** How much of a guide is changed at once, percent. */
    private const CHANGED = 25;
    /** A batch is tried at so many places at the end of each machine: what stands there already is more urgent. */
    private const LAST = 3;
    /** A plan may cost so many thousandths more than the one before it. */
    private const WORSE = 30;
    /** A kind of frame is priced in so many times the share of guides that is wanted of it until some due time. */
    private const SCARCE = 2.0;
    /** Due times before so much work is not looked at for that. */
    private const EARLY_S = 21_600;

    /** @var list<array{Guide, float}> what is gone on from, and what the plan cost that came of it */
    private array $lines = [];
    private int $built = 0;
    /** How many places were priced so far. */
    public int $priced = 0;
    /** @var array<int, int> batch => seconds */
    private readonly array $shortestS;
    /** @var array<int, array<int, int>> machine, batch => seconds */
    private readonly array $runS;
    /** @var array<int, int> batch => its place by due time, thousandths */
    private readonly array $dueRank;
    /** @var array<int, int> frame => percent of the guides that price it */
    private readonly array $scarce;

    /**
     * @param Sequence $standing what cannot be moved, where it stands
     * @param float    $spare    as of `Insertion::cheapestAtEnd`
     */
    public function __construct(
        private readonly Workload $workload,
        private readonly Pricer $pricer,
        private readonly Sequence $standing,
        private readonly Randomizer $chance,
        private readonly float $spare,
    ) {
        $shortest = $runs = [];
        foreach (array_keys($pricer->numbers->batches) as $batch) {
            $shortest[$batch] = $pricer->numbers->shortestRunS($batch);
            foreach (array_keys($pricer->numbers->machines) as $m) {
                $runs[$m][$batch] = $pricer->numbers->runS($m, $batch);
            }
        }
        [$this->shortestS, $this->runS] = [$shortest, $runs];
        $due = $pricer->numbers->due;
        asort($due);
        $ranks = [];
        foreach (array_keys($due) as $rank => $batch) {
            $ranks[$batch] = intdiv(1000 * $rank, count($due));
        }
        $this->dueRank = $ranks;
        $this->scarce = $this->scarce(array_keys($due));
    }

    /**
     * @param list<int> $batches by due time
     *
     * @return array<int, int> frame => percent
     */
    private function scarce(array $batches): array
    {
        $numbers = $this->pricer->numbers;
        $wanted = $scarce = [];
        foreach ($batches as $batch) {
            $holds = [];
            foreach ($this->runS as $m => $runS) {
                if ($numbers->loads[$m][$batch] !== null) {
                    $holds[] = $numbers->frames[$m][$batch] * ($runS[$batch] + $this->workload->changeover->traceS);
                }
            }
            $wanted[$numbers->frame[$batch]][] = [$numbers->due[$batch], $holds === [] ? 0 : min($holds)];
        }
        foreach ($numbers->stock as $frame => $count) {
            $share = Pool::ofFrames(array_values($this->workload->lanes), $this->workload->now, $count)->fullest(
                $wanted[$frame] ?? [],
                self::EARLY_S * $count,
            );
            $scarce[$frame] = (int) min(100, 100 * self::SCARCE * $share);
        }

        return $scarce;
    }

    /** One plan more, left in the pricer; true when it was finished and is one to go on from. */
    public function next(): bool
    {
        if ($this->built === self::ANEW) {
            [$this->lines, $this->built] = [[], 0];
        }
        if ($this->built++ < self::FIRST) {
            return $this->begin();
        }
        if ($this->built % self::GIVES_WAY === 0) {
            usort($this->lines, self::cheaper(...));
            $this->lines[count($this->lines) - 1] = $this->lines[0];
        }
        $line = $this->built % count($this->lines);
        [$guide, $cost] = $this->lines[$line];
        $guide = $this->changed($guide, self::CHANGED);
        $limit = $cost * (1 + $this->chance->getInt(0, self::WORSE) / 1000);
        $cost = $this->build($guide, $limit);
        if ($cost >= $limit) {
            return false;
        }
        $this->lines[$line] = [$guide, $cost];

        return true;
    }

    /** @return array{Guide, float}|null what the best is led by, and what it costs */
    public function best(): ?array
    {
        $lines = $this->lines;
        usort($lines, self::cheaper(...));

        return $lines[0] ?? null;
    }

    /** Another has built a better one: the worst line here gives way to it. */
    public function take(Guide $guide, float $cost): void
    {
        $costs = array_column($this->lines, 1);
        if (count($costs) < self::LINES || in_array($cost, $costs, true)) {
            return;
        }
        $worst = (int) array_search(max($costs), $costs, true);
        if ($cost < $costs[$worst]) {
            $this->lines[$worst] = [$guide, $cost];
        }
    }

    /** A plan led by chance, one of the lines when it is one of the best; the very first goes by due time alone. */
    private function begin(): bool
    {
        $plain = Guide::plain($this->pricer->numbers);
        $guide = $this->priced === 0 ? $plain : $this->changed($plain, 100);
        $cost = $this->build($guide, count($this->lines) < self::LINES ? INF : $this->lines[self::LINES - 1][1]);
        if ($cost === INF) {
            return false;
        }
        $this->lines[] = [$guide, $cost];
        usort($this->lines, self::cheaper(...));
        $this->lines = array_slice($this->lines, 0, self::LINES);

        return true;
    }

    /**
     * @param array{Guide, float} $a
     * @param array{Guide, float} $b
     */
    private static function cheaper(array $a, array $b): int
    {
        return $a[1] <=> $b[1];
    }

    private function changed(Guide $guide, int $percent): Guide
    {
        return $guide->changed(
            $this->pricer->numbers,
            $this->workload->weights->late,
            $this->scarce,
            $this->chance,
            $percent,
        );
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
                    $extra[$m] = $guide->extra($numbers, $m, $batch, $runS[$batch], $this->dueRank[$batch]);
                }
            }
            $place = $insertion->cheapestAtEnd($batch, $extra, self::LAST, $this->spare);
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
