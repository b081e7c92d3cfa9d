<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Plan\Workload;

/**
 * What lateness and waiting cost at least, by prices: in each slot of the working hours a minute of each machine, and of
 * a frame of each kind, costs something. Each batch goes where it is cheapest for itself, prices paid, and what all
 * machines and frames together would have earned is taken off. Whatever the prices, no plan costs less than that: it
 * pays for no more than there is. Prices rise where more is wanted than there is and fall where there is less
 * (Lagrangian relaxation with subgradient steps; Held, Wolfe and Crowder 1974).
 *
 * @internal
 */
final class SlotPrices
{
    /** A slot is no longer, and there are no more of them; later on everything is free. */
    private const SLOT_S = 4_000;
    private const SLOTS = 50;
    private const ROUNDS = 60;
    /**
     * A step aims above the best so far: at first by a share of it and by what it costs when each batch ends so many
     * seconds later; by more after a step that brought something, by less when so many in a row did not.
     */
    private const SHARE = 0.05;
    private const LATER_S = 60;
    private const MORE = 1.2;
    private const LESS = 0.6;
    private const PATIENCE = 3;

    /** @var list<array{int, int}> [from, to), rising */
    private array $slots = [];
    /** @var array<int, array<int, int>> machine, slot => seconds in which it is open */
    private array $open = [];
    /**
     * @var array<int, list<array{int, int, list<array{int, int, int, float}>}>> batch => machine, frames held, and for
     *     each slot in which it may be set up: slot, slot in which its work is done at the soonest, seconds of that, cost
     */
    private array $options = [];
    /** @var array<int, array<int, float>> machine, slot => of a second */
    private array $machines;
    /** @var array<int, array<int, float>> frame, slot => of a second of one frame */
    private array $frames;

    /**
     * @param Pricer          $pricer     what stands is kept in it
     * @param array<int, int> $changeover batch => how long it is set up for at least, seconds; only what may be moved
     */
    public function __construct(private readonly Workload $workload, private readonly Pricer $pricer, array $changeover)
    {
        $this->cutIntoSlots();
        $numbers = $pricer->numbers;
        foreach ($changeover as $batch => $changeoverS) {
            foreach (array_keys($numbers->machines) as $m) {
                $rows = $numbers->loads[$m][$batch] === null ? [] : $this->rows($m, $batch, $changeoverS);
                if ($rows !== []) {
                    $this->options[$batch][] = [$m, $numbers->frames[$m][$batch], $rows];
                }
            }
        }
        $free = array_fill(0, count($this->slots), 0.0);
        $this->machines = array_fill(0, count($numbers->machines), $free);
        $this->frames = array_fill(0, count($numbers->stock), $free);
    }

    /** What the batches cost at least together: lateness and the time until they are done. */
    public function cost(): float
    {
        [$best, $machines, $frames] = $this->atPrices();
        $aim = self::SHARE * $best;
        foreach (array_keys($this->options) as $batch) {
            $aim += self::LATER_S * $this->pricer->numbers->weight[$batch];
        }
        $cost = $best;
        $without = 0;
        for ($round = 1; $round < self::ROUNDS && $aim > 0.0; $round++) {
            $this->step($machines, $frames, $best + $aim - $cost);
            [$cost, $machines, $frames] = $this->atPrices();
            if ($cost > $best) {
                [$best, $aim, $without] = [$cost, $aim * self::MORE, 0];
            } elseif (++$without >= self::PATIENCE) {
                [$aim, $without] = [$aim * self::LESS, 0];
            }
        }

        return max(0.0, $best);
    }

    /** Wherever a machine opens or closes, and in between where that is long. */
    private function cutIntoSlots(): void
    {
        $cuts = [];
        foreach ($this->workload->lanes as $lane) {
            foreach ($lane->hours->spans as [$from, $to]) {
                if ($to > $this->workload->now) {
                    $cuts[] = max($from, $this->workload->now);
                    $cuts[] = $to;
                }
            }
        }
        $cuts = array_values(array_unique($cuts));
        sort($cuts);
        for ($i = 1; $i < count($cuts) && count($this->slots) < self::SLOTS; $i++) {
            [$from, $long] = [$cuts[$i - 1], $cuts[$i] - $cuts[$i - 1]];
            $open = $this->openIn($from, $cuts[$i]);
            $parts = in_array(true, $open, true) ? intdiv($long + self::SLOT_S - 1, self::SLOT_S) : 0;
            for ($part = 0; $part < $parts; $part++) {
                $slot = [$from + intdiv($long * $part, $parts), $from + intdiv($long * ($part + 1), $parts)];
                $this->slots[] = $slot;
                foreach ($open as $m => $isOpen) {
                    $this->open[$m][] = $isOpen ? $slot[1] - $slot[0] : 0;
                }
            }
        }
    }

    /** @return list<bool> machine => it is open all the while */
    private function openIn(int $from, int $to): array
    {
        $open = [];
        foreach (array_values($this->workload->lanes) as $lane) {
            $open[] =
                array_filter(
                    $lane->hours->spans,
                    static fn(array $span): bool => $span[0] <= $from && $to <= $span[1],
                ) !== [];
        }

        return $open;
    }

