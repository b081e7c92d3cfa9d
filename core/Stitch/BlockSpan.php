<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** Which records of a pattern make up one block, from its first stitch to its last. */
final readonly class BlockSpan
{
    /**
     * @param int $from     the first stitch's record, from 0
     * @param int $to       the record after the last stitch
     * @param int $leadIn   jumps that lead from the stop to the first stitch
     */
    public function __construct(public int $from, public int $to, public int $leadIn, public int $stitches) {}
}
