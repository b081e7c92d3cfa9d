<?php

declare(strict_types=1);

namespace App\Money\Letters;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Money\Models\Invoice;
use App\Money\Models\KeptPaper;
use App\Money\Papers\InvoicePaper;
use App\Money\Papers\ReminderPaper;
use App\Orders\Letters\DraftLetter;
use App\Orders\Letters\LetterKind;
use App\Orders\Letters\LetterWriter;
use App\Orders\Messages;
use App\Shop\Figure;

/** Letters that an invoice, a credit note or a reminder goes with, in the language of the customer. */
final readonly class InvoiceLetters
{
    private const PDF = 'application/pdf';

    public function __construct(
        private ShopProfile $premises,
        private InvoicePaper $invoices,
        private ReminderPaper $reminders,
    ) {}

    /**
     * @param Invoice $invoice with `order.customer`, and its `payments` for a reminder
     *
     * @return DraftLetter|null nothing is reminded of that is paid
     */
    public function draft(Invoice $invoice, bool $reminds): ?DraftLetter
    {
        if ($reminds && ($invoice->credits_id !== null || $invoice->openCents() <= 0 || ! $invoice->isOverdue())) {
            return null;
        }
        $kind = match (true) {
            $reminds => LetterKind::Reminder,
            $invoice->credits_id !== null => LetterKind::Credit,
            default => LetterKind::Invoice,
        };

        return $this->premises->writeTo(
            $invoice->order->customer->language,
            fn(): DraftLetter => $this->written($invoice, $kind),
        );
    }

    private function written(Invoice $invoice, LetterKind $kind): DraftLetter
    {
        $shop = $this->premises->shop();
        $cents = $kind === LetterKind::Reminder ? $invoice->openCents() : $invoice->cents + $invoice->tax_cents;

        return new DraftLetter(
            $kind,
            LetterWriter::to($invoice->order->customer),
            $kind->subject($invoice->number),
            Messages::letter($invoice->order, $shop->name, __("letters.body.{$kind->value}", [
                'number' => (string) $invoice->number,
                'order' => (string) $invoice->order->number,
                'amount' => Figure::words($cents / 100, 2)." {$shop->currency}",
                'due' => $invoice->due_on === null ? 'none' : Dates::full($invoice->due_on),
            ])),
            [[
                'name' => "{$kind->value}-{$invoice->number}.pdf",
                'type' => self::PDF,
                'bytes' => $kind === LetterKind::Reminder
                    ? $this->reminders->pdf($invoice)
                    : KeptPaper::of($invoice) ?? $this->invoices->pdf($invoice),
            ]],
        );
    }
}
