<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Money\Models\Invoice;
use Hakama\Money\Bill\Bill;
use Hakama\Money\Bill\UblCheck;
use Hakama\Money\Bill\UblWriter;
use Hakama\Money\Iban;
use Hakama\Money\Letterhead;
use Hakama\Money\Party;

/**
 * An invoice or a credit note in the customer's language: on paper, and for a program to read. Wants `order.customer`.
 */
final readonly class InvoicePaper
{
    public function __construct(private ShopProfile $premises) {}

    /** As it was when it was written; one from before papers named both sides is written as it would be today. */
    public function pdf(Invoice $invoice): string
    {
        return $this->premises->writeTo(
            $invoice->order->customer->language,
            fn(): string => PaperPdf::of($this->paper($invoice)),
        );
    }

    public function bill(Invoice $invoice): Bill
    {
        return $this->premises->writeTo($invoice->order->customer->language, fn(): Bill => $this->billed($invoice));
    }

    private function billed(Invoice $invoice): Bill
    {
        $from = $this->from($invoice);
        $credits = $invoice->credits_id === null
            ? null
            : (string) Invoice::query()->whereKey($invoice->credits_id)->value('number');

        return InvoiceBill::of(
            $invoice,
            $from,
            $this->premises->shop()->currency,
            implode(' ', $this->below($invoice, $from)),
            $credits,
        );
    }

    private function paper(Invoice $invoice): PricedPaper
    {
        $from = $this->from($invoice);
        $to = $invoice->buyer === null ? null : Party::of($invoice->buyer);
        $isCredit = $invoice->credits_id !== null;
        $bill = $this->billed($invoice);

        return new PricedPaper(
            $from,
            $isCredit
                ? __('money.invoice_controller.credit_number', ['number' => (string) $invoice->number])
                : __('money.invoice_controller.invoice_number', ['number' => (string) $invoice->number]),
            [$invoice->customer, ...$to === null ? [] : PaperTo::lines($to->address, $from->party->address)],
            [
                [__('money.invoice_controller.date'), Dates::full($invoice->issued_at)],
                [__('money.invoice_controller.order'), (string) $invoice->order->number],
                ...$invoice->supplied_on === null
                    ? []
                    : [[__('money.invoice_controller.supplied'), Dates::full($invoice->supplied_on)]],
                ...$isCredit || $invoice->due_on === null
                    ? []
                    : [[__('money.invoice_controller.due'), Dates::full($invoice->due_on)]],
                ...$to === null || $to->taxNumber === ''
                    ? []
                    : [[__('money.invoice_controller.your_tax_number'), $to->taxNumber]],
            ],
            $invoice->rows,
            $invoice->cents,
            $this->premises->shop()->currency,
            $this->below($invoice, $from),
            $invoice->tax(),
            // One that a program would refuse is a paper only.
            UblCheck::of(UblWriter::write($bill)) === [] ? $bill : null,
        );
    }

    private function from(Invoice $invoice): Letterhead
    {
        return $invoice->seller === null ? $this->premises->shop()->letterhead() : Letterhead::of($invoice->seller);
    }

    /** @return list<string> what it takes back, why there is no tax, by when and where to pay */
    private function below(Invoice $invoice, Letterhead $from): array
    {
        return [
            ...$invoice->credits_id === null
                ? []
                : [__('money.invoice_controller.cancels_invoice', [
                    'value' => Invoice::query()->whereKey($invoice->credits_id)->value('number'),
                ])],
            ...$invoice->tax()->isNone() && $from->noTaxReason !== '' ? [$from->noTaxReason] : [],
            ...$invoice->credits_id !== null || $invoice->due_on === null
                ? []
                : [__($from->iban === '' ? 'money.invoice_controller.pay_by' : 'money.invoice_controller.pay_by_to', [
                    'amount' => PaperPdf::amount($invoice->cents + $invoice->tax_cents),
                    'currency' => $this->premises->shop()->currency,
                    'date' => Dates::full($invoice->due_on),
                    'iban' => Iban::spaced($from->iban),
                    'number' => (string) $invoice->number,
                ])],
        ];
    }
}
