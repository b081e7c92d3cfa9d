<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Generator;
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
    private readonly Remainder $remainder;
    /** @var array<int, int> batch => the machine it stands on already */
    private array $machineOf = [];
    /** @var array<int, list<int>> machine => what stands on it already */
    private readonly array $standing;
    private Sequence $best;
    private float $least = INF;
    private int $nodes = 0;
    private Generator $looking;
    private bool $isBegun = false;
    /** @var array<string, float> all that what is left depends on => the least that what stands has cost with it */
    private array $met = [];

    /** @param Sequence $standing what cannot be moved, where it stands */
    public function __construct(private readonly Workload $workload, Sequence $standing)
    {
        $this->pricer = new Pricer($workload);
        $this->pricer->keep($standing);
        $this->remainder = new Remainder($workload, $this->pricer);
        $this->standing = $this->pricer->sequence;
        foreach ($this->standing as $m => $lane) {
            foreach ($lane as $batch) {
                $this->machineOf[$batch] = $m;
            }
        }
    }

    /** Whether a shop can be looked through whole; what is cheaper than this sequence is looked for then. */
    public function begin(Sequence $start): bool
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
            if ($numbers->fixed[$batch] !== null || ($numbers->inFront[$batch] && ! isset($this->machineOf[$batch]))) {
                return false;
            }
        }
        $this->least = $this->pricer->keep($start);
        $this->pricer->change(
            array_map(static fn(): array => [], $numbers->machines),
            array_map(static fn(): int => 0, $numbers->machines),
        );
        $all = array_keys($numbers->batches);
        $this->remainder->cost($all, $this->workload->now, $this->least);
        $this->looking = $this->branch(array_fill_keys($all, true), $this->workload->now, $this->remainder->withNext);

        return true;
    }

    /** Goes on for so many beginnings of a plan; true when nothing is cheaper than `best`. */
    public function goOn(int $nodes): bool
    {
        $this->nodes = $nodes;
        if ($this->isBegun) {
            $this->looking->next();
        }
        $this->isBegun = true;

        return ! $this->looking->valid();
    }

    /** A cheaper sequence was found elsewhere. */
    public function know(Sequence $better, float $cost): void
    {
        if ($cost < $this->least) {
            [$this->best, $this->least] = [$better, $cost];
        }
    }

    /** The cheapest sequence met. */
    public function best(): Sequence
    {
        return $this->best;
    }

    public function cost(): float
    {
        return $this->least;
    }

    /**
     * @param array<int, true>               $left     batches without a place
     * @param int                            $start    the latest start so far
     * @param array<int, array<int, float>>  $withNext machine => batch => what all of them must cost if it comes next
     *
     * @return Generator<int, null, void, void> halts when as many beginnings were looked at as it may
     */
    private function branch(array $left, int $start, array $withNext): Generator
    {
        if ($left === []) {
            [$this->best, $this->least] = [$this->pricer->kept(), $this->pricer->cost];

            return;
        }
        if ($this->nodes <= 0) {
            yield;
        }
        $state = hash('xxh128', implode(' ', array_keys($left)).$this->pricer->stateFrom($start), true);
        if (($this->met[$state] ?? INF) <= $this->pricer->cost) {
            return;
        }
        $this->met[$state] = $so = $this->pricer->cost;
        foreach ($this->next($left) as [$m, $batch]) {
            if ($so + $withNext[$m][$batch] >= $this->least - 1e-9) {
                continue;
            }
            $this->nodes--;
            $lane = $this->pricer->sequence[$m];
            $cost = $this->pricer->change([$m => [...$lane, $batch]], [$m => count($lane)]);
            $rest = $left;
            unset($rest[$batch]);
            $at = $this->pricer->startOf[$batch];
            if (
                $this->pricer->isPlacedLast($m)
                && $cost + $this->atLeast($rest, max($start, $at), $this->least - $cost) < $this->least - 1e-9
            ) {
                yield from $this->branch($rest, max($start, $at), $this->remainder->withNext);
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
     * What the rest must cost when none of it starts before a time.
     *
     * @param array<int, true> $rest
     */
    private function atLeast(array $rest, int $start, float $enough): float
    {
        return $this->remainder->cost(array_keys($rest), $start, $enough);
    }
}
