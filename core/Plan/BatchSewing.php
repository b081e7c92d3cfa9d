<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** How long a batch keeps a machine and the hands at it. */
final readonly class BatchSewing
{
    /**
     * @param array<string, int>        $sewS  machine => run time of a load, seconds; a machine not named cannot run it
     * @param array<string, list<Unfit>> $unfit machine => what is against it there
     */
    public function __construct(
        public array $sewS,
        public int $hoopS,
        public int $swapS,
        public int $framesPerHead,
        public array $unfit = [],
    ) {}

    /** Minutes that its being on a machine is worth less. */
    public function unfitMin(string $machine): float
    {
        return array_sum(array_map(static fn(Unfit $one): float => $one->minutes, $this->unfit[$machine] ?? []));
    }

    /**
     * One of the hoopings of a piece that wants several, moving along a tube: each is hooped and swapped for itself,
     * and on average sews its share. The batch counts hoopings then, not pieces.
     */
    public function aHooping(int $hoopings): self
    {
        return new self(
            array_map(static fn(int $seconds): int => (int) ceil($seconds / $hoopings), $this->sewS),
            $this->hoopS,
            $this->swapS,
            $this->framesPerHead,
            $this->unfit,
        );
    }
}
