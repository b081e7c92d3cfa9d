<?php

declare(strict_types=1);

namespace Hakama\Money;

/** So much of the price is to be left over, rounded up to the cent. */
final readonly class MarginPrice implements Price
{
    /** @param float $percent of the price, below 100 */
    public function __construct(private float $percent) {}

    public function of(Job $job, int $cost): int
    {
        return Amount::of($cost)->times(100)->per(100 - $this->percent)->centsUp();
    }

    public function stepsBeside(Job $job): array
    {
        return [];
    }
}
