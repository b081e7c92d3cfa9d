<?php

declare(strict_types=1);

namespace App\FloorLog;

/** What working the floor out anew from its events came to. */
final readonly class Recount
{
    /**
     * @param int $pieces of batches that were begun
     * @param int $wrong  pieces, runs and needles that were kept otherwise, and are put right
     */
    public function __construct(public int $pieces, public int $wrong) {}
}
