<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Money\Models\AccountTable;
use App\Money\Models\Invoice;
use App\Money\Models\LedgerExport;
use App\Money\Models\Payment;
use App\Money\Queries\CustomerAmounts;
use Carbon\CarbonImmutable;
use Hakama\Money\PaymentWay;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** What the bookkeeper gets: every paper and payment once, both sides the same, by the shop's own accounts. */
final class LedgerTest extends FeatureTestCase
{
    #[Test]
    public function an_export_has_a_number_and_is_the_same_ever_after(): void
    {
        $this->withTax();
        $invoice = $this->invoice(7_803);
        $this->pay($invoice, '50.00', 'cash');
        $this->get('/books/ledger')->assertSee('Not exported yet: 1 invoice, 1 payment.');
        $this->export()->assertSessionHas('done', 'Export 1: 2 entries');
        $day = CarbonImmutable::now()->toDateString();
        $order = $invoice->order;
        // 78.03 by 19 % is 14.8257, so 92.86 in all.
        $rows = self::rows(1);
        self::assertSame([
            ['1', '1', $day, '1', '1100', 'Customers, owed to us', '92.86', '0.00'],
            ['1', '1', $day, '1', '4000', 'Sales', '0.00', '78.03'],
            ['1', '1', $day, '1', '2200', 'Tax owed', '0.00', '14.83'],
            ['1', '2', $day, '1', '1010', 'Cash', '50.00', '0.00'],
            ['1', '2', $day, '1', '1100', 'Customers, owed to us', '0.00', '50.00'],
        ], array_map(static fn(array $row): array => array_slice($row, 0, 8), $rows));
        self::assertSame(
            ['EUR', '', '', (string) $order->customer_id, $invoice->customer, "Invoice 1, order {$order->number}"],
            array_slice($rows[0], 8),
        );
        self::assertSame(['', '19'], array_slice($rows[1], 9, 2));
        // What changes later changes nothing in it.
        $before = $this->get('/books/ledger/1/journal.csv')->getContent();
        $order->customer->update(['name' => 'Another name']);
        $this->keep(['accounts' => ['cash' => ['number' => '1600', 'name' => 'Till']]])->assertSessionHas('done');
        $this->pay($invoice, '42.86', 'card');
        $this->export()->assertSessionHas('done', 'Export 2: 1 entry');
        self::assertSame($before, $this->get('/books/ledger/1/journal.csv')->getContent());
        self::assertSame(['2', '3', $day, '1', '1020'], array_slice(self::rows(2)[0], 0, 5), 'entries are numbered on');
        foreach (['1/accounts' => '1010,Cash,cash', '2/accounts' => '1600,Till,cash', '1/tax-keys' => '19,,4000,2200'] as $of => $row) {
            self::assertStringContainsString($row, (string) $this->get("/books/ledger/{$of}.csv")->getContent());
        }
        $this->get('/books/ledger/3/journal.csv')->assertNotFound();
    }

    #[Test]
    public function each_is_in_one_export_only_and_what_is_owed_is_what_stands_open(): void
    {
        $this->withTax();
        $this->travelTo('2026-03-02 10:00');
        $first = $this->invoice(10_000);
        $this->travelTo('2026-03-20 10:00');
        $this->pay($first, '60.00', 'bank', '2026-03-18');
        $second = $this->invoice(15_000);
        $this->export('2026-03-10')->assertSessionHas('done', 'Export 1: 1 entry');
        $this->export('2026-03-10')->assertSessionHasErrors(['until' => 'Nothing up to that day is left to export.']);
        $this->travelTo('2026-04-05 10:00');
        $this->post("/books/invoices/{$second->number}/credit", ['form' => Str::uuid()->toString()]);
        // Noted late, for a day that is exported already: it comes with the next.
        $this->pay($first, '9.00', 'cash', '2026-03-05');
        $this->export('2026-03-31')->assertSessionHas('done', 'Export 2: 3 entries');
        $this->export('2026-04-05')->assertSessionHas('done', 'Export 3: 1 entry');
        self::assertSame(
            ['2026-03-05', '2026-03-18', '2026-03-20'],
            array_values(array_unique(array_column(self::rows(2), 2))),
            'in the order of their days',
        );
        $rows = [...self::rows(1), ...self::rows(2), ...self::rows(3)];
        self::assertSame(['1', '2', '3', '4', '5'], array_values(array_unique(array_column($rows, 1))));
        $sum = static fn(string $account): int => array_sum(array_map(
            static fn(array $row): int => $row[4] === $account || $account === ''
                ? (int) round(100 * ((float) $row[6] - (float) $row[7]))
                : 0,
            $rows,
        ));
        self::assertSame(0, $sum(''));
        // Counted by other tables in another way.
        $customer = $first->order->customer_id;
        self::assertSame((new CustomerAmounts())->of([$customer])[$customer], $sum('1100'));
        // 119.00 less 69.00; what was credited is owed by nobody.
        self::assertSame(5_000, $sum('1100'));
        self::assertSame(-10_000, $sum('4000'));
        self::assertSame(-1_900, $sum('2200'));
        self::assertSame(6_000, $sum('1000'));
        self::assertSame(900, $sum('1010'));
    }

