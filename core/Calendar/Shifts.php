<?php

declare(strict_types=1);

namespace Hakama\Calendar;

use Hakama\Words\Text;

/** The hours of a day as people write them: "08:00-12:00, 12:30-17:00"; nothing is a day on which nobody works. */
final class Shifts
{
    private const DAY = 86400;
    private const MOST = 8;

    /**
     * Shifts that overlap or touch are one span: somebody is there all the time.
     *
     * @return list<array{int, int}> [from, to) in seconds of the day, rising
     *
     * @throws UnfitHours
     */
    public static function read(string $text): array
    {
        $spans = [];
        foreach (explode(',', str_replace([';', ' and '], ',', $text)) as $part) {
            if (trim($part) === '') {
                continue;
            }
            if (preg_match('~^\s*(\d{1,2})(?::(\d\d))?\s*[-–]\s*(\d{1,2})(?::(\d\d))?\s*$~u', $part, $found) !== 1) {
                throw new UnfitHours(new Text('shop.shifts.write_like'));
            }
            [$from, $to] = [
                3600 * (int) $found[1] + 60 * (int) $found[2],
                3600 * (int) $found[3] + 60 * (int) ($found[4] ?? 0),
            ];
            if ((int) $found[2] > 59 || (int) ($found[4] ?? 0) > 59 || $to > self::DAY) {
                throw new UnfitHours(new Text('shop.shifts.no_such_time'));
            }
            if ($to <= $from) {
                throw new UnfitHours(new Text('shop.shifts.ends_before'));
            }
            $spans[] = [$from, $to];
        }

        $spans = self::joined($spans);
        if (count($spans) > self::MOST) {
            throw new UnfitHours(new Text('shop.shifts.too_many', ['most' => self::MOST]));
        }

        return $spans;
    }

    /** @param list<array{int, int}> $spans */
    public static function words(array $spans): string
    {
        $clock = static fn(int $second): string => sprintf(
            '%02d:%02d',
            intdiv($second, 3600),
            intdiv($second, 60) % 60,
        );

        return implode(
            ', ',
            array_map(static fn(array $span): string => $clock($span[0]).'-'.$clock($span[1]), $spans),
        );
    }

    /**
     * What overlaps or touches is one span.
     *
     * @param list<array{int, int}> $spans
     *
     * @return list<array{int, int}> rising
     */
    public static function joined(array $spans): array
    {
        sort($spans);
        $joined = [];
        foreach ($spans as [$from, $to]) {
            if ($joined !== [] && $from <= $joined[count($joined) - 1][1]) {
                $joined[count($joined) - 1][1] = max($joined[count($joined) - 1][1], $to);
            } elseif ($to > $from) {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }
}
