<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** How long a batch keeps a machine and the hands at it. */
final readonly class Sewing
{
    /** @param array<string, int> $sewS machine => run time of a load, seconds; a machine not named cannot run it */
    public function __construct(
        public array $sewS,
        public int $hoopS,
        public int $swapS,
        public int $framesPerHead,
    ) {}

    /**
     * The same where a piece wants several hoopings, moving along a tube: hands for each of them, and between two of
     * them the machine waits for the swap.
     */
    public function inHoopings(int $hoopings): self
    {
        return new self(
            array_map(fn(int $seconds): int => $seconds + ($hoopings - 1) * $this->swapS, $this->sewS),
            $hoopings * $this->hoopS,
            $this->swapS,
            $this->framesPerHead,
        );
    }
}
