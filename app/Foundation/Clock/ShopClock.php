<?php

declare(strict_types=1);

namespace App\Foundation\Clock;

use App\Foundation\Words\Dates;
use Carbon\CarbonImmutable;
use DateTimeImmutable;

/** Local time as the plan counts it: seconds of the wall clock, as if there were no time zones. */
final class ShopClock
{
    private const DAY = 86400;

    public static function seconds(CarbonImmutable $time): int
    {
        return $time->getTimestamp() + $time->getOffset();
    }

    /** Midnight of a day that is kept without a time: "2026-03-04". */
    public static function day(string $day): int
    {
        return (int) strtotime("{$day} UTC");
    }

    public static function time(int $seconds): CarbonImmutable
    {
        // Written out and read in the shop's own zone; made from the framework's own class it takes six times as long.
        return CarbonImmutable::createFromInterface(
            new DateTimeImmutable(gmdate('Y-m-d H:i:s', $seconds), Moment::zone()),
        );
    }

    /**
     * A column of moments as the wall clock of the shop showed them, for grouping by day where the database does it.
     *
     * @param string          $column as it is called in the query
     * @param CarbonImmutable $from   nothing is asked for that was before
     * @param CarbonImmutable $to     nor after
     */
    public static function localSql(string $column, CarbonImmutable $from, CarbonImmutable $to): string
    {
        $zone = Moment::zone();
        $at = $zone->getTransitions($from->getTimestamp(), $to->getTimestamp()) ?: [];
        $offset = $at[count($at) - 1]['offset'] ?? 0;
        $cases = '';
        for ($i = 1; $i < count($at); $i++) {
            $cases .= sprintf(
                " when %s < '%s' then %d",
                $column,
                gmdate(Moment::FORMAT, $at[$i]['ts']),
                $at[$i - 1]['offset'],
            );
        }

        return sprintf(
            '(%s + interval %s second)',
            $column,
            $cases === '' ? (string) $offset : "(case{$cases} else {$offset} end)",
        );
    }

    /** "Wed 16:00"; with its date where a day of the week alone could be taken for another week's. */
    public static function words(CarbonImmutable $time): string
    {
        return abs(intdiv(self::seconds($time), self::DAY) - intdiv(self::now(), self::DAY)) < 7
            ? Dates::weekdayTime($time)
            : Dates::dayTime($time);
    }

    /** "22 h 1 min", "3 d 2 h", "12 min": two units at most, and none that is nought but for minutes. */
    public static function span(int $seconds): string
    {
        $minutes = intdiv(abs($seconds) + 30, 60);
        [$days, $hours, $left] = [intdiv($minutes, 1440), intdiv($minutes % 1440, 60), $minutes % 60];

        return match (true) {
            $days > 0 => "{$days} d".($hours > 0 ? " {$hours} h" : ''),
            $hours > 0 => "{$hours} h".($left > 0 ? " {$left} min" : ''),
            default => "{$left} min",
        };
    }

    /**
     * What the wall clock leaps over where it is put forward; nobody works in it.
     *
     * @return list<array{int, int}> [from, to) from yesterday on for half a year
     */
    public static function leaps(): array
    {
        $now = CarbonImmutable::now();
        $changes = $now
            ->getTimezone()
            ->getTransitions($now->subDay()->getTimestamp(), $now->addMonths(6)->getTimestamp());
        $leaps = [];
        foreach (array_slice($changes ?: [], 1) as $i => $change) {
            if ($change['offset'] > $changes[$i]['offset']) {
                $leaps[] = [$change['ts'] + $changes[$i]['offset'], $change['ts'] + $change['offset']];
            }
        }

        return $leaps;
    }

    public static function now(): int
    {
        return self::seconds(CarbonImmutable::now());
    }
}
