<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What stock cost on average: all that was paid over all that was bought, so that a large purchase weighs more. */
final readonly class Bought
{
    /**
     * @param float $cents a unit, on average
     * @param int   $n     purchases
     * @param float $least cents a unit of the cheapest; likewise the dearest
     */
    private function __construct(
        public float $cents,
        public int $n,
        public float $amount,
        public float $least,
        public float $most,
    ) {}

    /**
     * @param list<array{float, int}> $purchases amount and cents paid for it
     *
     * @return self|null null where nothing was bought
     */
    public static function of(array $purchases): ?self
    {
        $purchases = array_values(array_filter($purchases, static fn(array $one): bool => $one[0] > 0));
        if ($purchases === []) {
            return null;
        }
        $amount = array_sum(array_column($purchases, 0));
        $each = array_map(static fn(array $one): float => $one[1] / $one[0], $purchases);

        return new self(
            array_sum(array_column($purchases, 1)) / $amount,
            count($purchases),
            $amount,
            min($each),
            max($each),
        );
    }
}
