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
    private const ONE = 40;
    private const SWAP = 60;
    private const BESIDE = 80;
    private const LONGEST_RUN = 4;
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
    private array $front = [];
    /** @var array<int, int> machine => the first rank that differs, of the move that was drawn last */
    public array $first = [];

    public function __construct(private readonly Pricer $pricer, private readonly Randomizer $chance)
    {
        $placed = array_merge(...array_values($pricer->sequence));
        $this->movable = array_values(array_filter($placed, static fn(int $batch): bool => ! $pricer->stays($batch)));
        foreach ($pricer->sequence as $m => $lane) {
            $this->front[$m] = 0;
            while (isset($lane[$this->front[$m]]) && $pricer->stands($lane[$this->front[$m]])) {
                $this->front[$m]++;
            }
        }
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
        if ($kind < self::SWAP) {
            return $this->swap($batch, $this->movable[$this->chance->getInt(0, count($this->movable) - 1)]);
        }
        if ($kind < self::BESIDE) {
            return $this->beside($batch);
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
