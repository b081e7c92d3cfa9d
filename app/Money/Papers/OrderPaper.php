<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Money\Queries\OrderAccounts;
use App\Orders\Models\Order;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Money\Tax;

/** What an order is offered for, and what was agreed, in the customer's language; null where it has no price yet. */
final readonly class OrderPaper
{
    public function __construct(private OrderAccounts $accounts, private ShopProfile $premises, private House $house) {}

    public function quote(Order $order): ?string
    {
        return $this->written($order, 'money.money_controller.quote_for_order', static fn(): array => [
            __('money.money_controller.valid_for_30_days', ['now' => Dates::full(CarbonImmutable::now())]),
            __('money.money_controller.prices_are_for_the_current_artwork'),
        ]);
    }

    public function confirmation(Order $order): ?string
    {
        $letterhead = $this->premises->shop()->letterhead();
        $days = $order->customer->terms_days ?? (int) $this->house->rules()->value(HouseRule::PaymentDays);

        return $this->written($order, 'money.order_paper.confirmation', static fn(): array => [
            __('money.order_paper.thank_you'),
            __('money.order_paper.payable_within', ['days' => $days]),
            ...$letterhead->noTaxReason === '' ? [] : [$letterhead->noTaxReason],
        ]);
    }

    /** @param callable(): list<string> $below */
    private function written(Order $order, string $heading, callable $below): ?string
    {
        return $this->premises->writeTo($order->customer->language, function () use ($order, $heading, $below): ?string {
            $money = $this->accounts->of($order);
            $price = $money->priceCents();
            $shop = $this->premises->shop();

            return $price === null ? null : PaperPdf::of(new PricedPaper(
                $shop->letterhead(),
                __($heading, ['number' => $order->number]),
                PaperTo::customer($order->customer, $shop->letterhead()),
                [
                    [__('money.money_controller.date'), Dates::full(CarbonImmutable::now())],
                    [__('money.money_controller.needed'), Dates::full($order->due_at)],
                ],
                PaperRows::of($money, $price),
                $price,
                $shop->currency,
                $below(),
                Tax::on($price, $this->house->rules()->value(HouseRule::Tax)),
            ));
        });
    }
}
