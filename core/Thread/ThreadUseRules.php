<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** Top thread a·length + b·stitches, bobbin c·length + d·stitches, each times 1 + waste. */
final readonly class ThreadUseRules
{
    public function __construct(
        public float $topPerLength,
        public float $topPerStitchMm,
        public float $bobbinPerLength,
        public float $bobbinPerStitchMm,
        public float $waste,
    ) {}
}
