<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Plan\Sequence;
use Hakama\Plan\Workload;

/**
 * The cheapest plan of a small shop, proven: branch and bound over what is set up next. A batch is only ever put behind
 * what started before it, so what stands already keeps its times and its cost, and every sequence is met exactly once.
 * What is left cannot start before the latest start either, which bounds what it must cost still.
 *
 * @internal
 */
final class Exact
{
    /** With more batches than this it is not begun. */
    public const MOST = 10;

    private readonly Pricer $pricer;
    /** @var array<int, int> batch => the machine it stands on already */
    private array $machineOf = [];
    /** @var array<int, list<int>> machine => what stands on it already */
    private readonly array $standing;
    private Sequence $best;
    private float $least = INF;
    private int $nodes = 0;

    /** @param Sequence $standing what cannot be moved, where it stands */
    public function __construct(private readonly Workload $workload, Sequence $standing)
    {
        $this->pricer = new Pricer($workload);
        $this->pricer->keep($standing);
        $this->standing = $this->pricer->sequence;
        foreach ($this->standing as $m => $lane) {
            foreach ($lane as $batch) {
                $this->machineOf[$batch] = $m;
            }
        }
    }

    /**
     * Looks for what is cheaper than a sequence; true when nothing is cheaper than `best` is then.
     *
     * @param int $nodes gives up after so many beginnings of a plan
     */
    public function run(Sequence $start, int $nodes): bool
    {
        $this->best = $start;
        $numbers = $this->pricer->numbers;
        $count = count($numbers->batches);
        $placed = array_sum(array_map(count(...), $start->batches));
        if ($count > self::MOST || $placed < $count) {
            return false;
        }
        foreach (array_keys($numbers->batches) as $batch) {
            // What is fixed to a time goes between others, and where something is set up already must be known.
            if (
                $numbers->fixed[$batch] !== null
                || ($numbers->standing[$batch] && ! isset($this->machineOf[$batch]))
            ) {
                return false;
            }
        }
        $this->least = $this->pricer->keep($start);
        $this->pricer->change(
            array_map(static fn(): array => [], $numbers->machines),
            array_map(static fn(): int => 0, $numbers->machines),
        );
        $this->nodes = $nodes;
        $this->branch(array_fill_keys(array_keys($numbers->batches), true), $this->workload->now);

        return $this->nodes >= 0;
    }

    /** The cheapest sequence met. */
    public function best(): Sequence
    {
        return $this->best;
    }

    /**
     * @param array<int, true> $left  batches without a place
     * @param int              $start the latest start so far
     */
    private function branch(array $left, int $start): void
    {
        if ($left === []) {
            [$this->best, $this->least] = [$this->pricer->kept(), $this->pricer->cost];

            return;
        }
        foreach ($this->next($left) as [$m, $batch]) {
            if (--$this->nodes < 0) {
                return;
            }
            $lane = $this->pricer->sequence[$m];
            $cost = $this->pricer->change([$m => [...$lane, $batch]], [$m => count($lane)]);
            $rest = $left;
            unset($rest[$batch]);
            $at = $this->pricer->startOf[$batch];
            if (
                $this->pricer->isPlacedLast($m)
                && $cost + $this->atLeast($rest, max($start, $at)) < $this->least - 1e-9
            ) {
                $this->branch($rest, max($start, $at));
            }
            $this->pricer->change([$m => $lane], [$m => count($lane)]);
        }
    }

    /**
     * What may come next, where; what is due first is tried first.
     *
     * @param array<int, true> $left
     *
     * @return list<array{int, int}> machine, batch
     */
    private function next(array $left): array
    {
        $numbers = $this->pricer->numbers;
        $next = [];
        foreach ($this->pricer->sequence as $m => $lane) {
            $must = $this->standing[$m][count($lane)] ?? null;
            foreach (array_keys($left) as $batch) {
                if (
                    $numbers->loads[$m][$batch] !== null
                    && ($must === null ? ! isset($this->machineOf[$batch]) : $batch === $must)
                ) {
                    $next[] = [$m, $batch];
                }
            }
        }
        usort($next, static fn(array $a, array $b): int => $numbers->due[$a[1]] <=> $numbers->due[$b[1]]);

        return $next;
    }

    /**
     * What the rest must cost when none of it starts before a time: each alone, on the machine where it costs least,
     * behind what stands there, with the shortest changeover there is.
     *
     * @param array<int, true> $rest
     */
    private function atLeast(array $rest, int $start): float
    {
        $numbers = $this->pricer->numbers;
        $cost = 0.0;
        foreach (array_keys($rest) as $batch) {
            $end = PHP_INT_MAX;
            foreach ($numbers->machines as $m => $_) {
                if ($numbers->loads[$m][$batch] !== null) {
                    $end = min($end, $this->pricer->soonestEnd($m, $batch, $start));
                }
            }
            $cost +=
                ($numbers->standing[$batch] ? 0 : $this->pricer->leastChangeoverS()) * $numbers->perChangeoverS +
                ($end - $this->workload->now) * $numbers->perFlowS +
                max(0, $end - $numbers->due[$batch]) * $numbers->weight[$batch];
        }

        return $cost;
    }
}
