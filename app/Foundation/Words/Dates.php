<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use DateTimeInterface;
use IntlDateFormatter;
use IntlDatePatternGenerator;
use UnexpectedValueException;

/**
 * Days and times as whoever reads writes them: their words, their order, their twelve or twenty-four hours (patterns of
 * the Unicode locale data). A comma stands only between two figures
 * and after a month that is written out.
 */
final class Dates
{
    /** "16:00" */
    public static function time(DateTimeInterface $at): string
    {
        return self::said($at, 'jm');
    }

    /** "Wed" */
    public static function weekday(DateTimeInterface $at): string
    {
        return self::said($at, 'EEE');
    }

    /** "Wednesday" */
    public static function longWeekday(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEE');
    }

    /** "4/3/2026": as it is typed. */
    public static function numeric(DateTimeInterface $at): string
    {
        return self::said($at, 'dMyyyy');
    }

    /** "Wed 16:00" */
    public static function weekdayTime(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEjm');
    }

    /** "Wednesday 16:00" */
    public static function longWeekdayTime(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEEjm');
    }

    /** "Wed 4 Mar" */
    public static function day(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEdMMM');
    }

    /** "Wed 4 Mar 16:00" */
    public static function dayTime(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEdMMMjm');
    }

    /** "4 Mar" */
    public static function date(DateTimeInterface $at): string
    {
        return self::said($at, 'dMMM');
    }

    /** "4 Mar 16:00" */
    public static function dateTime(DateTimeInterface $at): string
    {
        return self::said($at, 'dMMMjm');
    }

    /** "4 Mar 2026" */
    public static function dateYear(DateTimeInterface $at): string
    {
        return self::said($at, 'dMMMyyyy');
    }

    /** "4 Mar 2026 16:00" */
    public static function dateYearTime(DateTimeInterface $at): string
    {
        return self::said($at, 'dMMMyyyyjm');
    }

    /** "4 March" */
    public static function longDate(DateTimeInterface $at): string
    {
        return self::said($at, 'dMMMM');
    }

    /** "4 March 2026" */
    public static function full(DateTimeInterface $at): string
    {
        return self::said($at, 'dMMMMyyyy');
    }

    /** "4 March 2026 at 16:00" */
    public static function fullTime(DateTimeInterface $at): string
    {
        return self::said($at, 'dMMMMyyyyjm');
    }

    /** "Wednesday 4 March" */
    public static function longDay(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEEdMMMM');
    }

    /** "Wednesday 4 March at 16:00" */
    public static function longDayTime(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEEdMMMMjm');
    }

    /** "Wednesday 4 March 2026" */
    public static function longDayYear(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEEdMMMMyyyy');
    }

    /** "Wednesday 4 March 2026 at 16:00" */
    public static function longDayYearTime(DateTimeInterface $at): string
    {
        return self::said($at, 'EEEEdMMMMyyyyjm');
    }

    /** "March 2026" */
    public static function month(DateTimeInterface $at): string
    {
        return self::said($at, 'MMMMyyyy');
    }

    /** How many hours a clock has, "12" or "24". */
    public static function hours(): string
    {
        $chosen = Languages::habits()->hours;

        return $chosen !== ''
            ? $chosen
            : (str_contains(self::pattern(Languages::locale(), 'jm'), 'a') ? '12' : '24');
    }

    private static function said(DateTimeInterface $at, string $skeleton): string
    {
        /** @var array<string, IntlDateFormatter> $kept */
        static $kept = [];
        $locale = Languages::locale();
        $hours = Languages::habits()->hours;
        if ($hours !== '') {
            $skeleton = str_replace('j', $hours === '24' ? 'H' : 'h', $skeleton);
        }
        // As the language has it; the framework makes an object of its own of it.
        $zone = date_timezone_get($at) ?: throw new UnexpectedValueException('a moment has a time zone');
        $formatter = $kept["{$locale} {$skeleton} {$zone->getName()}"] ??= new IntlDateFormatter(
            $locale,
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            $zone,
            null,
            self::pattern($locale, $skeleton),
        );

        // A space that must not be wider than others is one that not every font has.
        return str_replace("\u{202F}", "\u{A0}", (string) $formatter->format($at));
    }

    private static function pattern(string $locale, string $skeleton): string
    {
        /** @var array<string, string> $kept */
        static $kept = [];
        /** @var array<string, IntlDatePatternGenerator> $generators */
        static $generators = [];

        return $kept["{$locale} {$skeleton}"] ??= self::written(
            ($generators[$locale] ??= new IntlDatePatternGenerator($locale))->getBestPattern($skeleton)
                ?: throw new UnexpectedValueException("{$locale} writes no {$skeleton}"),
        );
    }

    private static function written(string $pattern): string
    {
        return preg_replace('/(?<![dy])(?<!MMMM),(?= )/', '', $pattern) ?? $pattern;
    }
}
