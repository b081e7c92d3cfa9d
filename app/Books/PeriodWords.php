<?php

declare(strict_types=1);

namespace App\Books;

use App\Foundation\Words\Dates;
use DateTimeImmutable;
use Hakama\Books\Period;

/** What a period is called on the pages of the books. */
final class PeriodWords
{
    /** "Mon 2 Mar", "week 10, 2 Mar", "March 2026", "2026". */
    public static function of(Period $period, DateTimeImmutable $day): string
    {
        return match ($period) {
            Period::Day => Dates::day($day),
            Period::Week => __('books.period.week_of', [
                'week' => ltrim($day->format('W'), '0'),
                'day' => Dates::date($period->first($day)),
            ]),
            Period::Month => Dates::month($day),
            Period::Year => $day->format('Y'),
        };
    }
}
