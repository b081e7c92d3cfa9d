<?php

declare(strict_types=1);

namespace Hakama\Money;

final readonly class FixedPrice implements Price
{
    public function __construct(private int $cents) {}

    public function of(Job $job, int $cost): int
    {
        return $this->cents;
    }

    public function stepsBeside(Job $job): array
    {
        return [];
    }
}
