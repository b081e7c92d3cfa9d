<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Money\Models\Invoice;
use App\Money\Models\Payment;
use Carbon\CarbonImmutable;
use Hakama\Money\Iban;
use Hakama\Money\Letterhead;
use Hakama\Money\Party;

/**
 * Reminds of an invoice that is due: what it came to, what was paid, what is open. Wants `payments` and
 * `order.customer`.
 */
final readonly class ReminderPaper
{
    public function __construct(private ShopProfile $premises) {}

    public function pdf(Invoice $invoice): string
    {
        return $this->premises->writeTo(
            $invoice->order->customer->language,
            fn(): string => PaperPdf::of($this->paper($invoice)),
        );
    }

    private function paper(Invoice $invoice): PricedPaper
    {
        $shop = $this->premises->shop();
        $from = $shop->letterhead();
        $to = $invoice->buyer === null ? null : Party::of($invoice->buyer);

        return new PricedPaper(
            $from,
            __('money.reminder.reminder', ['number' => (string) $invoice->number]),
            [$invoice->customer, ...$to === null ? [] : PaperTo::lines($to->address, $from->party->address)],
            [
                [__('money.invoice_controller.date'), Dates::full(CarbonImmutable::now())],
                [__('money.invoice_controller.order'), (string) $invoice->order->number],
                ...$invoice->due_on === null ? [] : [[__('money.reminder.was_due'), Dates::full($invoice->due_on)]],
            ],
            [
                [
                    'text' => __('money.reminder.invoice_of', [
                        'number' => (string) $invoice->number,
                        'date' => Dates::full($invoice->issued_at),
                    ]),
                    'pieces' => 0,
                    'cents' => $invoice->cents + $invoice->tax_cents,
                ],
                ...array_values($invoice->payments->map(static fn(Payment $one): array => [
                    'text' => __('money.reminder.payment_of', ['date' => Dates::full($one->paid_on)]),
                    'pieces' => 0,
                    'cents' => -$one->cents,
                ])->all()),
            ],
            $invoice->openCents(),
            $shop->currency,
            [$this->asks($invoice, $from), __('money.reminder.crossed')],
        );
    }

    private function asks(Invoice $invoice, Letterhead $from): string
    {
        return __($from->iban === '' ? 'money.reminder.please_pay' : 'money.reminder.please_pay_to', [
            'amount' => PaperPdf::amount($invoice->openCents()),
            'currency' => $this->premises->shop()->currency,
            'iban' => Iban::spaced($from->iban),
            'number' => (string) $invoice->number,
        ]);
    }
}
