<?php

declare(strict_types=1);

namespace App\Orders\Approvals;

use App\Orders\Models\Order;

/** What an order is offered for; prices are made elsewhere. */
interface SaidPrice
{
    /** @return array{cents: int, tax_percent: float, tax_cents: int}|null null where it has no price yet */
    public function of(Order $order): ?array;
}
