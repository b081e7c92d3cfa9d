<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Orders\Approvals\SaidPrice;
use App\Orders\Models\Order;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Money\Tax;

/** What an order is offered for, with its tax. */
final readonly class OrderPrice implements SaidPrice
{
    public function __construct(private OrderAccounts $accounts, private House $house) {}

    public function of(Order $order): ?array
    {
        $cents = $this->accounts->of(Order::query()->findOrFail($order->id))->priceCents();
        if ($cents === null) {
            return null;
        }
        $tax = Tax::on($cents, $this->house->rules()->value(HouseRule::Tax));

        return ['cents' => $cents, 'tax_percent' => $tax->percent, 'tax_cents' => $tax->cents];
    }
}
