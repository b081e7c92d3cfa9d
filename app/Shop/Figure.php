<?php

declare(strict_types=1);

namespace App\Shop;

use App\Foundation\Words\Words;

/** Figures as a person reads them. */
final class Figure
{
    /** A share as people say odds: "93 %". */
    public static function odds(float $share): string
    {
        return sprintf('%d %%', (int) round(100 * $share));
    }

    /** With what it is above or below: "+4.2", "-0.4". */
    public static function signed(float $value, int $digits): string
    {
        return (round($value, $digits) >= 0 ? '+' : '').self::words($value, $digits);
    }

    /** Thousands apart by a narrow space, parts as the reader writes them: "14 389.7", "14 389,7". */
    public static function words(int|float $value, int $digits = 0): string
    {
        return number_format($value, $digits, Words::mark(), "\u{202F}");
    }

    /** With one digit behind the mark where there is something behind it: "1", "1.5". */
    public static function plain(float $value): string
    {
        return self::words($value, fmod(round($value, 1), 1.0) === 0.0 ? 0 : 1);
    }
}
