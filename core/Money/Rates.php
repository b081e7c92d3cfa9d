<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What the shop's hours and stuff cost. */
final readonly class Rates
{
    /**
     * @param int   $machineH  cents an hour; likewise hands
     * @param int   $threadKm  cents a kilometre; likewise bobbin thread
     * @param int   $backingM2 cents a square metre; likewise topper and applied cloth
     * @param float $overhead  percent of all lines above it
     * @param float $spoilage  percent of what a garment is worth and of the work on it
     */
    public function __construct(
        public int $machineH,
        public int $handH,
        public int $threadKm,
        public int $bobbinKm,
        public int $backingM2,
        public int $topperM2,
        public int $appliqueM2,
        public float $overhead,
        public float $spoilage,
    ) {}
}
