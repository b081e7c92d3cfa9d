<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Shop\ShopClock;
use Carbon\CarbonImmutable;

/**
 * Somebody who is away, or in beside the usual people: on some days of the week, from one day to another, for some
 * hours or all.
 */
final readonly class Presence
{
    public const DAYS = [1 => 'Mon', 2 => 'Tue', 3 => 'Wed', 4 => 'Thu', 5 => 'Fri', 6 => 'Sat', 7 => 'Sun'];
    private const MIDNIGHT = '24:00:00';

    /**
     * @param int       $people   +1 is in as well, −1 is away
     * @param list<int> $weekdays 1 for Monday to 7 for Sunday
     * @param string    $from     time of day, H:i:s
     * @param string    $to       24:00:00 for all the day
     */
    private function __construct(
        public int $id,
        public string $who,
        public int $people,
        public string $firstDay,
        public string $lastDay,
        public array $weekdays,
        public string $from,
        public string $to,
    ) {}

    /**
     * @param array{id: int, who: string, people: int, first_day: string, last_day: string, weekdays: string,
     *     from_time: string|null, to_time: string|null} $row
     */
    public static function of(array $row): self
    {
        return new self(
            $row['id'],
            $row['who'],
            $row['people'],
            $row['first_day'],
            $row['last_day'],
            array_map(intval(...), (array) json_decode($row['weekdays'], true, flags: JSON_THROW_ON_ERROR)),
            $row['from_time'] ?? '00:00:00',
            $row['to_time'] ?? self::MIDNIGHT,
        );
    }

    /** @return array{int, int}|null [from, to) of one day, seconds of local time; null where it is not for that day */
    public function span(CarbonImmutable $day): ?array
    {
        $date = $day->toDateString();
        if (
            $date < $this->firstDay
            || $date > $this->lastDay
            || ! in_array($day->dayOfWeekIso, $this->weekdays, true)
        ) {
            return null;
        }
        $midnight = ShopClock::seconds($day->startOfDay());

        return [$midnight + self::secondOfDay($this->from), $midnight + self::secondOfDay($this->to)];
    }

    /** "Wren is away Thu 5 Mar, 13:00 to 17:00". */
    public function words(): string
    {
        [$first, $last] = [CarbonImmutable::parse($this->firstDay), CarbonImmutable::parse($this->lastDay)];
        $days = $first->equalTo($last)
            ? $first->format('D j M')
            : $first->format('D j M').' to '.$last->format('D j M');
        $names = array_intersect_key(self::DAYS, array_flip($this->weekdays));
        $on = count($this->weekdays) === 7 || $first->equalTo($last) ? '' : ', on '.implode(', ', $names);

        return "{$this->who} is ".($this->people < 0 ? 'away' : 'in as well')." {$days}{$on}".$this->hours();
    }

    private function hours(): string
    {
        return $this->to === self::MIDNIGHT
            ? ''
            : ', '.substr($this->from, 0, 5).' to '.substr($this->to, 0, 5);
    }

    private static function secondOfDay(string $time): int
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $time));

        return 3600 * $hours + 60 * $minutes;
    }
}
