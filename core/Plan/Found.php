<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** The best plan that one of those who look has come to. */
final readonly class Found
{
    /**
     * @param float                       $judged by which plans are held against each other: a batch left out costs more
     *     than any lateness
     * @param array{Internal\Guide, float}|null $led what the best that was built is led by, and what that one costs
     */
    public function __construct(
        public Sequence $sequence,
        public float $judged,
        public bool $isProven,
        public ?array $led = null,
    ) {}
}
