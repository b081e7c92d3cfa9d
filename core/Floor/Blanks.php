<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** Garments to be sewn on, of one line of an order: how many are there, and how many are missing. */
final readonly class Blanks
{
    /**
     * @param int      $wanted  garments that the line is of
     * @param int      $spares  that were ordered beside them
     * @param int|null $good    that came and were counted good; null where nobody has counted
     * @param int      $spoiled pieces that were spoiled: each wants another blank
     */
    public function __construct(public int $wanted, public int $spares, public ?int $good, public int $spoiled) {}

    /** How many more are needed than there are. Not counted yet, all that were ordered are taken to come. */
    public function short(): int
    {
        return max(0, $this->wanted + $this->spoiled - ($this->good ?? $this->wanted + $this->spares));
    }
}
