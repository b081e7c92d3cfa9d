<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

/** Pieces for one batch cut from, or taken out of, one stock. */
final readonly class Cut
{
    /**
     * @param int                $across   pieces side by side on a roll, 0 for what is not a roll
     * @param float              $lengthMm taken off a roll
     * @param list<BackingStock> $leaves   off-cuts that are worth keeping
     */
    public function __construct(
        public CutWant $want,
        public BackingStock $from,
        public int $count,
        public int $across = 0,
        public float $lengthMm = 0.0,
        public array $leaves = [],
    ) {}
}
