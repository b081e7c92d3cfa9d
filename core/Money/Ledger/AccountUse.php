<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

use Hakama\Money\PaymentWay;

/** What an account is for that no tax decides. */
enum AccountUse: string
{
    case Receivables = 'receivables';
    case Bank = 'bank';
    case Cash = 'cash';
    case Card = 'card';

    public static function where(PaymentWay $way): self
    {
        return match ($way) {
            PaymentWay::Bank => self::Bank,
            PaymentWay::Cash => self::Cash,
            PaymentWay::Card => self::Card,
        };
    }

    /** A number to begin with: what is owned and owed to the shop under 1, in no country's table of accounts. */
    public function number(): string
    {
        return match ($this) {
            self::Bank => '1000',
            self::Cash => '1010',
            self::Card => '1020',
            self::Receivables => '1100',
        };
    }
}