    #[Test]
    public function the_same_form_twice_is_one_export(): void
    {
        $this->invoice(10_000);
        $form = Str::uuid()->toString();
        $this->export(form: $form)->assertSessionHas('done', 'Export 1: 1 entry');
        $this->export(form: $form)->assertSessionHas('done', 'Export 1: 1 entry');
        self::assertSame(1, LedgerExport::query()->count());
    }

    #[Test]
    public function a_rate_without_a_row_is_named_and_nothing_leaves(): void
    {
        $this->withTax();
        $this->invoice(10_000);
        $row = ['key' => '2', 'sales' => '4100', 'sales_name' => 'Sales', 'tax' => '2210', 'tax_name' => 'Tax'];
        $this->keep(['taxes' => [['percent' => '7', ...$row]]]);
        $this->get('/books/ledger')->assertSee('Invoices have 19 % tax, and the table of accounts has no row for it.');
        $this->export()->assertSessionHasErrors([
            'until' => 'An invoice has 19 % tax. Add a row for that rate to the table of accounts; nothing was exported.',
        ]);
        self::assertSame(0, LedgerExport::query()->count());
        self::assertSame(1, Invoice::query()->whereNull('ledger_export_id')->count());
    }

    #[Test]
    public function what_other_books_have_already_stays_out(): void
    {
        $this->travelTo('2026-03-02 23:30');
        $old = $this->invoice(10_000);
        $this->travelTo('2026-03-03 00:10');
        $this->invoice(12_000);
        $this->pay($old, '100.00', 'bank', '2026-03-02');
        $this->keep(['begins_on' => '2026-03-03']);
        $this->export('2026-03-03')->assertSessionHas('done', 'Export 1: 1 entry');
        self::assertSame('20.00', self::rows(1)[0][6]);
        $this->get('/books/ledger')->assertSee('Everything is exported.');
        // Said otherwise later, the rest comes after all.
        $this->keep(['begins_on' => '']);
        $this->export('2026-03-03')->assertSessionHas('done', 'Export 2: 2 entries');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is typed, and where it is said */
    public static function wrong(): iterable
    {
        $bank = static fn(mixed $number): array => ['accounts' => ['bank' => ['number' => $number, 'name' => 'Bank']]];
        yield 'no number' => [$bank(''), 'accounts.bank.number'];
        yield 'a formula' => [$bank('=1+1'), 'accounts.bank.number'];
        yield 'several' => [$bank(['1']), 'accounts.bank.number'];
        yield 'no name' => [['accounts' => ['cash' => ['number' => '1', 'name' => '']]], 'accounts.cash.name'];
        yield 'no accounts' => [['accounts' => 'none'], 'accounts'];
        $row = ['sales' => '1', 'sales_name' => 'a', 'tax' => '2', 'tax_name' => 'b'];
        yield 'no rate' => [['taxes' => [['percent' => 'x', ...$row]]], 'taxes.0.percent'];
        yield 'more than all' => [['taxes' => [['percent' => '101', ...$row]]], 'taxes.0.percent'];
        yield 'no sales' => [['taxes' => [['percent' => '19', ...$row, 'sales' => '']]], 'taxes.0.sales'];
        yield 'no row' => [['taxes' => [['percent' => ''], ['key' => ' ']]], 'taxes.0.percent'];
        yield 'no day' => [['begins_on' => '2026-02-30'], 'begins_on'];
        yield 'changed meanwhile' => [['seen' => 'an older one'], 'seen'];
    }

    /** @param array<string, mixed> $typed */
    #[Test, DataProvider('wrong')]
    public function what_is_typed_wrong_is_said_at_its_field(array $typed, string $field): void
    {
        $this->keep($typed)->assertSessionHasErrors($field);
        self::assertSame(0, AccountTable::query()->count());
    }

    #[Test]
    public function a_rate_has_one_row(): void
    {
        $row = ['key' => '', 'sales' => '1', 'sales_name' => 'a', 'tax' => '2', 'tax_name' => 'b'];
        $this->keep(['taxes' => [['percent' => '19', ...$row], ['percent' => '19.00', ...$row]]])
            ->assertSessionHasErrors(['taxes.1.percent' => 'That rate has a row already.']);
        $this->keep(['taxes' => [['percent' => '19', ...$row], ['percent' => ''], ['percent' => '8,88', ...$row]]])
            ->assertSessionHas('done');
        self::assertSame(8.88, AccountTable::query()->firstOrFail()->accounts()->taxes[1]->percent);
    }

    #[Test]
    public function how_it_was_paid_is_asked_and_what_a_form_does_not_say_came_to_the_bank(): void
    {
        $invoice = $this->invoice(10_000);
        $this->pay($invoice, '10.00', 'shells')->assertSessionHasErrors('way');
        $this->pay($invoice, '10.00', null)->assertSessionHas('done');
        self::assertSame(PaymentWay::Bank, Payment::query()->firstOrFail()->way);
        $this->get("/orders/{$invoice->order->number}/money")->assertSee('bank');
    }

    private function withTax(): void
    {
        $this->put('/shop/rules', ['tax_percent' => '19']);
        app()->forgetScopedInstances();
    }

    private function invoice(int $agreedCents): Invoice
    {
        $order = self::polos()->refresh();
        $order->update(['agreed_cents' => $agreedCents]);
        app()->forgetScopedInstances();
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');

        return Invoice::query()->orderByDesc('number')->firstOrFail();
    }

    /** @return TestResponse<Response> */
    private function pay(Invoice $invoice, string $paid, ?string $way, ?string $day = null): TestResponse
    {
        return $this->post("/books/invoices/{$invoice->number}/payments", [
            'form' => Str::uuid()->toString(),
            'paid' => $paid,
            'paid_on' => $day ?? CarbonImmutable::now()->toDateString(),
            ...($way === null ? [] : ['way' => $way]),
        ]);
    }

    /** @return TestResponse<Response> */
    private function export(?string $until = null, ?string $form = null): TestResponse
    {
        return $this->post('/books/ledger', [
            'form' => $form ?? Str::uuid()->toString(),
            'until' => $until ?? CarbonImmutable::now()->toDateString(),
        ]);
    }

    /**
     * The table in force as its page sends it, with some of it typed anew.
     *
     * @param array<string, mixed> $typed
     *
     * @return TestResponse<Response>
     */
    private function keep(array $typed): TestResponse
    {
        $table = AccountTable::inForce(app(\App\Shop\House::class));
        if (is_array($typed['accounts'] ?? null)) {
            $typed['accounts'] = [...$table->uses, ...$typed['accounts']];
        }

        return $this->put('/books/ledger/accounts', [
            'accounts' => $table->uses,
            'taxes' => $table->taxes,
            'begins_on' => $table->begins_on?->toDateString(),
            'seen' => $table->stateHash(),
            ...$typed,
        ]);
    }

    /** @return list<list<string>> as any program reads them */
    private static function rows(int $number): array
    {
        $csv = LedgerExport::query()->where('number', $number)->firstOrFail()->journal();

        return array_map(
            static fn(string $line): array => str_getcsv($line, escape: ''),
            array_slice(explode("\n", trim($csv)), 1),
        );
    }
}
