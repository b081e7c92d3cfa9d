<?php

declare(strict_types=1);

namespace App\Plan;

use Carbon\CarbonImmutable;

/** The order a batch is for. */
final readonly class OrderedBy
{
    /** @param int $blanksShort garments of the batch's line that are missing: it cannot be done before they come */
    public function __construct(
        public int $id,
        public int $number,
        public string $customer,
        public CarbonImmutable $receivedAt,
        public CarbonImmutable $dueAt,
        public int $blanksShort = 0,
    ) {}
}
