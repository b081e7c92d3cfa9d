<?php

declare(strict_types=1);

namespace App\Plan;

/** On what, where and how it is sewn, in words as they are shown. */
final readonly class BatchSetup
{
    /**
     * @param string $backing  in words
     * @param int    $hoopings of each piece, moving along a tube
     * @param int    $layers   of backing under each hooping
     */
    public function __construct(
        public string $garment,
        public string $position,
        public int $turnDeg,
        public int $speedSpm,
        public string $backing,
        public bool $topper,
        public int $hoopings = 1,
        public int $layers = 1,
    ) {}
}
