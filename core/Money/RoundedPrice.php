<?php

declare(strict_types=1);

namespace Hakama\Money;

/** A price of which one piece costs a round amount: up to the next step, so that the margin stays. */
final readonly class RoundedPrice implements Price
{
    /** @param int $step cents, above zero */
    public function __construct(private Price $price, private int $step) {}

    public function of(Job $job, int $cost): int
    {
        $each = $this->price->of($job, $cost) / $job->pieces;

        return $job->pieces * $this->step * Cents::up($each / $this->step);
    }

    public function stepsBeside(Job $job): array
    {
        return $this->price->stepsBeside($job);
    }
}
