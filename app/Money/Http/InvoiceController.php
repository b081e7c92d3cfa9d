<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Http\Download;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Money\Actions\Invoices;
use App\Money\Models\Invoice;
use App\Money\Papers\PaperPdf;
use App\Money\Queries\OrderAccounts;
use App\Orders\Models\Order;
use App\People\Caller;
use Hakama\Money\Amount;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Invoices: written, credited, on paper, and all of them for the bookkeeper. */
final readonly class InvoiceController
{
    public function __construct(private ShopProfile $premises, private OrderAccounts $accounts) {}

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

    public function credit(Request $request, Invoice $invoice): RedirectResponse
    {
        $request->validate(
            ['form' => ['required', 'uuid']],
            ['form.*' => __('money.invoice_controller.reload_the_page')],
        );
        $credit = Invoices::credit($invoice, $request->string('form')->lower()->value(), Caller::acting($request));

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

    public function paper(Invoice $invoice): Response
    {
        $invoice->load('order.customer');

        return $this->premises->writeTo($invoice->order->customer->language, fn(): Response => $this->written($invoice));
    }

    private function written(Invoice $invoice): Response
    {
        $isCredit = $invoice->credits_id !== null;

        return Download::pdf(
            PaperPdf::of(
                $this->premises->shop()->name,
                $isCredit
                    ? __('money.invoice_controller.credit_number', ['number' => (string) $invoice->number])
                    : __('money.invoice_controller.invoice_number', ['number' => (string) $invoice->number]),
                [
                    __('money.invoice_controller.for', ['customer' => $invoice->customer]),
                    __('money.invoice_controller.of', [
                        'date' => Dates::full($invoice->issued_at),
                        'number' => $invoice->order->number,
                    ]),
                    ...$isCredit
                        ? [__('money.invoice_controller.cancels_invoice', [
                            'value' => Invoice::query()->whereKey($invoice->credits_id)->value('number'),
                        ])]
                        : [],
                ],
                $invoice->rows,
                $invoice->cents,
                $this->premises->shop()->currency,
                [],
                $invoice->tax(),
            ),
            ($isCredit ? 'credit-' : 'invoice-').$invoice->number,
        );
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
