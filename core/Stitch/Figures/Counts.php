<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

/** How many records of each kind a pattern has. */
final readonly class Counts
{
    /** @param int $changes of colour: stops with stitches on both sides */
    public function __construct(public int $stitches, public int $jumps, public int $trims, public int $changes) {}
}
