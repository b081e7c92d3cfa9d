<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What one piece takes up: metres of thread, cm² of what lies under and over the cloth, cents of hardware. */
final readonly class Materials
{
    public function __construct(
        public float $topM = 0.0,
        public float $bobbinM = 0.0,
        public float $backing = 0.0,
        public float $topper = 0.0,
        public float $applique = 0.0,
        public int $hardware = 0,
    ) {}
}
