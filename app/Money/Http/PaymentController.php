<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Database\Transaction;
use App\Money\Http\Requests\NotePayment;
use App\Money\Models\Invoice;
use App\Money\Models\Payment;
use App\People\Caller;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Money\Amount;
use Illuminate\Http\RedirectResponse;

/** Payments of invoices, as they come in. */
final class PaymentController
{
    /** The same form again is the same payment. */
    public function note(NotePayment $request, Invoice $invoice): RedirectResponse
    {
        Transaction::run(static function () use ($request, $invoice): void {
            $form = $request->string('form')->lower()->value();
            if (Payment::query()->where('form_id', $form)->exists()) {
                return;
            }
            Payment::query()->create([
                'invoice_id' => $invoice->id,
                'form_id' => $form,
                'cents' => $request->cents(),
                'paid_on' => $request->string('paid_on')->value(),
                'note' => $request->string('note')->trim()->value(),
                'who' => mb_substr(Caller::acting($request), 0, 40),
                'noted_at' => CarbonImmutable::now(),
            ]);
            ChangeLog::note(Change::ORDER, (string) $invoice->order->number, __('money.payment.was_noted', [
                'amount' => Amount::plain($request->cents()),
                'number' => $invoice->number,
            ]));
        });

        return redirect()
            ->route('orders.money', $invoice->order)
            ->with('done', __('money.payment.noted', ['number' => $invoice->number]));
    }
}
