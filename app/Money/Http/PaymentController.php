<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Money\Actions\Payments;
use App\Money\Http\Requests\NotePayment;
use App\Money\Models\Invoice;
use App\People\Caller;
use Illuminate\Http\RedirectResponse;

/** Payments of invoices, as they come in. */
final class PaymentController
{
    /** The same form again is the same payment. */
    public function note(NotePayment $request, Invoice $invoice): RedirectResponse
    {
        Payments::note(
            $invoice,
            $request->string('form')->lower()->value(),
            $request->cents(),
            $request->string('paid_on')->value(),
            $request->string('note')->trim()->value(),
            Caller::acting($request),
            $request->way(),
        );

        return redirect()
            ->route('orders.money', $invoice->order)
            ->with('done', __('money.payment.noted', ['number' => $invoice->number]));
    }
}
