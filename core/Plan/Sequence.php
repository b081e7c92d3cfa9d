<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** Which batches each machine runs, in order. */
final readonly class Sequence
{
    /**
     * @param array<array-key, list<string>> $batches machine => batch ids; PHP turns a machine of digits into a
     *     number
     */
    public function __construct(public array $batches) {}

    /** The machine a batch stands on; null when it stands on none. */
    public function machineOf(string $batch): ?string
    {
        foreach ($this->batches as $machine => $ids) {
            if (in_array($batch, $ids, true)) {
                return (string) $machine;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function on(int|string $machine): array
    {
        return $this->batches[$machine] ?? [];
    }

    public function appended(string $machine, string $batch): self
    {
        return new self([...$this->batches, $machine => [...$this->on($machine), $batch]]);
    }

    public function without(string $batch): self
    {
        return new self(
            array_map(
                static fn(array $ids): array => array_values(
                    array_filter($ids, static fn(string $id): bool => $id !== $batch),
                ),
                $this->batches,
            ),
        );
    }

    /**
     * What keeps its machine and its order among those that keep theirs: the longest run of it in both.
     *
     * @return array<array-key, true> batch => true
     */
    public function staying(self $other): array
    {
        $staying = [];
        foreach ($this->batches as $machine => $a) {
            $b = $other->on($machine);
            $longest = array_fill(0, count($a) + 1, array_fill(0, count($b) + 1, 0));
            for ($i = count($a) - 1; $i >= 0; $i--) {
                for ($j = count($b) - 1; $j >= 0; $j--) {
                    $longest[$i][$j] =
                        $a[$i] === $b[$j]
                            ? $longest[$i + 1][$j + 1] + 1
                            : max($longest[$i + 1][$j], $longest[$i][$j + 1]);
                }
            }
            for ($i = $j = 0; $i < count($a) && $j < count($b);) {
                if ($a[$i] === $b[$j]) {
                    $staying[$a[$i]] = true;
                    $i++;
                    $j++;
                } elseif ($longest[$i + 1][$j] >= $longest[$i][$j + 1]) {
                    $i++;
                } else {
                    $j++;
                }
            }
        }

        return $staying;
    }

    /**
     * The batch taken to where another sequence has it: behind the nearest one before it there that stands on that
     * machine here too.
     */
    public function following(self $other, string $batch): self
    {
        $machine = $other->machineOf($batch);
        if ($machine === null) {
            return $this;
        }
        $rest = $this->without($batch)->on($machine);
        $before = array_slice($other->on($machine), 0, (int) array_search($batch, $other->on($machine), true));
        foreach (array_reverse($before) as $one) {
            $at = array_search($one, $rest, true);
            if ($at !== false) {
                return $this->moved($batch, $machine, $at + 1);
            }
        }

        return $this->moved($batch, $machine, 0);
    }

    /** The batch taken out from wherever it stands and put on this machine before the given place (0 is first). */
    public function moved(string $batch, string $machine, int $rank): self
    {
        $rest = $this->without($batch)->batches;
        $lane = $rest[$machine] ?? [];
        array_splice($lane, max(0, min($rank, count($lane))), 0, [$batch]);
        $rest[$machine] = $lane;

        return new self($rest);
    }
}
