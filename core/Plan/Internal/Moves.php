<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Random\Randomizer;

/**
 * Changes to a sequence, drawn by chance: a batch to another place, a batch beside one that is set up like it, two
 * batches in each other's place, a few that follow one another moved together.
 *
 * @internal
 */
final class Moves
{
    /** Out of a hundred draws so many are of each kind; the rest moves a run. */
    private const ONE = 20;
    private const NEAR = 40;
    private const SWAP = 52;
    private const BESIDE = 68;
    private const TAILS = 78;
    private const RUNS = 90;
    private const LONGEST_RUN = 4;
    /** So many places before and behind where a batch would be at its time are near. */
    private const PLACES = 3;
    /** So many of the batches that are set up like one are remembered. */
    private const ALIKE = 8;

    /** @var array<int, int> batch => machine */
    private array $machine = [];
    /** @var array<int, int> batch => rank */
    private array $rank = [];
    /** @var list<int> batches that may be moved */
    private array $movable;
    /** @var array<int, list<int>> batch => those that are set up like it, the most alike first */
    private array $alike = [];
    /** @var array<int, int> machine => how many stay at its front */
    private readonly array $front;
    /** @var array<int, int> machine => the first rank that differs, of the move that was drawn last */
    public array $first = [];

    public function __construct(private readonly Pricer $pricer, private readonly Randomizer $chance)
    {
        $placed = array_merge(...array_values($pricer->sequence));
        $this->movable = array_values(array_filter($placed, static fn(int $batch): bool => ! $pricer->stays($batch)));
        $this->front = $pricer->fronts();
        foreach ($this->movable as $batch) {
            $alike = [];
            foreach ($placed as $other) {
                $mine = $pricer->numbers->threads[0][$batch];
                $shared = count(array_intersect($mine, $pricer->numbers->threads[0][$other])) / max(1, count($mine));
                $like = ($pricer->numbers->frame[$batch] === $pricer->numbers->frame[$other] ? 1 : 0) + $shared;
                if ($other !== $batch && $like >= 0.5) {
                    $alike[$other] = $like;
                }
            }
            arsort($alike);
            $this->alike[$batch] = array_slice(array_keys($alike), 0, self::ALIKE);
        }
        $this->look();
    }

    public function isStuck(): bool
    {
        return $this->movable === [];
    }

    /** Where everything stands, after a move was kept. */
    public function look(): void
    {
        foreach ($this->pricer->sequence as $m => $lane) {
            foreach ($lane as $rank => $batch) {
                $this->machine[$batch] = $m;
                $this->rank[$batch] = $rank;
            }
        }
    }

    /**
     * The next move, if what was drawn is one; `first` says where each lane begins to differ.
     *
     * @return array<int, list<int>>|null machine => its batches after the move
     */
    public function draw(): ?array
    {
        $kind = $this->chance->getInt(0, 99);
        $batch = $this->movable[$this->chance->getInt(0, count($this->movable) - 1)];
        if ($kind < self::ONE) {
            return $this->run($batch, 1);
        }
        if ($kind < self::NEAR) {
            return $this->near($batch);
        }
        if ($kind < self::SWAP) {
            return $this->swap($batch, $this->movable[$this->chance->getInt(0, count($this->movable) - 1)]);
        }
        if ($kind < self::BESIDE) {
            return $this->beside($batch);
        }
        if ($kind < self::TAILS) {
            return $this->tails($batch);
        }
        if ($kind < self::RUNS) {
            return $this->runs($batch);
        }

        return $this->run($batch, $this->chance->getInt(2, self::LONGEST_RUN));
    }

    /** @return array<int, list<int>>|null */
    private function run(int $batch, int $length): ?array
    {
        $to = $this->chance->getInt(0, count($this->front) - 1);
        $left = count($this->pricer->sequence[$to]) - ($to === $this->machine[$batch] ? $length : 0);

        return $this->moved(
            $batch,
            $length,
            $to,
            $this->chance->getInt($this->front[$to], max($this->front[$to], $left)),
        );
    }

    /**
     * To another place at about the time at which it is now.
     *
     * @return array<int, list<int>>|null
     */
    private function near(int $batch): ?array
    {
        $to = $this->chance->getInt(0, count($this->front) - 1);
        $rank = $this->about($to, $batch) + $this->chance->getInt(-self::PLACES, self::PLACES);
        $left = count($this->pricer->sequence[$to]) - ($to === $this->machine[$batch] ? 1 : 0);

        return $this->moved($batch, 1, $to, max($this->front[$to], min($left, $rank)));
    }

