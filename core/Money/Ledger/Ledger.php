<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

use Hakama\Money\PaymentWay;
use Hakama\Money\Tax;

/**
 * Papers and payments as entries of double-entry bookkeeping: an invoice makes the customer owe what was sold and its tax,
 * a payment moves what was owed to where the money lies. What takes one back is the same with its sides changed over.
 */
final readonly class Ledger
{
    public function __construct(private Accounts $accounts) {}

    /**
     * @param int $cents without tax; below zero where it takes one back, as its tax is
     *
     * @throws NoTaxKey where the table of accounts does not know its rate
     */
    public function sold(string $day, string $document, int $cents, Tax $tax): LedgerEntry
    {
        $key = $this->accounts->taxed($tax->percent);

        return new LedgerEntry($day, $document, [
            Posting::debit($this->accounts->account(AccountUse::Receivables), $cents + $tax->cents),
            Posting::credit($key->sales, $cents, $key),
            Posting::credit($key->tax, $tax->cents, $key),
        ]);
    }

    /** @param int $cents below zero where it went back */
    public function paid(string $day, string $document, int $cents, PaymentWay $way): LedgerEntry
    {
        return new LedgerEntry($day, $document, [
            Posting::debit($this->accounts->account(AccountUse::where($way)), $cents),
            Posting::credit($this->accounts->account(AccountUse::Receivables), $cents),
        ]);
    }
}
