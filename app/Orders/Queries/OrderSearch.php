<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Orders\Models\Order;
use Illuminate\Database\Eloquent\Builder;

/** Finds orders by number, customer, contact, note, garment or artwork; every word has to be found somewhere. */
final class OrderSearch
{
    /**
     * @param Builder<Order> $orders
     *
     * @return Builder<Order>
     */
    public static function narrow(Builder $orders, string $words): Builder
    {
        foreach (preg_split('/\s+/', $words) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $orders->where(
                static fn(Builder $any): Builder => $any
                    ->where('number', ctype_digit($word) ? (int) mb_substr($word, 0, 9) : 0)
                    ->orWhere('note', 'like', $like)
                    ->orWhere('contact', 'like', $like)
                    ->orWhereHas('customer', static fn(Builder $of): Builder => $of->where('name', 'like', $like))
                    ->orWhereHas(
                        'lines',
                        static fn(Builder $of): Builder => $of->where(
                            static fn(Builder $one): Builder => $one
                                ->where('style', 'like', $like)
                                ->orWhere('garment', 'like', $like)
                                ->orWhere('colour_name', 'like', $like)
                                ->orWhereHas(
                                    'decorations.artwork',
                                    static fn(Builder $art): Builder => $art->where('name', 'like', $like),
                                ),
                        ),
                    ),
            );
        }

        return $orders;
    }
}
