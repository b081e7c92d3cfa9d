<?php

declare(strict_types=1);

namespace Tests\Core\Money\Ledger;

use Hakama\Money\Ledger\Account;
use Hakama\Money\Ledger\Accounts;
use Hakama\Money\Ledger\AccountUse;
use Hakama\Money\Ledger\Ledger;
use Hakama\Money\Ledger\LedgerEntry;
use Hakama\Money\Ledger\NoTaxKey;
use Hakama\Money\Ledger\Posting;
use Hakama\Money\Ledger\TaxKey;
use Hakama\Money\Ledger\UnbalancedEntry;
use Hakama\Money\PaymentWay;
use Hakama\Money\Tax;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Sides worked out by hand, as a first chapter on bookkeeping does. */
final class LedgerTest extends TestCase
{
    #[Test]
    public function an_invoice_makes_the_customer_owe_what_was_sold_and_its_tax(): void
    {
        $entry = $this->ledger()->sold('2026-03-02', '17', 10_000, Tax::on(10_000, 19.0));
        self::assertSame(['1100 119.00 -', '4000 - 100.00 key 3', '2200 - 19.00 key 3'], self::said($entry));
        self::assertSame(11_900, $entry->debitCents());
        self::assertSame('17', $entry->document);
    }

    #[Test]
    public function what_takes_it_back_has_its_sides_changed_over(): void
    {
        $entry = $this->ledger()->sold('2026-03-09', '18', -10_000, new Tax(19.0, -1_900));
        self::assertSame(['1100 - 119.00', '4000 100.00 - key 3', '2200 19.00 - key 3'], self::said($entry));
    }

    #[Test]
    public function where_there_is_no_tax_nothing_is_posted_for_it(): void
    {
        $entry = $this->ledger()->sold('2026-03-02', '19', 2_550, Tax::on(2_550, 0.0));
        self::assertSame(['1100 25.50 -', '4010 - 25.50 key '], self::said($entry));
    }

    #[Test]
    #[TestWith([PaymentWay::Bank, '1000'])]
    #[TestWith([PaymentWay::Cash, '1010'])]
    #[TestWith([PaymentWay::Card, '1020'])]
    public function a_payment_moves_what_was_owed_to_where_the_money_lies(PaymentWay $way, string $account): void
    {
        self::assertSame(
            ["{$account} 119.00 -", '1100 - 119.00'],
            self::said($this->ledger()->paid('2026-03-05', '17', 11_900, $way)),
        );
        self::assertSame(
            ["{$account} - 19.00", '1100 19.00 -'],
            self::said($this->ledger()->paid('2026-03-06', '17', -1_900, $way)),
        );
    }

    #[Test]
    public function a_rate_that_the_table_does_not_know_is_named(): void
    {
        try {
            $this->ledger()->sold('2026-03-02', '20', 100, Tax::on(100, 7.0));
            self::fail('there is no row for 7 %');
        } catch (NoTaxKey $e) {
            self::assertSame(7.0, $e->percent);
        }
    }

    #[Test]
    public function a_rate_is_the_same_however_a_machine_keeps_it(): void
    {
        self::assertTrue(Accounts::isSame(0.1 + 0.2, 0.3));
        self::assertTrue(Accounts::isSame(8.875, 8.88), 'two places, rounded as the table keeps them');
        self::assertFalse(Accounts::isSame(19.0, 19.01));
    }

    #[Test]
    public function sides_that_do_not_come_to_the_same_are_no_entry(): void
    {
        $this->expectException(UnbalancedEntry::class);
        new LedgerEntry('2026-03-02', '21', [
            Posting::debit(new Account('1', 'a'), 100),
            Posting::credit(new Account('2', 'b'), 99),
        ]);
    }

    #[Test]
    public function nothing_moved_is_no_entry(): void
    {
        $this->expectException(UnbalancedEntry::class);
        $this->ledger()->paid('2026-03-02', '21', 0, PaymentWay::Cash);
    }

    private function ledger(): Ledger
    {
        $uses = [];
        foreach (AccountUse::cases() as $use) {
            $uses[$use->value] = new Account($use->number(), $use->value);
        }
        $owed = new Account('2200', 'tax');

        return new Ledger(new Accounts($uses, [
            new TaxKey(19.0, '3', new Account('4000', 'sales'), $owed),
            new TaxKey(0.0, '', new Account('4010', 'sales without tax'), $owed),
        ]));
    }

    /** @return list<string> account, debit, credit, key */
    private static function said(LedgerEntry $entry): array
    {
        $sum = static fn(int $cents): string => $cents === 0 ? '-' : number_format($cents / 100, 2, '.', '');

        return array_map(
            static fn(Posting $one): string => "{$one->account->number} {$sum($one->debitCents())} {$sum($one->creditCents())}"
                .($one->tax === null ? '' : " key {$one->tax->key}"),
            $entry->postings,
        );
    }
}
