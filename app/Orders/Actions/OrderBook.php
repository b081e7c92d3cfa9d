<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Database\Transaction;
use App\Orders\Models\Customer;
use App\Orders\Models\Order;
use App\Orders\Models\OrderNumber;
use App\Orders\Models\Piece;
use App\Orders\TypedLine;
use Carbon\CarbonImmutable;

/** Writes orders into the book, with every piece that follows from their lines. */
final class OrderBook
{
    /**
     * @param list<TypedLine> $lines
     * @param bool            $forEvent of no use after it is due
     * @param string|null     $form the form it was written on: the same one again is the same order
     */
    public static function enter(
        string $customer,
        CarbonImmutable $receivedAt,
        CarbonImmutable $dueAt,
        string $note,
        array $lines,
        ?string $form = null,
        bool $forEvent = false,
    ): Order {
        return Transaction::run(static function () use (
            $customer,
            $receivedAt,
            $dueAt,
            $note,
            $lines,
            $form,
            $forEvent,
        ): Order {
            // Whoever takes a number waits for the one before: two that are the same come one after the other.
            $number = OrderNumber::next();
            $same = $form === null ? null : Order::query()->where('form_id', $form)->first();
            if ($same !== null) {
                OrderNumber::giveBack($number);

                return $same;
            }
            $order = Order::query()->create([
                'number' => $number,
                'form_id' => $form,
                'customer_id' => Customer::query()->firstOrCreate(['name' => trim($customer)])->id,
                'received_at' => $receivedAt,
                'due_at' => $dueAt,
                'note' => $note,
                'for_event' => $forEvent,
            ]);
            self::write($order, $lines);

            return $order;
        });
    }

    /**
     * Lines of an order, with every piece that follows from them.
     *
     * @param list<TypedLine> $lines
     */
    public static function write(Order $order, array $lines): void
    {
        $pieces = array_merge(...array_map(static fn(TypedLine $line): array => self::add($order, $line), $lines));
        foreach (array_chunk($pieces, 500) as $some) {
            Piece::query()->insert($some);
        }
    }

    /** @return list<array<string, mixed>> its pieces, to be written down */
    private static function add(Order $order, TypedLine $typed): array
    {
        $line = $typed->line;
        $order->lines()->save($line);
        $pieces = [];
        foreach ($typed->decorations as [$position, $artworkId]) {
            $decoration = $line->decorations()->create(['artwork_id' => $artworkId, 'position' => $position]);
            foreach ($typed->sizes as $size => $count) {
                foreach (range(1, $count) as $number) {
                    $pieces[] = [
                        'order_id' => $order->id,
                        'decoration_id' => $decoration->id,
                        'size' => $size,
                        'number' => $number,
                    ];
                }
            }
        }

        return $pieces;
    }
}
