<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** Top thread a·length + b·stitches, bobbin c·length + d·stitches, each times 1 + waste. */
final readonly class ThreadUseRules
{
    public function __construct(
        public float $topPerLength = 1.05,
        public float $topPerStitchMm = 1.6,
        public float $bobbinPerLength = 0.6,
        public float $bobbinPerStitchMm = 0.2,
        public float $waste = 0.0,
    ) {}
}
