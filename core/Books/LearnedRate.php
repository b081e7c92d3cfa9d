<?php

declare(strict_types=1);

namespace Hakama\Books;

/**
 * How often something happens, from what was logged: all that happened over all in which it could have, with some more put
 * to both that went as reckoned, so that little experience says little.
 */
final readonly class LearnedRate
{
    private const BY_CHANCE = 0.0013;

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

    /**
     * Whether it happens more often here than in the others: of all that happened, so much of it here would come about by
     * chance in fewer than 13 of 10 000 cases, were they alike (Przyborowski and Wilenski 1940; three sigma, one side).
     *
     * @param int   $here   how often, in so much
     * @param int   $others how often in the others, in so much
     */
    public static function standsOut(int $here, float $of, int $others, float $othersOf): bool
    {
        if ($of <= 0.0 || $othersOf <= 0.0) {
            return false;
        }
        $all = $here + $others;
        $odds = log($of / $othersOf);
        $logP = $all * log($othersOf / ($of + $othersOf));
        $below = 0.0;
        for ($k = 0; $k < $here; $k++) {
            $below += exp($logP);
            $logP += log(($all - $k) / ($k + 1)) + $odds;
        }

        return 1.0 - $below < self::BY_CHANCE;
    }
}
