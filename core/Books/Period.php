<?php

declare(strict_types=1);

namespace Hakama\Books;

use DateTimeImmutable;

/** By what the books are added up. */
enum Period: string
{
    case Day = 'day';
    case Week = 'week';
    case Month = 'month';
    case Year = 'year';

    /** The first day of the period that a day lies in; weeks begin on Monday. */
    public function first(DateTimeImmutable $day): DateTimeImmutable
    {
        return match ($this) {
            self::Day => $day,
            self::Week => $day->modify('monday this week'),
            self::Month => $day->modify('first day of this month'),
            self::Year => $day->setDate((int) $day->format('Y'), 1, 1),
        };
    }

    public function last(DateTimeImmutable $day): DateTimeImmutable
    {
        return match ($this) {
            self::Day => $day,
            self::Week => $day->modify('sunday this week'),
            self::Month => $day->modify('last day of this month'),
            self::Year => $day->setDate((int) $day->format('Y'), 12, 31),
        };
    }

    /** What it is looked at in more closely; null where there is nothing closer. */
    public function within(): ?self
    {
        return match ($this) {
            self::Day => null,
            self::Week, self::Month => self::Day,
            self::Year => self::Month,
        };
    }

    private function firstOf(string $day): string
    {
        $date = DateTimeImmutable::createFromFormat('!Y-m-d', $day);
        assert($date !== false);

        return $this->first($date)->format('Y-m-d');
    }

    /**
     * @param list<Entry> $entries
     *
     * @return array<string, Entry> first day of the period, YYYY-MM-DD => what it comes to, newest first
     */
    public function sums(array $entries): array
    {
        $of = $first = [];
        foreach ($entries as $entry) {
            $first[$entry->day] ??= $this->firstOf($entry->day);
            $of[$first[$entry->day]][] = $entry;
        }
        krsort($of);

        return array_map(static fn(array $some): Entry => Sum::of('', '', '', $some), $of);
    }
}
