<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * Several searches for one shop, each with a beginning of its own, as many at once as there are cores. After each stretch
 * the best of them is shown to the others. They wait for each other there, so it hangs on no clock: the same shop, seed,
 * iterations, stretches and number of searchers come to the same plan, one after the other or at once.
 */
final class SideBySide
{
    /** What lies between the seeds of two of them. */
    private const SEEDS = 7919;

    private Found $best;
    private int $done = 0;

    /** @param list<Searcher> $others begun with seeds as of `seeds` */
    public function __construct(private readonly Search $first, private readonly array $others)
    {
        $this->best = $first->found();
    }

    /** @return list<int> what each of so many begins with */
    public static function seeds(int $seed, int $searchers): array
    {
        return array_map(
            static fn(int $one): int => ($seed + $one * self::SEEDS) % 0x7FFF_FFFF,
            range(0, max(1, $searchers) - 1),
        );
    }

    /** Each looks so many iterations longer. */
    public function run(int $iterations): self
    {
        foreach ($this->others as $one) {
            $one->begin($iterations);
        }
        $this->first->begin($iterations);
        $this->done += $iterations;
        $led = null;
        foreach ([$this->first, ...$this->others] as $one) {
            $found = $one->found();
            if ($found->judged < $this->best->judged - 1e-9 || $found->isProven) {
                $this->best = $found;
            }
            $led = $found->led !== null && $found->led[1] < ($led[1] ?? INF) ? $found->led : $led;
        }
        $shown = new Found($this->best->sequence, $this->best->judged, $this->best->isProven, $led);
        foreach ([$this->first, ...$this->others] as $one) {
            $one->take($shown);
        }

        return $this;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function isProven(): bool
    {
        return $this->best->isProven;
    }

    public function best(): Sequence
    {
        return $this->best->sequence;
    }

    /** What no plan can cost less than: what the best one costs, where that is proven. */
    public function bound(): float
    {
        return $this->first->isProven() || ! $this->isProven()
            ? $this->first->bound()
            : Search::costOf($this->first->workload, $this->best->sequence);
    }
}
