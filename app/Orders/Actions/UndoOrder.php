<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Orders\Models\Order;
use App\Orders\OrderFacts;
use App\Shop\Models\Change;
use App\Shop\Undo\Undoes;

/** An order gets what stood in it before: for whom, by when, how many of which size. */
final readonly class UndoOrder implements Undoes
{
    /** @return string|null why it cannot be taken back any more; null when it was */
    public function undo(Change $change): ?string
    {
        $order = Order::query()->where('number', (int) $change->thing)->first();
        if ($order === null || $order->cancelled_at !== null) {
            return __('orders.undo_order.the_order_is_cancelled_reopen_it');
        }
        $now = OrderFacts::of($order);
        if (array_intersect_key($now, $change->after ?? []) !== array_intersect_key($change->after ?? [], $now)) {
            return __('orders.undo_order.no_was_changed_again_since_undo', ['number' => $order->number]);
        }
        [$facts, $sizes, $lines] = OrderFacts::told($order, $change->before ?? []);
        $problems = OrderChange::problems($order, $sizes);
        if ($problems !== []) {
            return reset($problems);
        }
        OrderChange::make($order, $facts, $sizes, OrderFacts::sign($order), $lines);

        return null;
    }
}
