<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Money\Letters\InvoiceLetters;
use App\Money\Models\Invoice;
use App\Orders\Letters\DraftLetter;
use App\Orders\Letters\LetterBook;
use App\Orders\Letters\OpenedLetter;
use App\Orders\Letters\Postbox;
use App\Orders\Letters\TypedLetter;
use App\People\Caller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** An invoice, a credit note or a reminder as a letter: opened, changed, sent with its paper. */
final readonly class InvoiceLetterController
{
    public function __construct(private InvoiceLetters $letters) {}

    public function open(Invoice $invoice, string $as): View|RedirectResponse
    {
        $draft = $this->draft($invoice, $as);

        return $draft === null
            ? self::nothing($invoice)
            : view('orders.letter', OpenedLetter::of($invoice->order, $draft, route('invoices.letter.send', [
                $invoice,
                $as,
            ])));
    }

    public function send(Request $request, Invoice $invoice, string $as, Postbox $postbox): RedirectResponse
    {
        $typed = TypedLetter::of($request, $postbox);
        $draft = $this->draft($invoice, $as);
        if ($draft === null) {
            return self::nothing($invoice);
        }
        LetterBook::write($invoice->order, $draft->typed($typed), $typed->form, Caller::acting($request));

        return redirect()->route('orders.money', $invoice->order)->with('done', __('letters.page.sent_to', [
            'kind' => $draft->kind->label(),
            'to' => $typed->to,
        ]));
    }

    private function draft(Invoice $invoice, string $as): ?DraftLetter
    {
        abort_unless(in_array($as, ['invoice', 'reminder'], true), 404);

        return $this->letters->draft($invoice->load(['payments', 'order.customer']), $as === 'reminder');
    }

    private static function nothing(Invoice $invoice): RedirectResponse
    {
        return redirect()->route('orders.money', $invoice->order)->with('problem', __('letters.page.nothing_to_say'));
    }
}
