<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Database\Transaction;
use App\Orders\Models\HandOver;
use App\Orders\Models\Order;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;

/** Gives garments to the customer, with a slip for each time. */
final class HandOvers
{
    /**
     * @param string                        $form  the form it was written on: the same one again is the same slip
     * @param array<int, array<string, int>> $sizes line => size => garments
     */
    public static function give(Order $order, string $form, array $sizes, string $who): HandOver
    {
        return Transaction::run(static function () use ($order, $form, $sizes, $who): HandOver {
            $given = HandOver::query()->where('form_id', $form)->first();
            if ($given !== null) {
                return $given;
            }
            $slip = HandOver::query()->create([
                'order_id' => $order->id,
                'form_id' => $form,
                'number' => 1 + (int) HandOver::query()->where('order_id', $order->id)->max('number'),
                'pieces' => $sizes,
                'piece_count' => array_sum(array_map(array_sum(...), $sizes)),
                'who' => $who,
                'handed_at' => CarbonImmutable::now(),
            ]);
            ChangeLog::note(Change::ORDER, (string) $order->number, __('orders.change_controller.handed_over_slip', [
                'number' => $slip->number,
            ]), null, ['garments' => $slip->piece_count]);

            return $slip;
        });
    }
}
