<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use Carbon\CarbonImmutable;

/** An order that was due: when it was done, and with which odds it was promised. */
final readonly class DueOrder
{
    /**
     * @param CarbonImmutable|null $done when its last piece was counted; null: it is not done yet
     * @param float|null           $said the odds that were given, 0 to 1; null where none were worked out
     */
    public function __construct(
        public int $number,
        public string $customer,
        public CarbonImmutable $due,
        public ?CarbonImmutable $done,
        public ?float $said,
    ) {}

    public function isKept(): bool
    {
        return $this->done !== null && $this->done <= $this->due;
    }

    /** Minutes after it was due; of what is not done yet, until now. */
    public function lateMin(CarbonImmutable $now): int
    {
        return max(0, intdiv(($this->done ?? $now)->getTimestamp() - $this->due->getTimestamp(), 60));
    }
}
