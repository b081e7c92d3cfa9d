<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Plan\Lane;

/**
 * What several machines can do together in their hours, or what a number of frames can hold: how soon at best so much of
 * it is used up.
 *
 * @internal
 */
final readonly class Pool
{
    /** @param list<array{int, int, int}> $steps [from, to) and how much of it there is, above zero; rising */
    private function __construct(private array $steps) {}

    /**
     * @param list<Lane> $lanes
     * @param int        $most  of them at once
     */
    public static function ofMachines(array $lanes, int $now, int $most): self
    {
        return self::of($lanes, $now, static fn(int $open): int => min($open, $most));
    }

    /**
     * Frames, as long as any machine is open that may have them.
     *
     * @param list<Lane> $lanes
     */
    public static function ofFrames(array $lanes, int $now, int $count): self
    {
        return self::of($lanes, $now, static fn(int $open): int => $count);
    }

    /**
     * @param list<int> $amounts of machine or frame seconds, rising
     *
     * @return list<float> when at best the first of them is used up, the first two, and so on; seconds of local time
     */
    public function ends(array $amounts): array
    {
        $ends = [];
        [$i, $done, $sum, $last] = [0, 0, 0, 0.0];
        foreach ($amounts as $amount) {
            $sum += $amount;
            while (isset($this->steps[$i])) {
                [$from, $to, $rate] = $this->steps[$i];
                if ($done + ($to - $from) * $rate >= $sum) {
                    $last = (float) ($from + ($sum - $done) / $rate);
                    break;
                }
                $done += ($to - $from) * $rate;
                $last = (float) $to;
                $i++;
            }
            $ends[] = $last;
        }

        return $ends;
    }

    /**
     * The largest share of what there is until a time that is wanted by then.
     *
     * @param list<array{int, int}> $wanted until when, how much; rising
     * @param int                   $least  a time until which there is less than this does not count; above zero
     */
    public function fullest(array $wanted, int $least): float
    {
        [$i, $passed, $sum, $fullest] = [0, 0, 0, 0.0];
        foreach ($wanted as [$until, $amount]) {
            $sum += $amount;
            while (isset($this->steps[$i]) && $this->steps[$i][1] <= $until) {
                [$from, $to, $rate] = $this->steps[$i++];
                $passed += ($to - $from) * $rate;
            }
            [$from, , $rate] = $this->steps[$i] ?? [$until, $until, 0];
            $there = $passed + max(0, $until - $from) * $rate;
            if ($there >= $least) {
                $fullest = max($fullest, $sum / $there);
            }
        }

        return $fullest;
    }

    /**
     * @param list<Lane>         $lanes
     * @param callable(int): int $rate of so many machines that are open
     */
    private static function of(array $lanes, int $now, callable $rate): self
    {
        $more = [];
        foreach ($lanes as $lane) {
            foreach ($lane->hours->spans as [$from, $to]) {
                if ($to > $now) {
                    $more[max($from, $now)] = ($more[max($from, $now)] ?? 0) + 1;
                    $more[$to] = ($more[$to] ?? 0) - 1;
                }
            }
        }
        ksort($more);
        $steps = [];
        [$since, $open] = [0, 0];
        foreach ($more as $time => $change) {
            if ($open > 0 && $time > $since) {
                $steps[] = [$since, $time, max(1, $rate($open))];
            }
            [$since, $open] = [$time, $open + $change];
        }

        return new self($steps);
    }
}
