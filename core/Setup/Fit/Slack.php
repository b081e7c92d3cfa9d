<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

/** How far the box of a design can still be moved each way in the box of a window, mm; below zero it reaches out. */
final readonly class Slack
{
    public function __construct(
        public float $leftMm,
        public float $rightMm,
        public float $topMm,
        public float $bottomMm,
    ) {}
}
