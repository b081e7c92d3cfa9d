<?php

declare(strict_types=1);

namespace Hakama\Needles\Internal;

use Hakama\Machine\NeedleBar;
use Hakama\Machine\Rack;
use Hakama\Needles\BatchNeedles;
use Hakama\Needles\ConeChange;
use Hakama\Needles\Demand;
use Hakama\Needles\NoNeedleFits;
use Hakama\Needles\ThreadNeeds;

/**
 * The rack as it goes through the batches, one after another.
 *
 * @internal
 */
final class Racking
{
    private const NEVER = PHP_INT_MAX - 1;
    /** An empty needle is taken before one whose thread would have to come off. */
    private const EMPTY = PHP_INT_MAX;

    /** @var array<string, list<int>> thread => indices of the batches that use it, rising */
    private array $uses = [];
    /** @var array<int|string, int>|null thread => the needle that counts as its own, until one is loaded */
    private ?array $own = null;

    /** @param list<Demand> $batches */
    public function __construct(
        private Rack $rack,
        private readonly array $batches,
        private readonly ThreadNeeds $needs,
    ) {
        foreach ($batches as $index => $batch) {
            foreach ($batch->threads() as $thread) {
                $this->uses[$thread][] = $index;
            }
        }
    }

    public function rack(): Rack
    {
        return $this->rack;
    }

    /** @throws NoNeedleFits */
    public function serve(int $index): BatchNeedles
    {
        return $this->serveAtOnce($index) ?? $this->serveBlockByBlock($index);
    }

    public function holdsAtOnce(int $index): bool
    {
        return $this->placesAtOnce($index) !== null;
    }

    /** Null when its threads are not held at once. */
    public function serveAtOnce(int $index): ?BatchNeedles
    {
        $places = $this->placesAtOnce($index);
        if ($places === null) {
            return null;
        }
        $batch = $this->batches[$index];
        $load = [];
        foreach ($places as $thread => $needle) {
            if ($this->rack->thread($needle) !== (string) $thread) {
                $load[] = $this->load($needle, (string) $thread, 1);
            }
        }
        usort($load, static fn(ConeChange $a, ConeChange $b): int => $a->needle <=> $b->needle);

        return new BatchNeedles(
            $batch->id,
            $load,
            array_map(static fn(string $thread): int => $places[$thread], $batch->blocks),
        );
    }

    /**
     * Where each thread of the batch sits when all are on the rack together; null when they do not fit.
     *
     * Needles that may be given up are offered in order of preference, furthest next use first, and each
     * is kept if the threads served so far can still all be seated: sets that can be seated together form
     * a matroid, so this greedy choice gives up the least.
     *
     * @return array<int|string, int>|null thread => needle; PHP turns a code of digits into a number
     */
    private function placesAtOnce(int $index): ?array
    {
        $places = [];
        $missing = [];
        foreach ($this->batches[$index]->threads() as $thread) {
            $needle = $this->needleOf($thread);
            if ($needle === null) {
                $missing[] = $thread;
            } else {
                $places[$thread] = $needle;
            }
        }
        if ($missing === []) {
            return $places;
        }

        $nextUse = [];
        foreach ($this->rack->needles as $number => $needle) {
            if (! $needle->pinned && ! in_array($number, $places, true)) {
                $nextUse[$number] = $this->nextUse($needle, $index);
            }
        }
        // Equals by number: a person reading the list walks along the rack.
        uksort($nextUse, static fn(int $a, int $b): int => [$nextUse[$b], $a] <=> [$nextUse[$a], $b]);

        /** @var array<int|string, int> $seated thread => needle */
        $seated = [];
        foreach (array_keys($nextUse) as $number) {
            if (count($seated) === count($missing)) {
                break;
            }
            $tried = [];
            $this->seat($number, $missing, $seated, $tried);
        }

        // Added, not spread: spreading would number codes of digits anew.
        return count($seated) === count($missing) ? $places + $seated : null;
    }

    /**
     * Seats some thread on this needle, moving others along if that frees one (an augmenting path).
     *
     * @param list<string>        $missing
     * @param array<int|string, int> $seated
     * @param array<int|string, true> $tried
     */
    private function seat(int $number, array $missing, array &$seated, array &$tried): bool
    {
        foreach ($missing as $thread) {
            if (isset($tried[$thread]) || ! $this->needs->allow($thread, $this->rack->needles[$number])) {
                continue;
            }
            $tried[$thread] = true;
            if (! isset($seated[$thread]) || $this->seat($seated[$thread], $missing, $seated, $tried)) {
                $seated[$thread] = $number;

                return true;
            }
        }

        return false;
    }

    private function serveBlockByBlock(int $index): BatchNeedles
    {
        $batch = $this->batches[$index];
        $load = [];
        $order = [];
        $used = [];
        foreach ($batch->blocks as $block => $thread) {
            $needle = $this->needleOf($thread);
            if ($needle === null) {
                $needle = $this->furthest($index, $block, $thread);
                // A needle this batch has not used yet can be loaded before it starts.
                $load[] = $this->load($needle, $thread, isset($used[$needle]) ? $block + 1 : 1);
            }
            $used[$needle] = true;
            $order[] = $needle;
        }

        return new BatchNeedles($batch->id, $load, $order);
    }

    private function furthest(int $index, int $block, string $thread): int
    {
        $best = null;
        $bestUse = -1;
        $ahead = array_flip(array_reverse(array_slice($this->batches[$index]->blocks, $block), true));
        foreach ($this->rack->needles as $number => $needle) {
            if ($needle->pinned || ! $this->needs->allow($thread, $needle)) {
                continue;
            }
            $use = $this->nextUse($needle, $index);
            if ($needle->thread !== null && $use !== self::NEVER && isset($ahead[$needle->thread])) {
                $use = $ahead[$needle->thread];
            } elseif ($use < self::NEVER) {
                $use = count($this->batches[$index]->blocks) + $use;
            }
            if ($use > $bestUse) {
                [$best, $bestUse] = [$number, $use];
            }
        }

        return $best ?? throw NoNeedleFits::thread($this->batches[$index]->id, $thread, $this->needs->size($thread));
    }

    private function load(int $needle, string $thread, int $beforeBlock): ConeChange
    {
        $change = new ConeChange($needle, $this->rack->thread($needle), $thread, $beforeBlock);
        $this->rack = $this->rack->loaded($needle, $thread);
        $this->own = null;

        return $change;
    }

    /** The needle that counts as this thread's: the first that may sew with it, a pinned one before others. */
    private function needleOf(string $thread): ?int
    {
        if ($this->own === null) {
            $this->own = $pinned = [];
            foreach ($this->rack->needles as $number => $needle) {
                if ($needle->thread !== null && $this->needs->allow($needle->thread, $needle)) {
                    $this->own[$needle->thread] ??= $number;
                    if ($needle->pinned) {
                        $pinned[$needle->thread] ??= $number;
                    }
                }
            }
            $this->own = $pinned + $this->own;
        }

        return $this->own[$thread] ?? null;
    }

    /** Index of the next batch, from this one on, that would miss what is on the needle. */
    private function nextUse(NeedleBar $needle, int $index): int
    {
        if ($needle->thread === null) {
            return self::EMPTY;
        }
        if ($this->needleOf($needle->thread) !== $needle->number) {
            return self::NEVER;
        }
        foreach ($this->uses[$needle->thread] ?? [] as $use) {
            if ($use >= $index) {
                return $use;
            }
        }

        return self::NEVER;
    }
}
