<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Http\Download;
use App\Foundation\Words\Words;
use App\Money\Actions\Invoices;
use App\Money\Models\Invoice;
use App\Money\Models\KeptPaper;
use App\Money\Papers\InvoicePaper;
use App\Money\Papers\ReminderPaper;
use App\Money\Queries\OrderAccounts;
use App\Orders\Models\Order;
use App\People\Caller;
use Hakama\Money\Amount;
use Hakama\Money\Bill\BillFinding;
use Hakama\Money\Bill\UblCheck;
use Hakama\Money\Bill\UblWriter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Invoices: written, credited, on paper, and all of them for the bookkeeper. */
final readonly class InvoiceController
{
    public function __construct(private OrderAccounts $accounts) {}

    public function write(Request $request, Order $order, Invoices $invoices): RedirectResponse
    {
        $request->validate(
            ['form' => ['required', 'uuid']],
            ['form.*' => __('money.invoice_controller.reload_the_page')],
        );
        $invoice = $invoices->write(
            $this->accounts->of($order),
            $request->string('form')->lower()->value(),
            Caller::acting($request),
        );
        if ($invoice === null) {
            throw ValidationException::withMessages([
                'form' => __('money.invoice_controller.nothing_to_invoice_there_is_no'),
            ]);
        }

        return redirect()
            ->route('orders.money', $order)
            ->with('done', __('money.invoice_controller.invoice_written', ['number' => $invoice->number]));
    }

    public function credit(Request $request, Invoice $invoice, Invoices $invoices): RedirectResponse
    {
        $request->validate(
            ['form' => ['required', 'uuid']],
            ['form.*' => __('money.invoice_controller.reload_the_page')],
        );
        $credit = $invoices->credit($invoice, $request->string('form')->lower()->value(), Caller::acting($request));

        return redirect()
            ->route('orders.money', $invoice->order)
            ->with(
                $credit === null ? 'problem' : 'done',
                $credit === null
                    ? __('money.invoice_controller.a_credit_note_cannot_be_credited')
                    : __('money.invoice_controller.credit_note_cancels_invoice', [
                        'number' => $credit->number,
                        'number_2' => $invoice->number,
                    ]),
            );
    }

    /** As it was sent; one from before papers were kept is set anew. */
    public function paper(Invoice $invoice, InvoicePaper $paper): Response
    {
        return Download::pdf(
            KeptPaper::of($invoice) ?? $paper->pdf($invoice->load('order.customer')),
            ($invoice->credits_id === null ? 'invoice-' : 'credit-').$invoice->number,
        );
    }

    /** For one that is not paid; one that is has nothing to be reminded of. */
    public function reminder(Invoice $invoice, ReminderPaper $paper): Response
    {
        abort_if($invoice->load(['payments', 'order.customer'])->openCents() <= 0, 404);

        return Download::pdf($paper->pdf($invoice), "reminder-{$invoice->number}");
    }

    /** As an electronic invoice; one that would be refused is not sent, and what it lacks is said. */
    public function electronic(Invoice $invoice, InvoicePaper $paper): Response|RedirectResponse
    {
        $xml = UblWriter::write($paper->bill($invoice->load('order.customer')));
        $findings = UblCheck::of($xml);
        if ($findings !== []) {
            return redirect()->route('orders.money', $invoice->order)->with('problem', __('einvoice.finding.lacks', [
                'number' => (string) $invoice->number,
                'findings' => implode(' ', array_map(static fn(BillFinding $one): string => Words::say($one->text), $findings)),
            ]));
        }

        return (new Response($xml))
            ->header('Content-Type', 'application/xml')
            ->header('Content-Disposition', "attachment; filename=\"invoice-{$invoice->number}.xml\"");
    }

    /** All invoices, for the bookkeeper. */
    public function csv(): StreamedResponse
    {
        return Download::rows(
            ['number', 'day', 'kind', 'order', 'customer', 'amount', 'tax_percent', 'tax', 'to_pay'],
            static fn(): iterable => Invoice::query()
                ->with('order')
                ->lazyById(1000, 'number')
                ->map(
                    static fn(Invoice $one): array => [
                        (string) $one->number,
                        $one->issued_at->format('Y-m-d'),
                        $one->credits_id === null ? 'invoice' : 'credit',
                        (string) $one->order->number,
                        $one->customer,
                        Amount::plain($one->cents),
                        (string) round($one->tax_percent, 2),
                        Amount::plain($one->tax_cents),
                        Amount::plain($one->cents + $one->tax_cents),
                    ],
                ),
            'invoices',
        );
    }
}
