<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Draws from the distributions that the odds want. The same seed gives the same draws. */
final class Chance
{
    private const STEPS = 1 << 53;
    /** A Poisson mean above this is drawn in parts: e to the minus mean would be nothing. */
    private const MOST_AT_ONCE = 500.0;

    private readonly Randomizer $randomizer;
    private ?float $spare = null;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** Above 0, up to 1. */
    public function uniform(): float
    {
        return $this->randomizer->getInt(1, self::STEPS) / self::STEPS;
    }

    /** @return int<0, max> from 0 to one below a count, each as likely */
    public function among(int $count): int
    {
        return max(0, $this->randomizer->getInt(0, $count - 1));
    }

    /** Mean 0, standard deviation 1 (Box and Muller 1958). */
    public function normal(): float
    {
        if ($this->spare !== null) {
            [$normal, $this->spare] = [$this->spare, null];

            return $normal;
        }
        $radius = sqrt(-2 * log($this->uniform()));
        $angle = 2 * M_PI * $this->uniform();
        $this->spare = $radius * sin($angle);

        return $radius * cos($angle);
    }

    /** Lognormal with mean 1 and a coefficient of variation: σ² = ln(1 + c²), μ = -σ²/2. */
    public function factor(float $cv): float
    {
        if ($cv <= 0.0) {
            return 1.0;
        }
        $variance = log(1 + $cv ** 2);

        return exp(sqrt($variance) * $this->normal() - $variance / 2);
    }

    /** How many of what happens by chance, so many on average (Knuth 1969, by products). */
    public function poisson(float $mean): int
    {
        $count = 0;
        for (; $mean > self::MOST_AT_ONCE; $mean -= self::MOST_AT_ONCE) {
            $count += $this->poisson(self::MOST_AT_ONCE);
        }
        if ($mean <= 0.0) {
            return $count;
        }
        $limit = exp(-$mean);
        for ($product = $this->uniform(); $product > $limit; $product *= $this->uniform()) {
            $count++;
        }

        return $count;
    }

    /** How many of a count are hit, each with a probability below 1; what is between two hits is geometric. */
    public function binomial(int $count, float $probability): int
    {
        if ($probability <= 0.0) {
            return 0;
        }
        $hits = 0;
        $miss = log(1 - $probability);
        $at = log($this->uniform()) / $miss;
        while ($at < $count) {
            $hits++;
            $at = floor($at) + 1 + log($this->uniform()) / $miss;
        }

        return $hits;
    }
}
