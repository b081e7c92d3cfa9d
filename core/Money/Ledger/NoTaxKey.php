<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

use RuntimeException;

/** The table of accounts has no row for a rate that is on an invoice. */
final class NoTaxKey extends RuntimeException
{
    private function __construct(public readonly float $percent)
    {
        parent::__construct();
    }

    public static function at(float $percent): self
    {
        return new self($percent);
    }
}
