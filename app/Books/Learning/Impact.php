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

        return sprintf(
            '%s %s: %s min %s, open orders cost %s %s.',
            Figure::words($open),
            $what,
            Figure::words(abs($minutes), 1),
            $minutes < 0 ? 'less' : 'more',
            Figure::words(abs($cents) / 100, 2),
            $cents < 0 ? 'less' : 'more',
        );
    }
}
