<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Random\Randomizer;

/**
 * Takes a few batches that have to do with each other out of a plan and puts each back where it costs least (large
 * neighbourhood search, Ropke and Pisinger 2006): several batches change their places at once, which small moves do not.
 *
 * @internal
 */
final class Ruin
{
    private const FEWEST = 2;
    private const MOST = 12;
    /** What is far off in time by so many hours is as far as what wants other frames. */
    private const OTHER_FRAMES_HOURS = 50;
    /** Which batches: near in time, near with the same frames, any, near the one that is late. */
    private const NEAR = 0;
    private const ALIKE = 1;
    private const ANY = 2;
    private const LATE = 3;

    /** How many places were priced so far. */
    public int $priced = 0;
    /** @var list<int> batches that may be moved */
    private readonly array $movable;
    /** @var array<int, int> batch => seconds */
    private array $shortestS = [];

    public function __construct(private readonly Pricer $pricer, private readonly Randomizer $chance)
    {
        $placed = array_merge(...array_values($pricer->sequence));
        $this->movable = array_values(array_filter($placed, static fn(int $batch): bool => ! $pricer->stays($batch)));
        foreach ($this->movable as $batch) {
            $this->shortestS[$batch] = $pricer->numbers->shortestRunS($batch);
        }
    }

    public function isStuck(): bool
    {
        return $this->movable === [];
    }

    /** The kept sequence of the pricer with a few batches elsewhere, kept; what it costs, INF when one has no place. */
    public function next(): float
    {
        $out = $this->chosen();
        $this->takeOut($out);
        $insertion = new Insertion($this->pricer);
        foreach ($this->order($out) as $batch) {
            $place = $insertion->cheapest($batch);
            if ($place === null) {
                return INF;
            }
            $insertion->put($batch, ...$place);
        }
        $this->priced += $insertion->priced;

        return $this->pricer->cost;
    }

    /** @return list<int> */
    private function chosen(): array
    {
        $kind = $this->chance->getInt(self::NEAR, self::LATE);
        $about = $this->movable[$this->chance->getInt(0, count($this->movable) - 1)];
        if ($kind === self::LATE) {
            $about = $this->late() ?? $about;
        }
        $far = [];
        foreach ($this->movable as $batch) {
            $far[$batch] = $kind === self::ANY ? $this->chance->getInt(1, 1000) : $this->far($batch, $about, $kind);
        }
        $far[$about] = -1;
        asort($far);

        return array_slice(array_keys($far), 0, $this->chance->getInt(self::FEWEST, self::MOST));
    }

    private function far(int $batch, int $about, int $kind): float
    {
        $apartS = abs($this->pricer->startOf[$batch] - $this->pricer->startOf[$about]);
        $other = $this->pricer->numbers->frame[$batch] === $this->pricer->numbers->frame[$about] ? 0 : 1;

        return $apartS * $this->chance->getInt(500, 1500) +
            ($kind === self::ALIKE ? $other * self::OTHER_FRAMES_HOURS * 3_600_000 : 0);
    }

    /** One of those that are late, the dearest most likely; null when none is. */
    private function late(): ?int
    {
        $late = null;
        $most = 0.0;
        foreach ($this->movable as $batch) {
            $cost =
                max(0, $this->pricer->endOf[$batch] - $this->pricer->numbers->due[$batch]) *
                $this->pricer->numbers->weight[$batch] *
                $this->chance->getInt(1, 1000);
            if ($cost > $most) {
                [$late, $most] = [$batch, $cost];
            }
        }

        return $late;
    }

    /** @param list<int> $out */
    private function takeOut(array $out): void
    {
        $gone = array_fill_keys($out, true);
        $lanes = $first = [];
        foreach ($this->pricer->sequence as $m => $lane) {
            $left = [];
            foreach ($lane as $rank => $batch) {
                if (isset($gone[$batch])) {
                    $first[$m] ??= $rank;
                } else {
                    $left[] = $batch;
                }
            }
            if (isset($first[$m])) {
                $lanes[$m] = $left;
            }
        }
        $this->pricer->change($lanes, $first);
    }

    /**
     * In which order they are put back: by chance, by due time, by latest start, the longest first, the weightiest
     * first.
     *
     * @param list<int> $out
     *
     * @return list<int>
     */
    private function order(array $out): array
    {
        $numbers = $this->pricer->numbers;
        $by = $this->chance->getInt(0, 4);
        $keys = [];
        foreach ($out as $batch) {
            $keys[$batch] = match ($by) {
                0 => $this->chance->getInt(0, PHP_INT_MAX),
                1 => $numbers->due[$batch],
                2 => $numbers->due[$batch] - 2 * $this->shortestS[$batch],
                3 => -$this->shortestS[$batch],
                4 => -$numbers->weight[$batch],
            };
        }
        asort($keys);

        return array_keys($keys);
    }
}
