<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

/** An account as the shop's bookkeeper calls it. */
final readonly class Account
{
    public function __construct(public string $number, public string $name) {}
}
