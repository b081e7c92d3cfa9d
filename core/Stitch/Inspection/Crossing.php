<?php

declare(strict_types=1);

namespace Hakama\Stitch\Inspection;

use Hakama\Stitch\Spot;

/** Thread carried without a cut across what an earlier block has sewn. Whether it shows is a matter of colours. */
final readonly class Crossing
{
    /**
     * @param int   $block    that carries the thread, from 1
     * @param int   $over     the earlier block below it, from 1
     * @param float $lengthMm of the part that lies over it
     */
    public function __construct(public Spot $spot, public int $block, public int $over, public float $lengthMm) {}
}
