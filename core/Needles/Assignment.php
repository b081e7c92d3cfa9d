<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Machine\Rack;

/**
 * Which thread goes on which needle for batches in a known order: a needle is given up whose thread is
 * needed furthest in the future, or never. Optimal when every change costs the same (Tang, Denardo
 * 1988, keep tool needed soonest); inside a batch with more threads than needles, the same rule block
 * by block (Belady 1966).
 */
final readonly class Assignment
{
    /** @param list<BatchNeedles> $batches in running order */
    private function __construct(public array $batches, public Rack $rackAfter) {}

    /**
     * @param list<Demand> $batches in running order
     *
     * @throws NoNeedleFits
     */
    public static function of(Rack $rack, array $batches, ThreadNeeds $needs = new ThreadNeeds()): self
    {
        $racking = new \Hakama\Needles\Internal\Racking($rack, $batches, $needs);
        $done = [];
        foreach (array_keys($batches) as $index) {
            $done[] = $racking->serve($index);
        }

        return new self($done, $racking->rack());
    }

    /** True when the rack could hold all threads of the batch at once, pinned needles kept. */
    public static function holdsAtOnce(Rack $rack, Demand $batch, ThreadNeeds $needs = new ThreadNeeds()): bool
    {
        return (new \Hakama\Needles\Internal\Racking($rack, [$batch], $needs))->holdsAtOnce(0);
    }

    /** Cones exchanged over all batches. */
    public function changes(): int
    {
        return array_sum(array_map(static fn(BatchNeedles $batch): int => count($batch->load), $this->batches));
    }
}
