<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

/** Where sales at one rate of tax go, where their tax goes, and what the bookkeeper's program calls that rate. */
final readonly class TaxKey
{
    /**
     * @param float  $percent of tax, two places behind the point
     * @param string $key     '' where the program needs none
     */
    public function __construct(
        public float $percent,
        public string $key,
        public Account $sales,
        public Account $tax,
    ) {}
}
