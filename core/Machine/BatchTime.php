<?php

declare(strict_types=1);

namespace Hakama\Machine;

use InvalidArgumentException;

/** How long a batch takes on one machine: its loads one by one, hooping overlapped where there are frames for it. */
final readonly class BatchTime
{
    /**
     * @param int $pieces        in the batch
     * @param int $heads         pieces in a full load
     * @param int $framesPerHead with two or more, the next load is hooped while one sews
     * @param int $hoopS         to hoop one piece
     * @param int $swapS         to swap the frames
     * @param int $sewS          the run time of a load
     */
    public function __construct(
        public int $pieces,
        public int $heads,
        public int $framesPerHead,
        public int $hoopS,
        public int $swapS,
        public int $sewS,
    ) {
        if ($pieces < 1 || $heads < 1 || $framesPerHead < 1 || min($hoopS, $swapS, $sewS) < 0) {
            throw new InvalidArgumentException(
                'a batch wants pieces, heads and frames of at least one and no time below zero',
            );
        }
    }

    /**
     * @return non-empty-list<int> seconds from one load's start to the next's, each one piece of time that is not
     *     split
     */
    public function loadsS(): array
    {
        $loads = [];
        $left = $this->pieces;
        do {
            $hooping = min($left, $this->heads) * $this->hoopS;
            $waits = $loads === [] || $this->framesPerHead === 1 ? $hooping : max(0, $hooping - $this->sewS);
            $loads[] = $waits + $this->swapS + $this->sewS;
            $left -= $this->heads;
        } while ($left > 0);

        return $loads;
    }

    public function seconds(): int
    {
        return array_sum($this->loadsS());
    }
}
