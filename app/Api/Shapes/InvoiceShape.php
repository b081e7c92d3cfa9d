<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Money\Models\Invoice;
use Carbon\CarbonImmutable;

/** An invoice, or a credit note, whose amounts are below zero. Amounts are whole cents. */
final readonly class InvoiceShape extends ApiShape
{
    /**
     * @param int                   $order      number of the order
     * @param int|null              $credits    number of the invoice that this note takes back
     * @param string                $currency   three letters
     * @param int                   $cents      without tax
     * @param int                   $openCents  what is still to be paid of it, its tax included
     * @param string|null           $dueOn      the day by which it is to be paid, as 2026-12-31
     * @param list<InvoiceRowShape> $rows
     */
    private function __construct(
        public int $number,
        public int $order,
        public ?int $credits,
        public string $customer,
        public CarbonImmutable $issuedAt,
        public ?string $dueOn,
        public string $currency,
        public int $cents,
        public float $taxPercent,
        public int $taxCents,
        public int $openCents,
        public array $rows,
    ) {}

    /** Wants `order`, `credits` and `payments` loaded. */
    public static function of(Invoice $invoice, string $currency): self
    {
        return new self(
            $invoice->number,
            $invoice->order->number,
            $invoice->credits?->number,
            $invoice->customer,
            $invoice->issued_at,
            $invoice->due_on?->toDateString(),
            $currency,
            $invoice->cents,
            round($invoice->tax_percent, 2),
            $invoice->tax_cents,
            $invoice->openCents(),
            array_map(
                static fn(array $row): InvoiceRowShape => new InvoiceRowShape($row['text'], $row['pieces'], $row['cents']),
                $invoice->rows,
            ),
        );
    }
}
