<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Log\Misfit;

/** What working the floor out anew from its events came to. */
final readonly class Recount
{
    /**
     * @param int          $pieces  of batches that were begun
     * @param int          $wrong   pieces, runs and needles that were kept otherwise, and are put right
     * @param list<Misfit> $misfits the first of each batch that could not be worked out
     */
    public function __construct(public int $pieces, public int $wrong, public array $misfits = []) {}
}
