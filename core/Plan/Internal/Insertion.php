<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

/**
 * Puts batches into the kept sequence of a pricer where they cost least. Every place of every machine is priced, each
 * cut off as soon as it costs as much as the best so far.
 *
 * @internal
 */
final class Insertion
{
    /** Lanes longer than this are tried only near where the due time would put a batch. */
    private const WHOLE = 24;
    private const NEAR = 8;

    /** How many places were priced so far. */
    public int $priced = 0;
    /** @var array<int, int> machine => how many stay at its front */
    private readonly array $front;

    public function __construct(private readonly Pricer $pricer)
    {
        $this->front = $pricer->fronts();
    }

    /**
     * The cheapest place of one batch; null where no machine can run it.
     *
     * @return array{int, int}|null machine, rank
     */
    public function cheapest(int $batch): ?array
    {
        $places = [];
        foreach ($this->pricer->sequence as $m => $lane) {
            if ($this->pricer->numbers->loads[$m][$batch] !== null) {
                [$from, $to] = $this->span($m, $lane, $batch);
                for ($rank = $to; $rank >= $from; $rank--) {
                    $places[] = [$m, $rank, 0.0, -INF];
                }
            }
        }

        return $this->cheapestOf($batch, $places, 0.0);
    }

    /**
     * The cheapest place at the end of a machine, by what it costs at least first: most others need no pricing then.
     *
     * @param array<int, float> $extra machine => what the batch is taken to cost there beside its true cost
     * @param int               $last  so many places of each machine are tried
     * @param float             $spare a place is left out when it seems to cost so much more than the best: a batch more
     *     may make others end sooner
     *
     * @return array{int, int}|null machine, rank
     */
    public function cheapestAtEnd(int $batch, array $extra, int $last, float $spare): ?array
    {
        $so = $this->pricer->cost;
        $places = $atLeast = [];
        foreach ($extra as $m => $beside) {
            [$from, $to] = $this->span($m, $this->pricer->sequence[$m], $batch);
            $first = max($from, $to - $last + 1);
            for ($rank = $to; $rank >= $first; $rank--) {
                $atLeast[] = $least = $so + $this->pricer->atLeast($m, $batch, $rank) + $beside;
                $places[] = [$m, $rank, $beside, $least];
            }
        }
        array_multisort($atLeast, $places);

        return $this->cheapestOf($batch, $places, $spare);
    }

    /**
     * @param list<array{int, int, float, float}> $places machine, rank, cost beside the true cost, cost at least
     *
     * @return array{int, int}|null machine, rank
     */
    private function cheapestOf(int $batch, array $places, float $spare): ?array
    {
        $this->priced += count($places);
        $best = null;
        $least = INF;
        foreach ($places as [$m, $rank, $beside, $atLeast]) {
            if ($atLeast >= $least + $spare) {
                break;
            }
            $cost = $this->pricer->priceWith($m, $batch, $rank, $least + $spare - $beside) + $beside;
            if ($cost < $least) {
                [$least, $best] = [$cost, [$m, $rank]];
            }
        }

        return $best;
    }

    /** Puts it where `cheapest` found it. */
    public function put(int $batch, int $m, int $rank): float
    {
        $lane = $this->pricer->sequence[$m];
        array_splice($lane, $rank, 0, [$batch]);

        return $this->pricer->change([$m => $lane], [$m => $rank]);
    }

    /**
     * @param list<int> $lane
     *
     * @return array{int, int} the first and the last rank that is tried
     */
    private function span(int $m, array $lane, int $batch): array
    {
        $count = count($lane);
        if ($count <= self::WHOLE) {
            return [$this->front[$m], $count];
        }
        $due = $this->pricer->numbers->due;
        $at = $this->front[$m];
        while ($at < $count && $due[$lane[$at]] <= $due[$batch]) {
            $at++;
        }

        return [max($this->front[$m], $at - self::NEAR), min($count, $at + self::NEAR)];
    }
}