    /** @return list<array{int, int, int, float}> as of the options; the last is for what is set up after the last slot */
    private function rows(int $m, int $batch, int $changeoverS): array
    {
        $count = count($this->slots);
        $rows = [];
        for ($k = 0; $k <= $count; $k++) {
            if ($k < $count && $this->open[$m][$k] === 0) {
                continue;
            }
            $from = $k < $count ? $this->slots[$k][0] : ($count === 0 ? $this->workload->now : $this->slots[$count - 1][1]);
            $end = $this->pricer->soonestEnd($m, $batch, $changeoverS, $from);
            if ($end >= Numbers::FAR) {
                break;
            }
            $left = $changeoverS + $this->pricer->numbers->runS($m, $batch);
            $until = $k;
            while ($until < $count && $this->open[$m][$until] < $left) {
                $left -= $this->open[$m][$until++];
            }
            $rows[] = [
                $k,
                $until,
                $until < $count ? $left : 0,
                ($end - $this->workload->now) * $this->pricer->numbers->perFlowS +
                max(0, $end - $this->pricer->numbers->due[$batch]) * $this->pricer->numbers->weight[$batch],
            ];
        }

        return $rows;
    }

    /**
     * @return array{float, array<int, array<int, int>>, array<int, array<int, int>>} what all cost at least at these
     *     prices; machine, slot and frame, slot => how many seconds more are wanted than there are
     */
    private function atPrices(): array
    {
        $numbers = $this->pricer->numbers;
        $cost = 0.0;
        $machines = $frames = [];
        foreach ($this->open as $m => $open) {
            foreach ($open as $k => $seconds) {
                $machines[$m][$k] = -$seconds;
                $cost -= $this->machines[$m][$k] * $seconds;
            }
        }
        foreach ($numbers->stock as $frame => $count) {
            foreach ($this->slots as $k => [$from, $to]) {
                $frames[$frame][$k] = -$count * ($to - $from);
                $cost -= $this->frames[$frame][$k] * $count * ($to - $from);
            }
        }
        $sums = [];
        foreach ($this->options as $batch => $options) {
            $frame = $numbers->frame[$batch];
            $least = INF;
            $chosen = null;
            foreach ($options as [$m, $held, $rows]) {
                [$prices, $sum] = $sums[$m][$frame][$held] ??= $this->summed($m, $frame, $held);
                [$costs, $row] = self::cheapest($rows, $prices, $sum, $this->open[$m] ?? []);
                if ($costs < $least) {
                    [$least, $chosen] = [$costs, [$m, $held, $row]];
                }
            }
            $cost += $least;
            [$m, $held, [$k, $until, $left]] = $chosen ?? [0, 0, [0, 0, 0]];
            for (; $k <= $until && isset($this->slots[$k]); $k++) {
                $seconds = $k < $until ? $this->open[$m][$k] : $left;
                $machines[$m][$k] += $seconds;
                $frames[$frame][$k] += $held * $seconds;
            }
        }

        return [$cost, $machines, $frames];
    }

    /** @return array{list<float>, list<float>} of a second in each slot; of all slots before one, one more at the end */
    private function summed(int $m, int $frame, int $held): array
    {
        $prices = [];
        $sum = [0.0];
        foreach ($this->open[$m] ?? [] as $k => $seconds) {
            $prices[] = $this->machines[$m][$k] + $held * $this->frames[$frame][$k];
            $sum[] = $sum[$k] + $prices[$k] * $seconds;
        }

        return [$prices, $sum];
    }

    /**
     * What a start within a slot costs at least: it ends no sooner than one at its beginning, and pays no less than at
     * its beginning, at the beginning of the next, or at a start in between whose work is done at the end of a slot, as
     * prices change nowhere else.
     *
     * @param list<array{int, int, int, float}> $rows
     * @param list<float>                       $prices
     * @param list<float>                       $sum
     * @param array<int, int>                   $open
     *
     * @return array{float, array{int, int, int}} the least, and where its work is: slot, last slot, seconds of that
     */
    private static function cheapest(array $rows, array $prices, array $sum, array $open): array
    {
        $count = count($prices);
        $least = INF;
        $place = [$count, $count, 0];
        $paid = [];
        foreach ($rows as $i => [$k, $until, $left]) {
            $paid[$i] = $k >= $count ? 0.0 : $sum[$until] - $sum[$k] + ($until < $count ? $prices[$until] * $left : 0.0);
        }
        foreach ($rows as $i => [$k, $until, $left, $cost]) {
            if ($cost + $paid[$i] < $least) {
                [$least, $place] = [$cost + $paid[$i], [$k, $until, $left]];
            }
            if ($k < $count && $cost + ($paid[$i + 1] ?? 0.0) < $least) {
                $next = $rows[$i + 1] ?? [$count, $count, 0];
                [$least, $place] = [$cost + ($paid[$i + 1] ?? 0.0), [$next[0], $next[1], $next[2]]];
            }
            for ($later = -$left; $until < $count; $until++) {
                $later += $open[$until];
                if ($later >= $open[$k]) {
                    break;
                }
                $so = $cost + $sum[$until + 1] - $sum[$k] - $prices[$k] * $later;
                if ($so < $least) {
                    [$least, $place] = [$so, [$k, $until, $open[$until]]];
                }
            }
        }

        return [$least, $place];
    }

    /**
     * @param array<int, array<int, int>> $machines
     * @param array<int, array<int, int>> $frames
     */
    private function step(array $machines, array $frames, float $length): void
    {
        $square = 0.0;
        foreach ([[$this->machines, $machines], [$this->frames, $frames]] as [$prices, $wanted]) {
            foreach ($wanted as $i => $slots) {
                foreach ($slots as $k => $more) {
                    $square += $prices[$i][$k] > 0.0 || $more > 0 ? $more ** 2 : 0;
                }
            }
        }
        if ($square <= 0.0) {
            return;
        }
        foreach ($machines as $m => $slots) {
            foreach ($slots as $k => $more) {
                $this->machines[$m][$k] = max(0.0, $this->machines[$m][$k] + ($length / $square) * $more);
            }
        }
        foreach ($frames as $frame => $slots) {
            foreach ($slots as $k => $more) {
                $this->frames[$frame][$k] = max(0.0, $this->frames[$frame][$k] + ($length / $square) * $more);
            }
        }
    }
}
