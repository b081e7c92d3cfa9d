<?php

declare(strict_types=1);

namespace App\Shop;

use Carbon\CarbonImmutable;

/** Local time as the plan counts it: seconds of the wall clock, as if there were no time zones. */
final class ShopClock
{
    public static function seconds(CarbonImmutable $time): int
    {
        return $time->shiftTimezone('UTC')->getTimestamp();
    }

    public static function time(int $seconds): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC($seconds)->shiftTimezone((string) config('app.timezone'));
    }

    public static function now(): int
    {
        return self::seconds(CarbonImmutable::now());
    }
}
