<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Money\Letters\InvoiceLetters;
use App\Money\Models\Invoice;
use App\Orders\Http\LetterPage;
use App\Orders\Http\Requests\SendsLetter;
use App\Orders\Letters\LetterBook;
use App\People\Caller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** An invoice, a credit note or a reminder as a letter: opened, changed, sent with its paper. */
final readonly class InvoiceLetterController
{
    public function __construct(private InvoiceLetters $letters) {}

    public function open(Invoice $invoice, string $as): View|RedirectResponse
    {
        $draft = $this->letters->draft($invoice->load(['payments', 'order.customer']), $as === 'reminder');

        return $draft === null
            ? self::nothing($invoice)
            : view('orders.letter', LetterPage::of($invoice->order, $draft, route('invoices.letter.send', [
                $invoice,
                $as,
            ])));
    }

    public function send(SendsLetter $request, Invoice $invoice, string $as): RedirectResponse
    {
        $draft = $this->letters->draft($invoice->load(['payments', 'order.customer']), $as === 'reminder');
        if ($draft === null) {
            return self::nothing($invoice);
        }
        $draft = $draft->as(...$request->said());
        LetterBook::write($invoice->order, $draft, $request->form(), Caller::acting($request));

        return redirect()->route('orders.money', $invoice->order)->with('done', __('letters.page.sent_to', [
            'kind' => $draft->kind->label(),
            'to' => $draft->to,
        ]));
    }

    private static function nothing(Invoice $invoice): RedirectResponse
    {
        return redirect()->route('orders.money', $invoice->order)->with('problem', __('letters.page.nothing_to_say'));
    }
}
