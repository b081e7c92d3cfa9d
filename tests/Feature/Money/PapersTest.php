<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Money\Models\Invoice;
use App\Money\Models\KeptPaper;
use App\Money\Papers\PaperPdf;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;
use Tests\ReadsPdf;

/** A paper names who sells and who buys, as they were that day; what was paid of it is written down once. */
final class PapersTest extends FeatureTestCase
{
    private const SHOP = [
        'name' => 'Tarn & Tiller',
        'street' => 'Weir Lane 8',
        'postcode' => '4810',
        'city' => 'Ullenmere',
        'country' => 'DE',
        'tax_number' => 'DE123456789',
        'email' => 'desk@tarn.example',
        'registration' => 'Register of Ullenmere 77',
        'bank' => 'Bank of the Lake',
        'iban' => 'de89 3704 0044 0532 0130 00',
        'bic' => 'abcddeff',
        'no_tax_reason' => 'Small business, no tax by local law.',
    ];

    #[Test]
    public function the_letterhead_is_kept_and_says_what_an_invoice_still_lacks(): void
    {
        $wrong = ['iban' => 'DE88370400440532013000', 'bic' => 'short', 'country' => 'XX'];
        $this->put('/shop/letterhead', ['name' => 'Tarn & Tiller', ...$wrong])->assertSessionHasErrors([
            'iban' => 'Check the IBAN: its check digits do not fit.',
            'bic',
            'country',
        ]);
        $this->put('/shop/letterhead', [...self::SHOP, 'street' => ''])->assertSessionHasNoErrors();
        $this->get('/shop/letterhead')->assertSee('Invoices still lack: Street and number.');
        $this->put('/shop/letterhead', self::SHOP)->assertSessionHasNoErrors();
        $this->get('/shop/letterhead')
            ->assertSee('Invoices have all they need.')
            ->assertSee('DE89 3704 0044 0532 0130 00');
        $this->put('/shop/letterhead', [...self::SHOP, 'phone' => '0555', 'seen' => 'older'])
            ->assertSessionHasErrors('seen');
    }

    #[Test]
    public function an_invoice_names_both_sides_and_stays_as_it_was(): void
    {
        $this->put('/shop/letterhead', self::SHOP);
        $order = $this->order();
        $order->customer->update([
            'tax_number' => 'PL1234567890',
            'terms_days' => 10,
            'invoice_address' => [
                'street' => 'Żółć Lane 4',
                'city' => 'Łódź',
                'postcode' => '10-201',
                'country' => 'PL',
            ],
        ]);
        $invoice = $this->invoice($order);
        $text = $this->paper($invoice);
        self::assertStringContainsString('(M 4, L 6, XL 2)', $text, 'sizes in order');
        foreach ([
            'Weir Lane 8', '4810 Ullenmere', 'DE123456789', 'Register of Ullenmere 77',
            'IBAN DE89 3704 0044 0532 0130 00', 'BIC ABCDDEFF', 'Żółć Lane 4', '10-201 Łódź', 'Poland', 'PL1234567890',
            'Small business, no tax by local law.', "Invoice {$invoice->number}",
            'Quantity', 'Unit price', '100.00', "Reference: {$invoice->number}.",
        ] as $wanted) {
            self::assertStringContainsString($wanted, $text);
        }
        self::assertEquals(CarbonImmutable::now()->addDays(10)->startOfDay(), $invoice->due_on);

        // The shop moves, the customer moves: this paper does not.
        $this->put('/shop/letterhead', [...self::SHOP, 'street' => 'New Road 1']);
        $order->customer->update(['invoice_address' => ['street' => 'Elsewhere 2', 'city' => 'Ullenmere']]);
        self::assertSame($text, $this->paper($invoice));
        $this->post("/books/invoices/{$invoice->number}/credit", ['form' => Str::uuid()->toString()]);
        $credit = Invoice::query()->where('credits_id', $invoice->id)->firstOrFail();
        self::assertStringContainsString('Żółć Lane 4', $this->paper($credit));
        self::assertStringContainsString("Cancels invoice {$invoice->number}", $this->paper($credit));
    }

    #[Test]
    public function tax_stands_with_its_rate_and_what_it_is_taken_of(): void
    {
        $this->put('/shop/rules', ['tax_percent' => '19']);
        app()->forgetScopedInstances();
        $invoice = $this->invoice($this->order());
        $text = $this->paper($invoice);
        self::assertMatchesRegularExpression('/Net\s+100\.00/', $text);
        self::assertMatchesRegularExpression('/Tax, 19 % of 100\.00\s+19\.00/', $text);
        self::assertMatchesRegularExpression('/Total due, EUR\s+119\.00/', $text);
        self::assertEquals(CarbonImmutable::now()->addDays(14)->startOfDay(), $invoice->due_on, 'the rule of the house');
    }

