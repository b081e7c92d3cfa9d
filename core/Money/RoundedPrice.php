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
        $steps = Amount::of($this->price->of($job, $cost))->per($job->pieces)->per($this->step)->centsUp();

        return $job->pieces * $this->step * $steps;
    }

    public function stepsBeside(Job $job): array
    {
        return $this->price->stepsBeside($job);
    }
}
