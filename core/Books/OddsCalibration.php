<?php

declare(strict_types=1);

namespace Hakama\Books;

/**
 * Whether the odds that were given came true: of promises said to be kept in a share of cases, how many were kept. Chance
 * alone puts the number of those kept within 1.96 standard deviations of what was said in 95 of 100 cases (each promise a
 * coin of its own, so the variances p·(1 - p) add up).
 */
final readonly class OddsCalibration
{
    private const WITHIN = 1.96;
    /** Odds from each of these on are looked at together. */
    private const BANDS = [0.0, 0.5, 0.8, 0.95];

    /**
     * @param float $from of the band, 0 to 1
     * @param int   $n    promises
     * @param float $said the mean of the odds that were given
     * @param int   $kept of them
     */
    private function __construct(
        public float $from,
        public int $n,
        public float $said,
        public int $kept,
        private float $deviation,
    ) {}

    /**
     * @param list<array{float, bool}> $promises the odds that were given, 0 to 1, and whether it was kept
     *
     * @return list<self> by band, those without a promise left out
     */
    public static function of(array $promises): array
    {
        $bands = [];
        foreach (self::BANDS as $i => $from) {
            $below = self::BANDS[$i + 1] ?? INF;
            $some = array_values(
                array_filter($promises, static fn(array $one): bool => $one[0] >= $from && $one[0] < $below),
            );
            if ($some === []) {
                continue;
            }
            $said = array_column($some, 0);
            $bands[] = new self(
                $from,
                count($some),
                array_sum($said) / count($some),
                count(array_filter(array_column($some, 1))),
                sqrt(array_sum(array_map(static fn(float $p): float => $p * (1 - $p), $said))),
            );
        }

        return $bands;
    }

    /** Of those that were promised. */
    public function share(): float
    {
        return $this->kept / $this->n;
    }

    /** Fewer were kept than chance explains. */
    public function isTooHopeful(): bool
    {
        return $this->n * $this->said - $this->kept > self::WITHIN * $this->deviation + 1e-9;
    }

    /** More were kept than chance explains: earlier could have been promised. */
    public function isTooCareful(): bool
    {
        return $this->kept - $this->n * $this->said > self::WITHIN * $this->deviation + 1e-9;
    }
}
