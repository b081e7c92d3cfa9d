<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What comes on top of a price. The percentage is the house's: local law decides it. */
final readonly class Tax
{
    public function __construct(public float $percent, public int $cents) {}

    public static function on(int $cents, float $percent): self
    {
        return new self($percent, Amount::of($cents)->percent($percent)->cents());
    }

    public function isNone(): bool
    {
        return $this->percent === 0.0;
    }
}
