<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * What a plan is judged by: the price of a minute late, of a minute of set-up, and of a minute until a batch is done.
 */
final readonly class Weights
{
    public function __construct(public float $late = 10.0, public float $setup = 1.0, public float $flow = 0.01) {}
}
