<?php

declare(strict_types=1);

namespace App\Plan;

use Carbon\CarbonImmutable;

/** The order a batch is for. */
final readonly class OrderedBy
{
    public function __construct(
        public int $id,
        public int $number,
        public string $customer,
        public CarbonImmutable $receivedAt,
        public CarbonImmutable $dueAt,
    ) {}
}
