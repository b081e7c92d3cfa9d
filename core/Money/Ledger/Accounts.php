<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

/** The table of accounts of a shop. */
final readonly class Accounts
{
    /**
     * @param array<string, Account> $uses  by `AccountUse`, one of each
     * @param list<TaxKey>           $taxes one a rate
     */
    public function __construct(private array $uses, public array $taxes) {}

    public function account(AccountUse $use): Account
    {
        return $this->uses[$use->value];
    }

    /** @throws NoTaxKey */
    public function taxed(float $percent): TaxKey
    {
        foreach ($this->taxes as $tax) {
            if (self::isSame($tax->percent, $percent)) {
                return $tax;
            }
        }

        throw NoTaxKey::at($percent);
    }

    /** Rates have two places behind the point, however a machine keeps them. */
    public static function isSame(float $percent, float $other): bool
    {
        return (int) round($percent * 100) === (int) round($other * 100);
    }
}
