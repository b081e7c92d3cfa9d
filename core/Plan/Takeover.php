<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * A sequence that was found a while ago, taken over now: what is done by now is left out, what runs or is about to be set
 * up stays first where it is, and what has come since keeps a place.
 */
final readonly class Takeover
{
    /** @var array<string, true> batches that may still be moved */
    private array $free;

    /** @param list<string> $staying batches that are begun or about to be; they stand in front */
    public function __construct(private Workload $workload, private Sequence $standing, private array $staying)
    {
        $this->free = array_fill_keys(array_diff(array_keys($workload->batches), $staying), true);
    }

    /** All of it; what it does not know is put in by due time. */
    public function whole(Sequence $found): Sequence
    {
        $lanes = [];
        foreach (array_keys($this->workload->lanes) as $machine) {
            $lanes[$machine] = [
                ...array_values(array_intersect($this->standing->on($machine), $this->staying)),
                ...array_values(
                    array_filter($found->on($machine), fn(string $batch): bool => isset($this->free[$batch])),
                ),
            ];
        }

        return Dispatch::byDue($this->workload, new Sequence($lanes));
    }

    /**
     * Only some batches, each to where the found sequence has it.
     *
     * @param list<string> $batches
     */
    public function partly(Sequence $found, array $batches): Sequence
    {
        $sequence = $this->standing;
        foreach ($found->batches as $ids) {
            // In the order in which they stand there, so that each finds the one it follows.
            foreach (array_intersect($ids, $batches) as $batch) {
                $sequence = isset($this->free[$batch]) ? $sequence->following($found, $batch) : $sequence;
            }
        }

        return new Sequence(array_map($this->stayingFirst(...), $sequence->batches));
    }

    /**
     * @param list<string> $batches
     *
     * @return list<string>
     */
    private function stayingFirst(array $batches): array
    {
        return [
            ...array_values(array_intersect($batches, $this->staying)),
            ...array_values(array_diff($batches, $this->staying)),
        ];
    }
}