    /** The rank in a lane that is on at the time at which a batch ends. */
    private function about(int $m, int $batch): int
    {
        if ($m === $this->machine[$batch]) {
            return $this->rank[$batch];
        }
        $time = $this->pricer->endOf[$batch] ?? 0;
        [$low, $high] = [0, count($this->pricer->sequence[$m])];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if (($this->pricer->endOf[$this->pricer->sequence[$m][$middle]] ?? 0) < $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * What comes from a batch on, in the place of what comes on another machine from about then on.
     *
     * @return array<int, list<int>>|null
     */
    private function tails(int $batch): ?array
    {
        return $this->exchanged($batch, null, null);
    }

    /**
     * A few that follow one another, in the place of a few of another machine, or of none; within one machine they are
     * turned round.
     *
     * @return array<int, list<int>>|null
     */
    private function runs(int $batch): ?array
    {
        return $this->exchanged($batch, $this->chance->getInt(1, 3), $this->chance->getInt(0, 3));
    }

    /** @return array<int, list<int>>|null */
    private function exchanged(int $batch, ?int $mine, ?int $theirs): ?array
    {
        $from = $this->machine[$batch];
        $to = $this->chance->getInt(0, count($this->front) - 1);
        $lane = $this->pricer->sequence[$from];
        $at = $this->rank[$batch];
        if ($to === $from) {
            $run = array_splice($lane, $at, 2 + (int) $theirs);
            if (count($run) < 2) {
                return null;
            }
            foreach ($run as $one) {
                if ($this->pricer->stays($one)) {
                    return null;
                }
            }
            array_splice($lane, $at, 0, array_reverse($run));
            $this->first = [$from => $at];

            return [$from => $lane];
        }
        $other = $this->pricer->sequence[$to];
        $there = max(
            $this->front[$to],
            min(count($other), $this->about($to, $batch) + $this->chance->getInt(-self::PLACES, self::PLACES)),
        );
        $run = array_splice($lane, $at, $mine);
        $back = array_splice($other, $there, $theirs);
        foreach ($run as $one) {
            if ($this->pricer->numbers->loads[$to][$one] === null || $this->pricer->stays($one)) {
                return null;
            }
        }
        foreach ($back as $one) {
            if ($this->pricer->numbers->loads[$from][$one] === null || $this->pricer->stays($one)) {
                return null;
            }
        }
        array_splice($lane, $at, 0, $back);
        array_splice($other, $there, 0, $run);
        $this->first = [$from => $at, $to => $there];

        return [$from => $lane, $to => $other];
    }

    /** @return array<int, list<int>>|null */
    private function beside(int $batch): ?array
    {
        if ($this->alike[$batch] === []) {
            return null;
        }
        $other = $this->alike[$batch][$this->chance->getInt(0, count($this->alike[$batch]) - 1)];
        $to = $this->machine[$other];
        $rank = $this->rank[$other] + $this->chance->getInt(0, 1);
        if ($to === $this->machine[$batch] && $rank > $this->rank[$batch]) {
            $rank--;
        }

        return $this->moved($batch, 1, $to, max($rank, $this->front[$to]));
    }

    /** @return array<int, list<int>>|null */
    private function moved(int $batch, int $length, int $to, int $rank): ?array
    {
        [$from, $at] = [$this->machine[$batch], $this->rank[$batch]];
        if ($from === $to && $at === $rank) {
            return null;
        }
        $lane = $this->pricer->sequence[$from];
        $run = array_splice($lane, $at, $length);
        foreach ($run as $one) {
            if (
                $this->pricer->numbers->loads[$to][$one] === null
                || ($one !== $batch && $this->pricer->stays($one))
            ) {
                return null;
            }
        }
        if ($from === $to) {
            array_splice($lane, $rank, 0, $run);
            $this->first = [$from => min($at, $rank)];

            return [$from => $lane];
        }
        $other = $this->pricer->sequence[$to];
        array_splice($other, $rank, 0, $run);
        $this->first = [$from => $at, $to => $rank];

        return [$from => $lane, $to => $other];
    }

    /** @return array<int, list<int>>|null */
    private function swap(int $one, int $other): ?array
    {
        [$a, $b] = [$this->machine[$one], $this->machine[$other]];
        [$at, $to] = [$this->rank[$one], $this->rank[$other]];
        if (
            $one === $other
            || $this->pricer->numbers->loads[$b][$one] === null
            || $this->pricer->numbers->loads[$a][$other] === null
        ) {
            return null;
        }
        $this->first = $a === $b ? [$a => min($at, $to)] : [$a => $at, $b => $to];
        $lanes = [$a => $this->pricer->sequence[$a], $b => $this->pricer->sequence[$b]];
        array_splice($lanes[$a], $at, 1, [$other]);
        array_splice($lanes[$b], $to, 1, [$one]);

        return $lanes;
    }
}
