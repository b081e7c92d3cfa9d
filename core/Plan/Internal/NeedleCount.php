<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

/**
 * How many cones are exchanged before each batch of one machine, and nothing else: the count of `Needles\Assignment`
 * without the needles, for looking at very many sequences.
 *
 * A thread that is needed again need not be loaded again if it can stay on its needle meanwhile. Between two uses it
 * takes up one needle at every batch that lies between; such stays are granted in the order in which they end, the
 * shorter first, as long as needles are left everywhere along them. That grants the most stays up to every batch, so
 * the counts are those of keeping the thread needed soonest; and what comes later never changes what came before.
 *
 * @internal
 */
final class NeedleCount
{
    /** Nothing of it changes once it is made: a later batch makes a new one. */
    private function __construct(
        private readonly int $needles,
        /** @var array<int, int> thread => rank of its last use, 0 for the rack as it stands */
        private array $last,
        /** @var array<int, int> rank => needles that are free there */
        private array $free,
        private int $rank = 0,
        /** The last place at which no needle is free. */
        private int $full = 0,
        public int $loads = 0,
    ) {}

    /**
     * @param int       $needles that are not pinned
     * @param list<int> $standing threads on them, each once
     */
    public static function of(int $needles, array $standing): self
    {
        return new self($needles, array_fill_keys($standing, 0), []);
    }

    /**
     * @param list<int> $threads of the next batch, each once, none that sits on a pinned needle; no more than there
     *     are needles
     */
    public function then(array $threads): self
    {
        $next = clone $this;
        $rank = ++$next->rank;
        $ends = [];
        foreach ($threads as $thread) {
            if (isset($this->last[$thread])) {
                $ends[] = $this->last[$thread];
            }
            $next->last[$thread] = $rank;
        }
        $stays = count($ends);
        if ($stays > 1) {
            rsort($ends);
        }
        foreach ($ends as $from) {
            if ($next->full > $from) {
                $stays--;
                continue;
            }
            for ($at = $from + 1; $at < $rank; $at++) {
                if (--$next->free[$at] === 0) {
                    $next->full = $at;
                }
            }
        }
        $free = $next->free[$rank] = $this->needles - count($threads);
        if ($free === 0) {
            $next->full = $rank;
        }
        $next->loads = count($threads) - $stays;

        return $next;
    }

    /** The thread need not be loaded again, if no later batch takes its needle. */
    public function mayHold(int $thread): bool
    {
        return ($this->last[$thread] ?? -1) >= $this->full;
    }

    /** Alike for two of them when no later batch can tell them apart. */
    public function state(): string
    {
        $since = [];
        foreach ($this->last as $thread => $rank) {
            if ($rank >= $this->full) {
                $since[$thread] = $this->rank - $rank;
            }
        }
        ksort($since);
        $free = array_slice($this->free, $this->full);

        return implode(',', array_keys($since)).' '.implode(',', $since).' '.implode(',', $free);
    }
}
