<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What was really sewn of one decoration. */
final readonly class Done
{
    /**
     * @param int   $pieces   that came out
     * @param int   $spoiled  that did not
     * @param float $machineS by the machine's own clock, all loads
     */
    public function __construct(public Work $work, public int $pieces, public int $spoiled, public float $machineS) {}

    public function sewn(): int
    {
        return $this->pieces + $this->spoiled;
    }
}
