<?php

declare(strict_types=1);

namespace App\Orders\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The last number that an order was given. Whoever takes the next one holds the row until the order is written, so that
 * numbers have no gaps.
 *
 * @property int $id
 * @property int $last
 */
final class OrderNumber extends Model
{
    protected $table = 'order_numbers';
    public $timestamps = false;
    public $incrementing = false;
    protected $guarded = [];

    /** Within the transaction that took it: nobody has seen it. */
    public static function giveBack(int $number): void
    {
        self::query()
            ->where('last', $number)
            ->update(['last' => $number - 1]);
    }

    public static function next(): int
    {
        return self::take(1);
    }

    /** @return int the first of so many that follow each other */
    public static function take(int $count): int
    {
        $number = self::query()->firstOrFail();
        // Orders that were written with a number of their own, as the demo's are, count too.
        $first = max($number->last, (int) Order::query()->max('number')) + 1;
        $number->last = $first + $count - 1;
        $number->save();

        return $first;
    }
}
