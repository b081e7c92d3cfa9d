<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Http\Download;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Foundation\Words\Words;
use App\Money\Actions\Invoices;
use App\Money\Models\Invoice;
use App\Money\Papers\InvoiceBill;
use App\Money\Papers\PaperPdf;
use App\Money\Papers\PaperTo;
use App\Money\Papers\PricedPaper;
use App\Money\Queries\OrderAccounts;
use App\Orders\Models\Order;
use App\People\Caller;
use Hakama\Money\Amount;
use Hakama\Money\Bill\BillFinding;
use Hakama\Money\Bill\UblCheck;
use Hakama\Money\Bill\UblWriter;
use Hakama\Money\Iban;
use Hakama\Money\Letterhead;
use Hakama\Money\Party;
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

    public function paper(Invoice $invoice): Response
    {
        $invoice->load('order.customer');

        return $this->premises->writeTo($invoice->order->customer->language, fn(): Response => $this->written($invoice));
    }

    /** As an electronic invoice; one that would be refused is not sent, and what it lacks is said. */
    public function electronic(Invoice $invoice): Response|RedirectResponse
    {
        $invoice->load('order.customer');
        $xml = $this->premises->writeTo($invoice->order->customer->language, fn(): string => $this->ubl($invoice));
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

    private function ubl(Invoice $invoice): string
    {
        $shop = $this->premises->shop();
        $from = $invoice->seller === null ? $shop->letterhead() : Letterhead::of($invoice->seller);
        $credits = $invoice->credits_id === null
            ? null
            : (string) Invoice::query()->whereKey($invoice->credits_id)->value('number');

        return UblWriter::write(InvoiceBill::of(
            $invoice,
            $from,
            $shop->currency,
            implode(' ', $this->below($invoice, $from)),
            $credits,
        ));
    }

    /** As it was when it was written; one from before papers named both sides is written as it would be today. */
    private function written(Invoice $invoice): Response
    {
        $shop = $this->premises->shop();
        $from = $invoice->seller === null ? $shop->letterhead() : Letterhead::of($invoice->seller);
        $to = $invoice->buyer === null ? null : Party::of($invoice->buyer);
        $isCredit = $invoice->credits_id !== null;

        return Download::pdf(
            PaperPdf::of(new PricedPaper(
                $from,
                $isCredit
                    ? __('money.invoice_controller.credit_number', ['number' => (string) $invoice->number])
                    : __('money.invoice_controller.invoice_number', ['number' => (string) $invoice->number]),
                [$invoice->customer, ...$to === null ? [] : PaperTo::lines($to->address, $from->party->address)],
                [
                    [__('money.invoice_controller.date'), Dates::full($invoice->issued_at)],
                    [__('money.invoice_controller.order'), (string) $invoice->order->number],
                    ...$invoice->supplied_on === null
                        ? []
                        : [[__('money.invoice_controller.supplied'), Dates::full($invoice->supplied_on)]],
                    ...$isCredit || $invoice->due_on === null
                        ? []
                        : [[__('money.invoice_controller.due'), Dates::full($invoice->due_on)]],
                    ...$to === null || $to->taxNumber === ''
                        ? []
                        : [[__('money.invoice_controller.your_tax_number'), $to->taxNumber]],
                ],
                $invoice->rows,
                $invoice->cents,
                $shop->currency,
                $this->below($invoice, $from),
                $invoice->tax(),
            )),
            ($isCredit ? 'credit-' : 'invoice-').$invoice->number,
        );
    }

    /** @return list<string> what it takes back, why there is no tax, by when and where to pay */
    private function below(Invoice $invoice, Letterhead $from): array
    {
        $currency = $this->premises->shop()->currency;

        return [
            ...$invoice->credits_id === null
                ? []
                : [__('money.invoice_controller.cancels_invoice', [
                    'value' => Invoice::query()->whereKey($invoice->credits_id)->value('number'),
                ])],
            ...$invoice->tax()->isNone() && $from->noTaxReason !== '' ? [$from->noTaxReason] : [],
            ...$invoice->credits_id !== null || $invoice->due_on === null
                ? []
                : [__($from->iban === '' ? 'money.invoice_controller.pay_by' : 'money.invoice_controller.pay_by_to', [
                    'amount' => PaperPdf::amount($invoice->cents + $invoice->tax_cents),
                    'currency' => $currency,
                    'date' => Dates::full($invoice->due_on),
                    'iban' => Iban::spaced($from->iban),
                    'number' => (string) $invoice->number,
                ])],
        ];
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
