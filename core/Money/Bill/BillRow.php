<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

/** One line of a bill: so many of what, and what all of them cost. */
final readonly class BillRow
{
    public function __construct(public string $text, public int $quantity, public int $cents) {}
}
