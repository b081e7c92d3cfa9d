<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Money\Models\Invoice;
use App\Money\Models\KeptPaper;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;

/** What leaves the shop as an electronic invoice is read by readers that are not ours. */
final class EInvoiceTest extends FeatureTestCase
{
    #[Test, TestWith(['0', 0]), TestWith(['19', 0]), TestWith(['19', 5]), TestWith(['7.5', 12.5])]
    public function an_invoice_is_read_by_two_readers_and_by_the_command(string $percent, float $discount): void
    {
        $this->put('/shop/rules', ['tax_percent' => $percent]);
        app()->forgetScopedInstances();
        $invoice = $this->invoice($discount);
        // The second reader’s syntax has no room for one that was never delivered.
        $invoice->update(['supplied_on' => '2026-12-01']);
        $xml = (string) $this->get("/books/invoices/{$invoice->number}/xml")->assertOk()->getContent();
        self::assertSame('', (new Process(
            ['node', base_path('tests/Support/read-invoice.mjs')],
            base_path(),
            input: $xml,
        ))->mustRun()->getOutput());
        self::assertSame(['valid' => true, 'findings' => []], $this->checked($xml));
        $paid = number_format(($invoice->cents + $invoice->tax_cents) / 100, 2, '.', '');
        self::assertStringContainsString(">{$paid}</cbc:PayableAmount>", $xml);
        self::assertSame($discount > 0, str_contains($xml, '<cbc:AllowanceChargeReason>Agreed discount'));

        $this->post("/books/invoices/{$invoice->number}/credit", ['form' => Str::uuid()->toString()]);
        $credit = Invoice::query()->where('credits_id', $invoice->id)->firstOrFail();
        $back = (string) $this->get("/books/invoices/{$credit->number}/xml")->assertOk()->getContent();
        self::assertStringContainsString('<CreditNote', $back);
        self::assertStringContainsString(">{$paid}</cbc:PayableAmount>", $back);
        self::assertSame(['valid' => true, 'findings' => []], $this->checked($back));
    }

    /**
     * The XML inside the paper, held against what the first reader makes of the other syntax and against the schema.
     */
    #[Test, TestWith(['0', 0]), TestWith(['19', 5])]
    public function the_paper_holds_the_same_invoice_for_a_program(string $percent, float $discount): void
    {
        $this->put('/shop/rules', ['tax_percent' => $percent]);
        app()->forgetScopedInstances();
        $invoice = $this->invoice($discount);
        $invoice->update(['supplied_on' => '2026-12-01']);
        KeptPaper::query()->delete();
        $pdf = (string) $this->get("/books/invoices/{$invoice->number}")->assertOk()->getContent();
        $file = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($file, $pdf);
        $xml = (string) $this->get("/books/invoices/{$invoice->number}/xml")->assertOk()->getContent();
        self::assertSame('', (new Process(
            ['node', base_path('tests/Support/read-invoice.mjs'), $file],
            base_path(),
            input: $xml,
        ))->mustRun()->getOutput());
        unlink($file);
    }

    #[Test]
    public function a_credit_note_holds_its_own_with_the_number_it_takes_back(): void
    {
        $this->put('/shop/rules', ['tax_percent' => '19']);
        app()->forgetScopedInstances();
        $invoice = $this->invoice(0);
        $invoice->update(['supplied_on' => '2026-12-01']);
        $this->post("/books/invoices/{$invoice->number}/credit", ['form' => Str::uuid()->toString()]);
        $credit = Invoice::query()->where('credits_id', $invoice->id)->firstOrFail();
        $file = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($file, (string) $this->get("/books/invoices/{$credit->number}")->assertOk()->getContent());
        $read = (new Process(
            ['node', base_path('tests/Support/read-invoice.mjs'), $file, '--inside'],
            base_path(),
        ))->mustRun()->getOutput();
        unlink($file);
        $paid = number_format(($invoice->cents + $invoice->tax_cents) / 100, 2, '.', '');
        foreach ([
            '<ram:TypeCode>381</ram:TypeCode>',
            "<ram:GrandTotalAmount>{$paid}</ram:GrandTotalAmount>",
            "<ram:InvoiceReferencedDocument>\n    <ram:IssuerAssignedID>{$invoice->number}</ram:IssuerAssignedID>",
        ] as $said) {
            self::assertStringContainsString(
                (string) preg_replace('/\s+/', '', $said),
                (string) preg_replace('/\s+/', '', $read),
            );
        }
    }

    #[Test]
    public function what_it_lacks_is_said_instead_of_sending_it(): void
    {
        $invoice = $this->invoice(0);
        $invoice->update(['buyer' => ['name' => 'Somebody']]);
        $this->get("/books/invoices/{$invoice->number}/xml")
            ->assertRedirect("/orders/{$invoice->order->number}/money")
            ->assertSessionHas('problem', "Invoice {$invoice->number} is not ready as an electronic invoice: "
                .'Address of the buyer is missing. Country of the buyer is missing.');
    }

    private function invoice(float $discount): Invoice
    {
        $order = self::polos()->refresh();
        $order->customer->update([
            'email' => 'choir@bells.example',
            'tax_number' => 'PL1234567890',
            'discount_percent' => $discount,
            'invoice_address' => [
                'street' => 'Żółć Lane 4',
                'postcode' => '10-201',
                'city' => 'Łódź',
                'country' => 'PL',
            ],
        ]);
        app()->forgetScopedInstances();
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');

        return Invoice::query()->where('order_id', $order->id)->orderByDesc('number')->firstOrFail();
    }

    private function checked(string $xml): mixed
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'bill');
        file_put_contents($file, $xml);
        self::assertSame(0, Artisan::call('invoice:check', ['file' => $file]));

        return json_decode(Artisan::output(), true);
    }
}
