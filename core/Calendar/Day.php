<?php

declare(strict_types=1);

namespace Hakama\Calendar;

/** A day of local time, counted as if there were no time zones: every day has 86 400 seconds. */
final readonly class Day
{
    public const SECONDS = 86400;
    /** Days of a week before the first Monday that is counted: 1 January 1970 was a Thursday. */
    private const SINCE_MONDAY = 3;

    /** @param int $midnight seconds of local time, a whole number of days */
    private function __construct(public int $midnight) {}

    /** The day that a time belongs to. */
    public static function at(int $second): self
    {
        return new self($second - self::modulo($second, self::SECONDS));
    }

    public function next(): self
    {
        return new self($this->midnight + self::SECONDS);
    }

    /** @return int 1 for Monday to 7 for Sunday */
    public function weekday(): int
    {
        return 1 + self::modulo(intdiv($this->midnight, self::SECONDS) + self::SINCE_MONDAY, 7);
    }

    private static function modulo(int $a, int $b): int
    {
        return (($a % $b) + $b) % $b;
    }
}
