<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What an hour of hands costs, cents, by what they do. */
final readonly class HandRates
{
    private function __construct(public int $setupH, public int $hoopH, public int $finishH) {}

    public static function same(int $hour): self
    {
        return new self($hour, $hour, $hour);
    }

    public static function of(int $setupH, int $hoopH, int $finishH): self
    {
        return new self($setupH, $hoopH, $finishH);
    }

    /** Cents, not rounded yet. */
    public function cents(float $setupMin, float $hoopS, float $finishS): Amount
    {
        return Amount::of($setupMin)
            ->times($this->setupH)
            ->per(60)
            ->plus(Amount::of($hoopS)->times($this->hoopH)->per(3600))
            ->plus(Amount::of($finishS)->times($this->finishH)->per(3600));
    }

    /** "2400 cents an hour", or "2400, 1900 and 1700 cents an hour" of setting up, hooping and finishing */
    public function words(): string
    {
        return $this->setupH === $this->hoopH && $this->hoopH === $this->finishH
            ? "{$this->setupH} cents an hour"
            : "{$this->setupH}, {$this->hoopH} and {$this->finishH} cents an hour of setting up, hooping and finishing";
    }
}
