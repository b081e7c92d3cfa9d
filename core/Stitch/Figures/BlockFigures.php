<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

/** What one block comes to: the stitches between two stops, sewn in one thread. */
final readonly class BlockFigures
{
    /**
     * @param int         $index     from 1, empty blocks not counted
     * @param float       $lengthMm  of what is sewn, jumps left out
     * @param int         $trims     cuts inside the block, the one on its way in from the block before counted here
     */
    public function __construct(public int $index, public int $stitches, public float $lengthMm, public int $trims) {}
}
