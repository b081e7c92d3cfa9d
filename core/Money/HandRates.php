<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Words\Money;
use Hakama\Words\Text;

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

    /** "24.00 an hour", or what an hour of setting up, of hooping and of finishing costs. */
    public function words(): Text
    {
        return $this->setupH === $this->hoopH && $this->hoopH === $this->finishH
            ? new Text('money.cost_from.rate', ['hour' => new Money($this->setupH)])
            : new Text('money.cost_from.rates', [
                'setup' => new Money($this->setupH),
                'hoop' => new Money($this->hoopH),
                'finish' => new Money($this->finishH),
            ]);
    }
}
