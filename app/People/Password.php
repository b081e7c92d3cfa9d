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
        return __('people.password.a_password_has_at_least_characters', ['value' => self::LEAST]);
    }
}
