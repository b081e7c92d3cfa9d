<?php

declare(strict_types=1);

namespace App\People;

use App\Foundation\ShopProfile;
use Illuminate\Http\Request;

/**
 * A calendar program cannot sign in: the address itself is the key. It is made of what the calendar is of and of a
 * secret of the shop; another secret, and every address given out before is good no more.
 */
final class CalendarKey
{
    private const LENGTH = 32;

    /** An address with its key. */
    public static function addressOf(string $url): string
    {
        return $url.'?key='.self::of((string) parse_url($url, PHP_URL_PATH));
    }

    private static function of(string $path): string
    {
        $secret = (string) app(ShopProfile::class)->shop()->calendar_secret;

        return substr(hash_hmac('sha256', trim($path, '/'), $secret), 0, self::LENGTH);
    }

    public static function fits(Request $request): bool
    {
        return app(ShopProfile::class)->shop()->calendar_secret !== ''
            && hash_equals(self::of($request->path()), (string) $request->query('key'));
    }
}
