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
     * @param array<int, float> $extra machine => what the batch is taken to cost there beside its true cost
     * @param int               $last  of the places of each machine only so many at their end are tried
     *
     * @return array{int, int}|null machine, rank
     */
    public function cheapest(int $batch, array $extra = [], int $last = PHP_INT_MAX): ?array
    {
        $best = null;
        $least = INF;
        foreach ($this->pricer->sequence as $m => $lane) {
            if ($this->pricer->numbers->loads[$m][$batch] === null) {
                continue;
            }
            $beside = $extra[$m] ?? 0.0;
            [$from, $to] = $this->span($m, $lane, $batch);
            $first = max($from, $to - $last + 1);
            for ($rank = $to; $rank >= $first; $rank--) {
                $with = $lane;
                array_splice($with, $rank, 0, [$batch]);
                $cost = $this->pricer->priceWith($m, $with, $rank, $least - $beside) + $beside;
                $this->priced++;
                if ($cost < $least) {
                    [$least, $best] = [$cost, [$m, $rank]];
                }
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
