<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Money\Models\Invoice;
use Hakama\Money\Bill\Bill;
use Hakama\Money\Bill\BillRow;
use Hakama\Money\Letterhead;
use Hakama\Money\Party;
use Hakama\Money\Tax;

/** An invoice of the books as the norm for electronic ones knows it. */
final class InvoiceBill
{
    /**
     * @param Letterhead  $from  as the shop is today, for one from before papers named both sides
     * @param string      $terms how it is paid, in a sentence
     * @param string|null $credits the number of the invoice it takes back
     */
    public static function of(Invoice $invoice, Letterhead $from, string $currency, string $terms, ?string $credits): Bill
    {
        $sign = $credits === null ? 1 : -1;
        [$rows, $adjustments] = [[], []];
        foreach ($invoice->rows as $row) {
            $one = new BillRow($row['text'], $row['pieces'], $sign * $row['cents']);
            // What has no quantity, or comes off, is of the whole.
            $row['pieces'] > 0 && $one->cents >= 0 ? ($rows[] = $one) : ($adjustments[] = $one);
        }

        return new Bill(
            (string) $invoice->number,
            $invoice->issued_at->toDateString(),
            $invoice->due_on?->toDateString(),
            $invoice->supplied_on?->toDateString(),
            $currency,
            (string) $invoice->order->number,
            $invoice->seller === null ? $from : Letterhead::of($invoice->seller),
            $invoice->buyer === null
                ? Party::of(['name' => $invoice->customer])
                : Party::of($invoice->buyer),
            $rows,
            $adjustments,
            new Tax($invoice->tax_percent, $sign * $invoice->tax_cents),
            $terms,
            $credits,
        );
    }
}
