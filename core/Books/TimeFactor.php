<?php

declare(strict_types=1);

namespace Hakama\Books;

/**
 * By how much longer or shorter something takes than was reckoned, from what was logged: all that it took over all that was
 * reckoned, with three pieces that went as reckoned put to both, so that little experience says little.
 */
final readonly class TimeFactor
{
    /** So many of the newest count. */
    public const LAST = 20;
    private const PRIOR = 3;

    /**
     * @param float $factor real over reckoned
     * @param int   $n      how many it comes from
     * @param float $spread standard deviation of real over reckoned among them
     */
    private function __construct(public float $factor, public int $n, public float $spread) {}

    /**
     * @param list<array{float, float}> $logged reckoned and real seconds, newest first; reckoned above zero
     *
     * @return self|null null where nothing is logged
     */
    public static function of(array $logged): ?self
    {
        $logged = array_slice(
            array_values(array_filter($logged, static fn(array $one): bool => $one[0] > 0 && $one[1] > 0)),
            0,
            self::LAST,
        );
        $n = count($logged);
        if ($n === 0) {
            return null;
        }
        $reckoned = array_sum(array_column($logged, 0));
        $real = array_sum(array_column($logged, 1));
        $prior = (self::PRIOR * $reckoned) / $n;
        $ratios = array_map(static fn(array $one): float => $one[1] / $one[0], $logged);
        $mean = array_sum($ratios) / $n;
        $squares = array_sum(array_map(static fn(float $ratio): float => ($ratio - $mean) ** 2, $ratios));

        return new self(($real + $prior) / ($reckoned + $prior), $n, $n > 1 ? sqrt($squares / ($n - 1)) : 0.0);
    }

    /**
     * Whether the newest no longer go like those before: their mean lies further from that of the others than chance would
     * put it in 997 of 1000 cases (Shewhart's three sigma).
     *
     * @param list<float> $ratios real over reckoned, newest first
     * @param int         $newest so many of them
     */
    public static function hasShifted(array $ratios, int $newest = 5): bool
    {
        return self::standOut(array_slice($ratios, 0, $newest), array_slice($ratios, $newest));
    }

    /**
     * Whether some do not go like others: their mean lies further from that of the others than chance would put it in 997
     * of 1000 cases (Shewhart's three sigma). Of one person among all, somebody new at it; of the newest, a change.
     *
     * @param list<float> $these  real over reckoned
     * @param list<float> $others eight at least, else it cannot be said
     */
    public static function standOut(array $these, array $others): bool
    {
        if ($these === [] || count($others) < 8) {
            return false;
        }
        $mean = array_sum($others) / count($others);
        $squares = array_sum(array_map(static fn(float $ratio): float => ($ratio - $mean) ** 2, $others));
        $sigma = sqrt($squares / (count($others) - 1));
        $now = array_sum($these) / count($these);

        return $sigma > 0 && abs($now - $mean) > (3 * $sigma) / sqrt(count($these));
    }
}
