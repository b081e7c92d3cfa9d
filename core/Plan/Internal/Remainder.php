<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Plan\Workload;

/**
 * What batches without a place must cost still, however they are put behind what the pricer keeps.
 *
 * Each comes behind another one or is the next of a machine, and only one comes behind each of them: which goes where is
 * matched as cheaply as can be. It ends no sooner than what it comes behind, set up for and sewn, which ends no sooner
 * than as the next of that machine. A cone that is on no needle is put on there, at best once for all that want it.
 *
 * @internal
 */
final class Remainder
{
    /** What does not go. */
    private const NEVER = 1e12;

    private readonly Numbers $numbers;
    /** @var array<int, array<int, array<int, int>>> machine, batch, batch before it => changeover without cones, s */
    private array $behindS = [];
    /** @var array<int, array<int, int>> machine, batch => the shortest of these */
    private array $shortestS = [];
    /** @var array<int, array<int, int>> machine, batch => when it ends at the soonest as the next there */
    private array $nextEnds = [];
    /** @var array<int, array<int, float>> machine, batch => what it costs then */
    private array $nextCosts = [];
    /** @var array<int, array<int, float>> machine, batch => what its cones must cost there */
    private array $coneCosts = [];
    /** @var array<int, array<int, float>> machine, batch => what all of them must cost if it is the next there */
    public array $withNext = [];

    public function __construct(private readonly Workload $workload, private readonly Pricer $pricer)
    {
        $this->numbers = $pricer->numbers;
        foreach ($this->numbers->loads as $m => $loads) {
            $able = array_keys(array_filter($loads, is_array(...)));
            foreach ($able as $batch) {
                foreach ($able as $before) {
                    if ($before !== $batch) {
                        $this->behindS[$m][$batch][$before] = $pricer->behindS($m, $before, $batch);
                    }
                }
                $this->shortestS[$m][$batch] = min([PHP_INT_MAX, ...$this->behindS[$m][$batch] ?? []]);
            }
        }
    }

    /**
     * What they must cost; `withNext` says afterwards what it comes to with one of them as the next of a machine.
     *
     * @param list<int> $rest   batches without a place, each with a machine that can run it
     * @param int       $start  none of them is set up before
     * @param float     $enough more need not be shown
     */
    public function cost(array $rest, int $start, float $enough): float
    {
        $this->next($rest, $start);
        $least = [];
        foreach ($rest as $batch) {
            $least[$batch] = INF;
            foreach ($this->nextCosts as $m => $costs) {
                if (isset($costs[$batch])) {
                    $behind = $this->behind($m, $batch, $this->shortestS[$m][$batch], $start);
                    $least[$batch] = min($least[$batch], $costs[$batch], $behind);
                }
            }
        }
        $sum = array_sum($least);
        $this->withNext = [];
        foreach ($this->nextCosts as $m => $costs) {
            foreach ($costs as $batch => $cost) {
                $this->withNext[$m][$batch] = $sum - $least[$batch] + $cost;
            }
        }

        return $sum >= $enough || count($rest) < 2 ? $sum : max($sum, $this->matched($rest));
    }

    /**
     * Each as the next of each machine.
     *
     * @param list<int> $rest
     */
    private function next(array $rest, int $start): void
    {
        $wanted = [];
        foreach ($rest as $batch) {
            foreach ($this->numbers->colours[$batch] as $thread) {
                $wanted[$thread] = ($wanted[$thread] ?? 0) + 1;
            }
        }
        $this->nextEnds = $this->nextCosts = $this->coneCosts = [];
        foreach ($this->numbers->loads as $m => $loads) {
            foreach ($rest as $batch) {
                if ($loads[$batch] === null) {
                    continue;
                }
                $coneS = 0.0;
                foreach ($this->numbers->standing[$batch] ? [] : $this->numbers->threads[$m][$batch] as $thread) {
                    if (! $this->pricer->mayBeOn($m, $thread)) {
                        $coneS += $this->numbers->threadS[$m] / $wanted[$thread];
                    }
                }
                $changeoverS = $this->pricer->withoutConesS($m, $batch);
                $end = $this->pricer->soonestEnd($m, $batch, $changeoverS, $start);
                $this->nextEnds[$m][$batch] = $end;
                $this->coneCosts[$m][$batch] = $coneS * $this->numbers->perChangeoverS;
                $this->nextCosts[$m][$batch] = $this->ending($m, $batch, $changeoverS, $end);
            }
        }
    }

    /** @param list<int> $rest */
    private function matched(array $rest): float
    {
        $count = count($rest);
        $costs = [];
        foreach ($rest as $batch) {
            $row = array_fill(0, $count + count($this->numbers->machines), self::NEVER);
            foreach ($this->nextCosts as $m => $next) {
                if (! isset($next[$batch])) {
                    continue;
                }
                $row[$count + $m] = $next[$batch];
                foreach ($rest as $i => $before) {
                    if ($before !== $batch && isset($next[$before])) {
                        $cost = $this->behind(
                            $m,
                            $batch,
                            $this->behindS[$m][$batch][$before],
                            $this->nextEnds[$m][$before],
                        );
                        $row[$i] = min($row[$i], $cost);
                    }
                }
            }
            $costs[] = array_values($row);
        }
        $matching = Matching::of($costs);
        foreach ($this->withNext as $m => $with) {
            foreach ($rest as $i => $batch) {
                if (isset($with[$batch])) {
                    $this->withNext[$m][$batch] = max($with[$batch], $matching->with($i, $count + $m));
                }
            }
        }

        return $matching->cost;
    }

    private function behind(int $m, int $batch, int $changeoverS, int $start): float
    {
        return $changeoverS === PHP_INT_MAX
            ? self::NEVER
            : $this->ending($m, $batch, $changeoverS, $this->pricer->soonestEnd($m, $batch, $changeoverS, $start));
    }

    private function ending(int $m, int $batch, int $changeoverS, int $end): float
    {
        return $changeoverS * $this->numbers->perChangeoverS +
            $this->coneCosts[$m][$batch] +
            ($end - $this->workload->now) * $this->numbers->perFlowS +
            max(0, $end - $this->numbers->due[$batch]) * $this->numbers->weight[$batch];
    }
}
