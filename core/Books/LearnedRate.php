<?php

declare(strict_types=1);

namespace Hakama\Books;

/**
 * How often something happens, from what was logged: all that happened over all in which it could have, with some more put
 * to both that went as reckoned, so that little experience says little.
 */
final readonly class LearnedRate
{
    /**
     * @param float $rate   for one of what it is counted in
     * @param int   $n      how often it happened
     * @param float $of     in how much of what it is counted in
     * @param float $spread one standard deviation of the rate, as of what happens by chance (Poisson)
     */
    private function __construct(public float $rate, public int $n, public float $of, public float $spread) {}

    /**
     * @param float $reckoned the rate until now
     * @param float $weight   so much that went as reckoned is put to what was logged; above zero
     *
     * @return self|null null where nothing is logged
     */
    public static function of(int $happened, float $of, float $reckoned, float $weight): ?self
    {
        return $of <= 0.0
            ? null
            : new self(
                ($happened + $reckoned * $weight) / ($of + $weight),
                $happened,
                $of,
                sqrt(max(1, $happened)) / $of,
            );
    }
}
