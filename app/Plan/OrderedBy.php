<?php

declare(strict_types=1);

namespace App\Plan;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;

/** The order a batch is for. */
final readonly class OrderedBy
{
    /** @param string $due as the tables have it: many are kept and few are asked for their day */
    public function __construct(
        public int $id,
        public int $number,
        public string $customer,
        private string $due,
        public int $lineId,
    ) {}

    public function dueAt(): CarbonImmutable
    {
        return Moment::read($this->due);
    }
}
