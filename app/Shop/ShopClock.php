<?php

declare(strict_types=1);

namespace App\Shop;

use Carbon\CarbonImmutable;

/** Local time as the plan counts it: seconds of the wall clock, as if there were no time zones. */
final class ShopClock
{
    private const DAY = 86400;

    public static function seconds(CarbonImmutable $time): int
    {
        return $time->getTimestamp() + $time->getOffset();
    }

    public static function time(int $seconds): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC($seconds)->shiftTimezone((string) config('app.timezone'));
    }

    /** "Wed 16:00"; with its date where a day of the week alone could be taken for another week's. */
    public static function words(CarbonImmutable $time): string
    {
        return $time->format(
            abs(intdiv(self::seconds($time), self::DAY) - intdiv(self::now(), self::DAY)) < 7 ? 'D H:i' : 'D j M H:i',
        );
    }

    /**
     * @return array{int, int}|null [from, to) of a day that the wall clock leaps over where it is put forward; nobody
     *     works in it
     */
    public static function missing(CarbonImmutable $day): ?array
    {
        [$before, $after] = [$day->startOfDay(), $day->addDay()->startOfDay()];
        if ($after->getOffset() <= $before->getOffset()) {
            return null;
        }
        $change =
            $day->getTimezone()->getTransitions($before->getTimestamp() + 1, $after->getTimestamp())[1]['ts'] ?? 0;

        return [$change + $before->getOffset(), $change + $after->getOffset()];
    }

    public static function now(): int
    {
        return self::seconds(CarbonImmutable::now());
    }
}
