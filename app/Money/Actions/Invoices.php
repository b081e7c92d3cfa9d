<?php

declare(strict_types=1);

namespace App\Money\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\ShopProfile;
use App\Money\Models\Invoice;
use App\Money\Models\KeptPaper;
use App\Money\OrderMoney;
use App\Money\Papers\InvoicePaper;
use App\Money\Papers\PaperRows;
use App\Orders\Models\Customer;
use App\Orders\Models\HandOver;
use App\Orders\Models\Order;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Money\Party;
use Hakama\Money\Tax;

/** Writes invoices: each with the next number, none is ever taken away, a wrong one is credited. */
final readonly class Invoices
{
    public function __construct(private House $house, private ShopProfile $premises, private InvoicePaper $paper) {}

    private const FIRST = 1;

    /**
     * For what is not on an invoice yet of the price of an order.
     *
     * @return Invoice|null null where there is no price, or all of it is on an invoice already
     */
    public function write(OrderMoney $money, string $form, string $who): ?Invoice
    {
        return Transaction::run(function () use ($money, $form, $who): ?Invoice {
            $order = Order::query()->findOrFail($money->order->id);
            $same = Invoice::query()->where('form_id', $form)->first();
            $price = $money->priceCents();
            if ($same !== null || $price === null) {
                return $same;
            }
            $open = $price - self::invoiced($order);
            if ($open <= 0) {
                return null;
            }

            $tax = Tax::on($open, $this->house->rules()->value(HouseRule::Tax));

            $rows = $this->premises->writeTo(
                $order->customer->language,
                static fn(): array => PaperRows::of($money, $open),
            );

            return $this->append($order, $form, $who, $rows, $open, $tax, null);
        });
    }

    /** Takes a whole invoice back. */
    public function credit(Invoice $invoice, string $form, string $who): ?Invoice
    {
        return Transaction::run(function () use ($invoice, $form, $who): ?Invoice {
            $order = Order::query()->findOrFail($invoice->order_id);
            $same = Invoice::query()->where('form_id', $form)->orWhere('credits_id', $invoice->id)->first();
            if ($same !== null || $invoice->credits_id !== null) {
                return $same;
            }
            $rows = array_map(static fn(array $row): array => [...$row, 'cents' => -$row['cents']], $invoice->rows);

            // With the tax that stood on it, whatever it is today.
            $tax = new Tax($invoice->tax_percent, -$invoice->tax_cents);

            return $this->append($order, $form, $who, $rows, -$invoice->cents, $tax, $invoice);
        });
    }

    /** Cents of an order that are on invoices, less what was credited. */
    public static function invoiced(Order $order): int
    {
        return (int) Invoice::query()->where('order_id', $order->id)->sum('cents');
    }

    /** The buyer as known now: an invoice keeps them so. */
    private static function buyer(Customer $customer): Party
    {
        return new Party(
            $customer->name,
            $customer->invoiceAddress(),
            $customer->tax_number,
            $customer->email,
            $customer->phone,
        );
    }

    /** When the last of it was handed over; null where nothing was yet. */
    private static function suppliedOn(Order $order): ?string
    {
        return HandOver::query()->where('order_id', $order->id)->orderByDesc('id')->first()?->handed_at->toDateString();
    }

    /**
     * @param list<array{text: string, pieces: int, cents: int}> $rows
     * @param Invoice|null                                       $as   the one it takes back: its parties are the same
     */
    private function append(
        Order $order,
        string $form,
        string $who,
        array $rows,
        int $cents,
        Tax $tax,
        ?Invoice $as,
    ): Invoice {
        $now = CarbonImmutable::now();
        $credits = $as?->id;
        $days = (int) $this->house->rules()->value(HouseRule::PaymentDays);
        $last = Invoice::query()->orderByDesc('number')->value('number');
        $invoice = Invoice::query()->create([
            'number' => $last === null ? self::FIRST : (int) $last + 1,
            'order_id' => $order->id,
            'form_id' => $form,
            'credits_id' => $credits,
            'customer' => $order->customer->name,
            'seller' => $as->seller ?? $this->premises->shop()->letterhead()->said(),
            'buyer' => $as->buyer ?? self::buyer($order->customer)->said(),
            'supplied_on' => $as->supplied_on ?? self::suppliedOn($order),
            'due_on' => $as === null ? $now->addDays($order->customer->terms_days ?? $days)->toDateString() : null,
            'rows' => $rows,
            'cents' => $cents,
            'tax_percent' => $tax->percent,
            'tax_cents' => $tax->cents,
            'who' => mb_substr($who, 0, 40),
            'issued_at' => $now,
        ]);
        KeptPaper::keep($invoice, $this->paper->pdf($invoice->load('order.customer')));
        ChangeLog::note(
            Change::ORDER,
            (string) $order->number,
            $credits === null ? __('money.invoices.invoice_was_written', [
                'number' => $invoice->number,
            ]) : __('money.invoices.credit_was_written', ['number' => $invoice->number]),
        );

        return $invoice;
    }
}
