<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Customer;
use App\Models\Order;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Support\Facades\DB;

/** Writes orders into the book, with every piece that follows from their lines. */
final class OrderBook
{
    /**
     * @param list<array<string, mixed>> $lines as StoreOrder lets them through
     */
    public static function enter(string $customer, CarbonImmutable $receivedAt, CarbonImmutable $dueAt, string $note, array $lines): Order
    {
        return DB::transaction(static function () use ($customer, $receivedAt, $dueAt, $note, $lines): Order {
            // The last order is locked while the next number is taken, so that two clerks get two numbers.
            $number = 1 + (int) (DB::table('orders')->orderByDesc('number')->lockForUpdate()->value('number') ?? 1000);
            $order = Order::query()->create([
                'number' => $number,
                'customer_id' => Customer::query()->firstOrCreate(['name' => trim($customer)])->id,
                'received_at' => $receivedAt,
                'due_at' => $dueAt,
                'note' => $note,
            ]);
            $pieces = [];
            foreach ($lines as $given) {
                $line = $order->lines()->create([
                    'garment' => $given['garment'],
                    'fabric' => $given['fabric'],
                    'structure' => $given['structure'] ?? 'none',
                    'profile' => $given['profile'] ?? 'none',
                    'style' => $given['style'] ?? '',
                    'colour_name' => $given['colour_name'],
                    'colour_hex' => strtolower((string) $given['colour_hex']),
                ]);
                foreach ((array) $given['decorations'] as $wanted) {
                    if (($wanted['position'] ?? '') === '') {
                        continue;
                    }
                    $decoration = $line->decorations()->create(['artwork_id' => $wanted['artwork_id'] ?? null, 'position' => $wanted['position']]);
                    foreach (Size::cases() as $size) {
                        for ($i = 1; $i <= (int) ($given['sizes'][$size->value] ?? 0); $i++) {
                            $pieces[] = ['order_id' => $order->id, 'decoration_id' => $decoration->id, 'size' => $size->value, 'number' => $i];
                        }
                    }
                }
            }
            foreach (array_chunk($pieces, 500) as $some) {
                DB::table('pieces')->insert($some);
            }

            return $order;
        });
    }
}
