<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Customer;
use App\Models\Order;
use App\Shop\Catalogue;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Support\Facades\DB;

/** Writes orders into the book, with every piece that follows from their lines. */
final class OrderBook
{
    /**
     * @param list<array<string, mixed>> $lines as StoreOrder lets them through
     */
    public static function enter(
        string $customer,
        CarbonImmutable $receivedAt,
        CarbonImmutable $dueAt,
        string $note,
        array $lines,
    ): Order {
        $catalogue = app(Catalogue::class);

        return DB::transaction(static function () use (
            $customer,
            $receivedAt,
            $dueAt,
            $note,
            $lines,
            $catalogue,
        ): Order {
            // The last order is locked while the next number is taken, so that two clerks get two numbers.
            $number =
                1 + (int) (DB::table('orders')->orderByDesc('number')->lockForUpdate()->value('number') ?? 1000);
            $order = Order::query()->create([
                'number' => $number,
                'customer_id' => Customer::query()->firstOrCreate(['name' => trim($customer)])->id,
                'received_at' => $receivedAt,
                'due_at' => $dueAt,
                'note' => $note,
            ]);
            $pieces = [];
            foreach ($lines as $given) {
                $style = self::text($given['style'] ?? '');
                $line = $order->lines()->create([
                    'garment_style_id' => $style === '' ? null : $catalogue->idOf($style),
                    'unit_value_cents' => is_numeric($given['unit_value'] ?? null)
                        ? (int) round(100 * (float) $given['unit_value'])
                        : null,
                    'spares' => (int) ($given['spares'] ?? 0),
                    'garment' => $given['garment'],
                    'fabric' => $given['fabric'],
                    ...$catalogue->capOf(
                        $style,
                        self::text($given['structure'] ?? ''),
                        self::text($given['profile'] ?? ''),
                    ),
                    'style' => $style,
                    'colour_name' => $given['colour_name'],
                    'colour_hex' => strtolower((string) $given['colour_hex']),
                ]);
                foreach ((array) $given['decorations'] as $wanted) {
                    if (($wanted['position'] ?? '') === '') {
                        continue;
                    }
                    $decoration = $line
                        ->decorations()
                        ->create(['artwork_id' => $wanted['artwork_id'] ?? null, 'position' => $wanted['position']]);
                    foreach (Size::cases() as $size) {
                        for ($i = 1; $i <= (int) ($given['sizes'][$size->value] ?? 0); $i++) {
                            $pieces[] = [
                                'order_id' => $order->id,
                                'decoration_id' => $decoration->id,
                                'size' => $size->value,
                                'number' => $i,
                            ];
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

    private static function text(mixed $given): string
    {
        return is_string($given) ? trim($given) : '';
    }
}
