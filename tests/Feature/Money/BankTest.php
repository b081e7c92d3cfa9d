<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Money\Models\BankReceipt;
use App\Money\Models\Invoice;
use App\Money\Models\Payment;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\Money\Bank\CamtReaderTest;
use Tests\Feature\FeatureTestCase;

/** What a bank's statement says becomes payments, each once. */
final class BankTest extends FeatureTestCase
{
    #[Test]
    public function what_names_its_invoice_to_the_cent_is_noted_and_a_second_reading_changes_nothing(): void
    {
        $invoice = $this->invoice();
        $list = "date,amount,name,text\n"
            ."2026-03-02,100.00,Choir,Invoice {$invoice->number} with thanks\n"
            ."2026-03-02,12.50,Somebody,hello\n"
            ."2026-03-03,-3.00,,fee\n";
        $this->read($list)->assertSessionHas('done', '2 new, 1 of them noted as payments.');
        self::assertSame(0, $invoice->refresh()->load('payments')->openCents());
        $paid = Payment::query()->where('invoice_id', $invoice->id)->firstOrFail();
        self::assertSame('2026-03-02', $paid->paid_on->toDateString());
        $this->read($list)->assertSessionHas('done', '0 new, 0 of them noted as payments.');
        self::assertSame(1, Payment::query()->where('invoice_id', $invoice->id)->count());
        $this->get('/books/bank')->assertOk()->assertSee('Somebody')->assertSee('12.50')->assertDontSee('with thanks');
    }

    #[Test]
    public function the_bank_s_own_statement_is_read(): void
    {
        $invoice = $this->invoice();
        $xml = str_replace(
            ['Invoice 78', '>119.00<'],
            ["Invoice {$invoice->number}", '>100.00<'],
            CamtReaderTest::statement('08'),
        );
        $this->read($xml, 'camt.xml')->assertSessionHas('done', '3 new, 1 of them noted as payments.');
        self::assertSame(0, $invoice->refresh()->load('payments')->openCents());
    }

    #[Test]
    public function what_is_not_clear_waits_for_a_word(): void
    {
        $invoice = $this->invoice();
        $this->read("date,amount,name,text\n2026-03-02,60.00,Choir,{$invoice->number}\n2026-03-03,60.00,Choir,rest\n"
            ."2026-03-04,9.00,Nobody,\n");
        self::assertSame(3, BankReceipt::query()->where('is_open', true)->count(), 'part of it is not all of it');
        [$part, $rest, $other] = BankReceipt::query()->orderBy('id')->get()->all();
        $this->put("/books/bank/{$part->id}", ['invoice' => '', 'of' => $part->id])->assertSessionHasErrors('invoice');
        $this->put("/books/bank/{$part->id}", ['invoice' => '987654'])->assertSessionHasErrors('invoice');
        $this->put("/books/bank/{$part->id}", ['invoice' => $invoice->number])->assertSessionHas('done');
        self::assertSame(4_000, $invoice->load('payments')->openCents());
        // More than is open, and the same money twice.
        $this->put("/books/bank/{$rest->id}", ['invoice' => $invoice->number])->assertSessionHasErrors('invoice');
        $this->put("/books/bank/{$part->id}", ['invoice' => $invoice->number])->assertSessionHasErrors('invoice');
        self::assertSame(4_000, $invoice->load('payments')->openCents());
        $this->delete("/books/bank/{$other->id}")->assertSessionHas('done');
        $this->get('/books/bank')->assertDontSee('Nobody')->assertSee('rest');
    }

    #[Test]
    #[TestWith(['a.csv', "date,amount\n31.12.2026,5\n", 'Row 2: enter the date as 2026-12-31.'])]
    #[TestWith(['a.csv', "date,amount\n2026-02-30,5\n", 'Row 2: enter the date as 2026-12-31.'])]
    #[TestWith([
        'a.csv',
        "date,amount\n2026-12-31,much\n",
        'Row 2: enter the amount as 119.00, below zero for what left the account.',
    ])]
    #[TestWith(['a.csv', "date,amount\n", 'There is no row in it.'])]
    #[TestWith(['a.xml', '<html></html>', 'That is not a bank statement in CAMT.053.'])]
    public function what_cannot_be_read_is_said_and_nothing_is_kept(string $name, string $content, string $wrong): void
    {
        $this->read($content, $name)->assertSessionHasErrors(['list' => $wrong]);
        self::assertSame(0, BankReceipt::query()->count());
    }

    private function invoice(): Invoice
    {
        $order = self::polos()->refresh();
        $order->update(['agreed_cents' => 10_000]);
        app()->forgetScopedInstances();
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');

        return Invoice::query()->where('order_id', $order->id)->orderByDesc('number')->firstOrFail();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function read(string $content, string $name = 'bank.csv'): TestResponse
    {
        return $this->post('/books/bank', ['list' => UploadedFile::fake()->createWithContent($name, $content)]);
    }
}
