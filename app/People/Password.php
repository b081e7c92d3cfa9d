<?php

declare(strict_types=1);

namespace App\People;

/** What a password has to be, wherever one is given. */
final class Password
{
    public const LEAST = 10;
    public const MOST = 200;

    public static function words(): string
    {
        return 'A password has at least '.self::LEAST.' letters; four words in a row are easy to keep.';
    }
}