    #[Test]
    public function a_long_invoice_goes_on_on_pages_of_the_same_shop(): void
    {
        $this->put('/shop/letterhead', self::SHOP);
        $invoice = $this->invoice($this->order());
        $rows = array_map(static fn(int $i): array => [
            'text' => "Row {$i} ".str_repeat('embroidered left and right ', 1 + $i % 5), 'pieces' => 3, 'cents' => 100,
        ], range(1, 60));
        $invoice->update(['rows' => $rows, 'cents' => 6000]);
        // As from before papers were kept.
        KeptPaper::query()->delete();
        $pdf = (string) $this->get("/books/invoices/{$invoice->number}")->getContent();
        $pages = ReadsPdf::pages($pdf);
        self::assertGreaterThan(2, $pages);
        $text = ReadsPdf::text($pdf);
        self::assertSame($pages, substr_count($text, 'IBAN DE89'), 'where to pay stands on every page');
        foreach (range(1, 60) as $i) {
            self::assertStringContainsString("Row {$i} ", $text);
        }
        // Sixty times a third of a euro: what does not divide is written finer.
        self::assertSame('0.3333', PaperPdf::each(100, 3));
        self::assertSame('2.50', PaperPdf::each(750, 3));
    }

    #[Test]
    public function payments_come_in_until_nothing_is_open(): void
    {
        $order = $this->order();
        $invoice = $this->invoice($order);
        $pay = fn(string $paid, ?string $form = null) => $this->from("/orders/{$order->number}/money")->post(
            "/books/invoices/{$invoice->number}/payments",
            [
                'form' => $form ?? Str::uuid()->toString(),
                'of' => $invoice->number,
                'paid' => $paid,
                'paid_on' => CarbonImmutable::now()->toDateString(),
            ],
        );
        $pay('100.01')->assertSessionHasErrors('paid');
        $pay('-1')->assertSessionHasErrors('paid');
        $pay('0')->assertSessionHasErrors('paid');
        $pay('much')->assertSessionHasErrors('paid');
        $form = Str::uuid()->toString();
        $pay('40', $form)->assertSessionHasNoErrors();
        $pay('40', $form)->assertSessionHasNoErrors();
        self::assertSame(6_000, $invoice->load('payments')->openCents(), 'the same form is the same payment');
        $this->get("/orders/{$order->number}/money")->assertSee('Open: 60.00');
        $this->get("/customers/{$order->customer_id}")->assertSee('60.00 EUR');
        $pay('60')->assertSessionHasNoErrors();
        $pay('-60')->assertSessionHasNoErrors();
        $pay('60')->assertSessionHasNoErrors();
        $pay('0.01')->assertSessionHasErrors('paid');
        $this->get("/orders/{$order->number}/money")->assertSee('Paid.');
        $this->get("/customers/{$order->customer_id}")->assertSee('Nothing is open.');
    }

    #[Test]
    public function an_order_is_confirmed_and_an_invoice_that_is_due_is_reminded_of(): void
    {
        $this->put('/shop/letterhead', self::SHOP);
        $order = $this->order();
        $order->customer->update(['terms_days' => 10]);
        $text = ReadsPdf::text((string) $this->get("/orders/{$order->number}/confirmation")->assertOk()->getContent());
        foreach (["Order confirmation {$order->number}", '100.00', 'Payable within 10 days', '(M 4, L 6, XL 2)'] as $wanted) {
            self::assertStringContainsString($wanted, $text);
        }
        $invoice = $this->invoice($order);
        $money = "/orders/{$order->number}/money";
        $remind = "/books/invoices/{$invoice->number}/reminder";
        // On the day itself there is nothing to remind of yet.
        $this->travelTo(CarbonImmutable::parse($invoice->due_on)->setTime(12, 0));
        $this->get($money)->assertDontSee("Reminder for invoice {$invoice->number}");
        $this->travel(1)->days();
        $this->get($money)->assertSee("Reminder for invoice {$invoice->number}");
        $this->post("/books/invoices/{$invoice->number}/payments", [
            'form' => Str::uuid()->toString(),
            'of' => $invoice->number,
            'paid' => '40',
            'paid_on' => CarbonImmutable::now()->toDateString(),
        ])->assertSessionHasNoErrors();
        $text = ReadsPdf::text((string) $this->get($remind)->assertOk()->getContent());
        self::assertMatchesRegularExpression("/Invoice {$invoice->number} of .+ 100\\.00/", $text);
        self::assertMatchesRegularExpression('/Payment of .+ -40\.00/', $text);
        self::assertMatchesRegularExpression('/Total due, EUR +60\.00/', $text);
        self::assertStringContainsString('60.00 EUR now to DE89', $text);
        $this->post("/books/invoices/{$invoice->number}/credit", ['form' => Str::uuid()->toString()]);
        $credit = Invoice::query()->where('credits_id', $invoice->id)->firstOrFail();
        $this->get("/books/invoices/{$credit->number}/reminder")->assertNotFound();
    }

    private function order(): Order
    {
        $order = self::polos()->refresh();
        $order->update(['agreed_cents' => 10_000]);
        Invoice::query()->whereHas('order', static fn($q) => $q->where('customer_id', $order->customer_id))->delete();

        return $order;
    }

    private function invoice(Order $order): Invoice
    {
        app()->forgetScopedInstances();
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');

        return Invoice::query()->where('order_id', $order->id)->orderByDesc('number')->firstOrFail();
    }

    private function paper(Invoice $invoice): string
    {
        return ReadsPdf::text((string) $this->get("/books/invoices/{$invoice->number}")->assertOk()->getContent());
    }
}
