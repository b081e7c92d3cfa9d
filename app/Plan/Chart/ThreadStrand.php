<?php

declare(strict_types=1);

namespace App\Plan\Chart;

/** A thread on one needle for a time; x in the drawing's own units. */
final readonly class ThreadStrand
{
    /** @param string|null $until the batch before which it comes off; null when it stays */
    public function __construct(
        public int $needle,
        public ?string $thread,
        public ?string $colour,
        public float $from,
        public float $to,
        public ?string $until,
    ) {}
}
