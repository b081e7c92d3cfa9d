<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Database\Transaction;
use App\Foundation\Http\Download;
use App\Foundation\ShopProfile;
use App\Money\Actions\Invoices;
use App\Money\Http\Requests\KeepMoney;
use App\Money\Models\Invoice;
use App\Money\Papers\OrderPaper;
use App\Money\Queries\OrderAccounts;
use App\Money\Queries\Risks;
use App\Money\Queries\WaysToSave;
use App\Orders\Models\Order;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Hakama\Money\Quote;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What an order costs, is sold for and came to; its quote and its invoices. */
final readonly class MoneyController
{
    public function __construct(private OrderAccounts $accounts, private ShopProfile $premises) {}

    public function show(Order $order, Risks $risks, WaysToSave $ways): View
    {
        $money = $this->accounts->of($order->load('customer'));
        $saved = [];
        foreach ($money->lines as $line) {
            // What is sewn costs what it cost.
            $saved[$line->line->id] = $line->real === null ? $ways->of($line->line, $line->job) : [];
        }

        return view('money.money', [
            'risks' => $risks,
            'saved' => $saved,
            'order' => $order,
            'money' => $money,
            'seen' => KeepMoney::sign($order),
            'currency' => $this->premises->shop()->currency,
            'invoices' => Invoice::query()
                ->with('payments')
                ->where('order_id', $order->id)
                ->orderBy('number')
                ->get(),
            'form' => (string) Str::uuid(),
        ]);
    }

    public function keep(KeepMoney $request, Order $order): RedirectResponse
    {
        Transaction::run(static function () use ($request, $order): void {
            $before = $order->only(['artwork_cents', 'agreed_cents']);
            $order->update([
                'artwork_cents' => $request->cents('artwork') ?? 0,
                'agreed_cents' => $request->cents('agreed'),
            ]);
            $after = $order->only(['artwork_cents', 'agreed_cents']);
            foreach ($order->lines()->get() as $i => $line) {
                $name = __('money.money_controller.blank_of', ['number' => $i + 1, 'garment' => $line->garmentLabel()]);
                $before[$name] = $line->blank_cents;
                $line->update(['blank_cents' => $request->cents("blank.{$line->id}")]);
                $after[$name] = $line->blank_cents;
            }
            [$was, $is] = ChangeLog::differing($before, $after);
            if ($is !== []) {
                ChangeLog::note(Change::ORDER, (string) $order->number, __('money.money_controller.amounts'), $was, $is);
            }
        });

        return redirect()->route('orders.money', $order)->with('done', __('money.money_controller.amounts_saved'));
    }

    /** One page for the customer. */
    public function quote(Order $order, OrderPaper $paper): Response
    {
        return Download::pdf($paper->quote($order->load('customer')) ?? abort(404), "quote-{$order->number}");
    }

    public function confirmation(Order $order, OrderPaper $paper): Response
    {
        return Download::pdf($paper->confirmation($order->load('customer')) ?? abort(404), "confirmation-{$order->number}");
    }
}
