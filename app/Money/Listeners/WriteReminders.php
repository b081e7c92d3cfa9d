<?php

declare(strict_types=1);

namespace App\Money\Listeners;

use App\Money\Letters\InvoiceLetters;
use App\Money\Models\Invoice;
use App\Orders\Letters\DueLetters;
use Carbon\CarbonImmutable;

/** A customer is reminded of an invoice once, on the day after it was due, where the house wants that. */
final readonly class WriteReminders
{
    /** What was due longer ago somebody has spoken of. */
    private const DAYS = 7;

    public function __construct(private DueLetters $due, private InvoiceLetters $letters) {}

    public function handle(): void
    {
        if (! $this->due->areWanted()) {
            return;
        }
        $today = CarbonImmutable::today();
        $invoices = Invoice::query()
            ->with(['payments', 'order.customer'])
            ->whereBetween('due_on', [$today->subDays(self::DAYS)->toDateString(), $today->subDay()->toDateString()])
            ->whereNull('credits_id')
            ->whereNotIn('id', Invoice::query()->whereNotNull('credits_id')->select('credits_id'))
            ->whereNotExists(static fn($letters) => $letters
                ->from('letters')
                ->whereColumn('letters.order_id', 'invoices.order_id')
                ->where('kind', 'reminder'))
            ->orderBy('id')
            ->limit(DueLetters::AT_ONCE)
            ->get();
        foreach ($invoices as $invoice) {
            $draft = $this->letters->draft($invoice, true);
            if ($draft !== null) {
                DueLetters::once($invoice->order, $draft, $invoice->number);
            }
        }
    }
}
