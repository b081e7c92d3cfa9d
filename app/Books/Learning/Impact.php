<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Shop\Figure;
use App\Shop\House;
use Hakama\House\HouseRule;

/** What open orders would then say, if a figure were taken: minutes, and what they cost. */
final class Impact
{
    /** @param string $what of which so many are open */
    public static function words(House $house, int $open, string $what, float $minutes): string
    {
        $cents = ($minutes * $house->rules()->value(HouseRule::HandHour)) / 60;

        return __('books.impact.min_open_orders_cost', [
            'open' => Figure::words($open),
            'what' => $what,
            'minutes' => Figure::words(abs($minutes), 1),
            'value' => $minutes < 0 ? __('books.impact.less') : __('books.impact.more'),
            'cents' => Figure::words(abs($cents) / 100, 2),
            'value_2' => $cents < 0 ? __('books.impact.less') : __('books.impact.more'),
        ]);
    }
}
