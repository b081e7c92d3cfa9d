<?php

declare(strict_types=1);

namespace Hakama\Calendar;

/**
 * Somebody who is away, or in beside the usual people: on some days of the week, from one day to another, for some
 * hours or all. Times are seconds of local time.
 */
final readonly class PresenceSpan
{
    /**
     * @param int       $people   +1 is in as well, −1 is away
     * @param int       $firstDay midnight
     * @param int       $lastDay  midnight, of a day that belongs to it
     * @param list<int> $weekdays 1 for Monday to 7 for Sunday
     * @param int       $from     second of the day
     * @param int       $to       second of the day; 86 400 for all of it
     * @param string    $who      what is said twice of one person counts once
     */
    public function __construct(
        public int $people,
        public int $firstDay,
        public int $lastDay,
        public array $weekdays,
        public int $from = 0,
        public int $to = Day::SECONDS,
        public string $who = '',
    ) {}

    /** @return array{int, int}|null [from, to) of a day; null where it is not for that day */
    public function span(Day $day): ?array
    {
        return $day->midnight >= $this->firstDay
            && $day->midnight <= $this->lastDay
            && in_array($day->weekday(), $this->weekdays, true)
            ? [$day->midnight + $this->from, $day->midnight + $this->to]
            : null;
    }
}
