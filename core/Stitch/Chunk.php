<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/**
 * A stretch of records, unpacked for a tight loop: positions after each record in tenths of a
 * millimetre, and the kind as the number of RecordKind. The three lists have equal length.
 */
final readonly class Chunk
{
    /**
     * @param list<int> $xs
     * @param list<int> $ys
     * @param list<int> $kinds
     */
    public function __construct(public array $xs, public array $ys, public array $kinds) {}
}
