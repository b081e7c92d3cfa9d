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
use Illuminate\Support\Facades\DB;

/** Writes orders into the book, with every piece that follows from their lines. */
final class OrderBook
{
    /** Orders of a list that are written down together. */
    private const TOGETHER = 250;
    /** A statement takes no more than 65 535 values. */
    private const ROWS = 2000;

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
     * Many orders, in a few statements for hundreds of them; those whose form was stored before stay as they are.
     *
     * @param list<array{form: string, customer: string, due: CarbonImmutable, note: string, lines: list<TypedLine>}> $orders
     *     each form once
     *
     * @return list<int> their numbers, in the same order
     */
    public static function enterAll(CarbonImmutable $receivedAt, array $orders): array
    {
        return Transaction::run(static function () use ($receivedAt, $orders): array {
            $customers = $numbers = [];
            foreach (array_chunk($orders, self::TOGETHER) as $some) {
                $forms = array_column($some, 'form');
                $known = Order::query()->whereIn('form_id', $forms)->pluck('number', 'form_id')->all();
                $new = array_values(array_filter($some, static fn(array $one): bool => ! isset($known[$one['form']])));
                foreach ($new as $one) {
                    $name = trim($one['customer']);
                    $customers[$name] ??= Customer::query()->firstOrCreate(['name' => $name])->id;
                }
                if ($new !== []) {
                    self::writeAll($receivedAt, $new, $customers);
                    $known = Order::query()->whereIn('form_id', $forms)->pluck('number', 'form_id')->all();
                }
                foreach ($forms as $form) {
                    $numbers[] = (int) $known[$form];
                }
            }

            return $numbers;
        });
    }

    /**
     * @param list<array{form: string, customer: string, due: CarbonImmutable, note: string, lines: list<TypedLine>}> $orders
     * @param array<string, int> $customers ids by name
     */
    private static function writeAll(CarbonImmutable $receivedAt, array $orders, array $customers): void
    {
        $first = OrderNumber::take(count($orders));
        Order::query()->insert(array_map(
            static fn(array $one, int $i): array => [
                'number' => $first + $i,
                'form_id' => $one['form'],
                'customer_id' => $customers[trim($one['customer'])],
                'received_at' => $receivedAt,
                'due_at' => $one['due'],
                'note' => $one['note'],
            ],
            $orders,
            array_keys($orders),
        ));
        $ids = Order::query()->where('number', '>=', $first)->orderBy('number')->pluck('id')->all();
        $lines = [];
        foreach ($orders as $i => $one) {
            foreach ($one['lines'] as $line) {
                $lines[] = [(int) $ids[$i], $line];
            }
        }
        $lineIds = self::insertAll('order_lines', array_map(
            static fn(array $of): array => ['order_id' => $of[0], ...$of[1]->line->getAttributes()],
            $lines,
        ));
        $decorations = [];
        foreach ($lines as $i => [$orderId, $line]) {
            foreach ($line->decorations as [$position, $artworkId]) {
                $decorations[] = [$orderId, $line, [
                    'order_line_id' => $lineIds[$i],
                    'artwork_id' => $artworkId,
                    'position' => $position->value,
                ]];
            }
        }
        $decorationIds = self::insertAll('decorations', array_column($decorations, 2));
        $pieces = [];
        foreach ($decorations as $i => [$orderId, $line]) {
            array_push($pieces, ...self::pieces($orderId, $decorationIds[$i], $line));
        }
        foreach (array_chunk($pieces, self::ROWS) as $some) {
            Piece::query()->insert($some);
        }
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<int> their ids, in the same order: they are counted on, and nobody else writes meanwhile
     */
    private static function insertAll(string $table, array $rows): array
    {
        $columns = array_fill_keys(array_keys(array_merge(...$rows)), null);
        foreach (array_chunk($rows, self::ROWS) as $some) {
            DB::table($table)->insert(array_map(static fn(array $row): array => [...$columns, ...$row], $some));
        }
        $ids = DB::table($table)->orderByDesc('id')->limit(count($rows))->pluck('id');

        return array_values($ids->reverse()->map(static fn(mixed $id): int => (int) $id)->all());
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
            array_push($pieces, ...self::pieces($order->id, $decoration->id, $typed));
        }

        return $pieces;
    }

    /** @return list<array<string, mixed>> what is sewn of a decoration, to be written down */
    private static function pieces(int $orderId, int $decorationId, TypedLine $typed): array
    {
        $pieces = [];
        foreach ($typed->sizes as $size => $count) {
            foreach (range(1, $count) as $number) {
                $pieces[] = [
                    'order_id' => $orderId,
                    'decoration_id' => $decorationId,
                    'size' => $size,
                    'number' => $number,
                ];
            }
        }

        return $pieces;
    }
}
