<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Hakama\Calendar\Day;
use Hakama\Calendar\DowntimeSpan;
use Hakama\Calendar\PresenceSpan;
use Hakama\Calendar\Shifts;
use Hakama\Calendar\Staff;
use Hakama\Calendar\Week;
use Hakama\Calendar\WorkCalendar;
use Hakama\House\HouseRules;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** Wednesday 4 March 2026, 7:30: the week is Monday to Friday from 8 to 17 with half an hour at noon. */
final class WorkCalendarTest extends TestCase
{
    #[Test]
    public function the_days_of_the_week_are_those_of_the_almanac(): void
    {
        foreach (['1970-01-01', '1969-12-31', '2000-02-29', '2026-03-04', '2026-11-26', '2100-03-01'] as $date) {
            $second = (int) strtotime("{$date} 13:30 UTC");
            self::assertSame((int) gmdate('N', $second), Day::at($second)->weekday(), $date);
            self::assertSame("{$date} 00:00", gmdate('Y-m-d H:i', Day::at($second)->midnight));
        }
    }

    #[Test]
    public function a_day_is_worked_in_its_shifts_and_the_weekend_not_at_all(): void
    {
        $calendar = self::calendar();
        self::assertSame(['08:00-12:00', '12:30-17:00'], self::clock($calendar->spans(self::day('2026-03-04'))));
        self::assertSame([], $calendar->spans(self::day('2026-03-07')));
        self::assertSame(5, $calendar->week->workingDays());
        self::assertSame('2026-03-09', gmdate('Y-m-d', $calendar->day(3)->midnight), 'Thursday, Friday, Monday');
    }

    #[Test]
    public function a_day_off_takes_the_usual_hours_and_extra_hours_are_worked_even_then(): void
    {
        $calendar = self::calendar(
            daysOff: [self::at('2026-03-05') => 'the fair'],
            extra: [[self::at('2026-03-05 18:00'), self::at('2026-03-05 20:00')]],
        );
        self::assertSame(['18:00-20:00'], self::clock($calendar->spans(self::day('2026-03-05'))));
    }

    #[Test]
    public function extra_hours_that_touch_the_usual_ones_are_one_span_with_them(): void
    {
        $calendar = self::calendar(extra: [[self::at('2026-03-05 16:00'), self::at('2026-03-05 19:00')]]);
        self::assertSame(['08:00-12:00', '12:30-19:00'], self::clock($calendar->spans(self::day('2026-03-05'))));
    }

    #[Test]
    public function an_hour_that_the_clock_leaps_over_is_not_worked(): void
    {
        $calendar = self::calendar(
            extra: [[self::at('2026-03-29 01:00'), self::at('2026-03-29 06:00')]],
            leaps: [[self::at('2026-03-29 02:00'), self::at('2026-03-29 03:00')]],
        );
        self::assertSame(['01:00-02:00', '03:00-06:00'], self::clock($calendar->spans(self::day('2026-03-29'))));
    }

    #[Test]
    public function maintenance_of_years_ago_comes_again_on_its_day_and_on_its_machine_only(): void
    {
        $oil = new DowntimeSpan('M2', self::at('2020-01-02 10:00'), self::at('2020-01-02 10:15'), 'oil', 7);
        $calendar = self::calendar(downtimes: [$oil]);
        // 2 January 2020 was a Thursday; 322 weeks later is 5 March 2026.
        self::assertSame(
            ['2026-03-05 10:00', '2026-03-12 10:00', '2026-03-19 10:00', '2026-03-26 10:00'],
            array_values(
                array_filter(
                    array_map(
                        static fn(array $span): string => gmdate('Y-m-d H:i', $span[1]),
                        $calendar->hours('M2')->spans,
                    ),
                    static fn(string $end): bool => str_ends_with($end, '10:00'),
                ),
            ),
        );
        self::assertCount(20 * 2, $calendar->hours('M1')->spans, 'twenty days of two shifts');
        $at = self::at('2026-03-12 10:00');
        self::assertSame('down: oil', Said::of($calendar->reason('M2', $at, $at + 900)));
        self::assertSame('', Said::of($calendar->reason('M1', $at, $at + 900)));
    }

    #[Test]
    public function while_the_only_one_is_away_nothing_is_worked_and_a_helper_adds_hands(): void
    {
        $thursday = self::at('2026-03-05');
        $away = new PresenceSpan(-1, $thursday, $thursday, [4], 13 * 3600, 15 * 3600);
        $helper = new PresenceSpan(1, $thursday, $thursday, [4]);
        $alone = self::calendar(new Staff(1, 2.0), presences: [$away]);
        self::assertContains(
            '12:30-13:00',
            self::clock($alone->hours('M1')->spans),
            'the afternoon is broken off where the only one goes',
        );
        self::assertSame(
            'nobody is in',
            Said::of($alone->reason('M1', self::at('2026-03-05 13:00'), self::at('2026-03-05 15:00'))),
        );
        $two = self::calendar(new Staff(1, 2.0), presences: [$away, $helper]);
        self::assertSame([4, 2], [$two->hands()->at($thursday + 9 * 3600), $two->hands()->at($thursday + 14 * 3600)]);
        self::assertSame(2, $two->people()->at($thursday + 9 * 3600));
    }

    #[Test]
    public function who_is_written_away_twice_is_away_once_and_two_are_two(): void
    {
        $thursday = self::at('2026-03-05');
        $wren = static fn(int $from, int $to): PresenceSpan => new PresenceSpan(
            -1,
            $thursday,
            $thursday,
            [4],
            $from * 3600,
            $to * 3600,
            'Wren',
        );
        $odo = new PresenceSpan(-1, $thursday, $thursday, [4], 14 * 3600, 16 * 3600, 'Odo');
        $calendar = self::calendar(new Staff(3, 2.0), presences: [$wren(13, 15), $wren(9, 14), $odo]);
        $in = static fn(int $hour): int => $calendar->people()->at($thursday + $hour * 3600);
        self::assertSame([3, 2, 2, 1, 2, 3], array_map($in, [8, 10, 13, 14, 15, 16]));
    }

    /**
     * @param array<int, string>    $daysOff
     * @param list<array{int, int}> $extra
     * @param list<PresenceSpan>        $presences
     * @param list<DowntimeSpan>        $downtimes
     * @param list<array{int, int}> $leaps
     */
    private static function calendar(
        Staff $staff = new Staff(2, 1.5),
        array $daysOff = [],
        array $extra = [],
        array $presences = [],
        array $downtimes = [],
        array $leaps = [],
    ): WorkCalendar {
        $usual = array_fill(1, 5, Shifts::read('8-12, 12:30-17')) + [6 => [], 7 => []];

        return new WorkCalendar(
            self::at('2026-03-04 07:30'),
            Week::of(HouseRules::of(), $usual),
            $staff,
            $daysOff,
            $extra,
            $presences,
            $downtimes,
            $leaps,
        );
    }

    private static function at(string $time): int
    {
        return (int) strtotime("{$time} UTC");
    }

    private static function day(string $date): Day
    {
        return Day::at(self::at($date));
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return list<string>
     */
    private static function clock(array $spans): array
    {
        return array_map(
            static fn(array $span): string => gmdate('H:i-', $span[0]).gmdate('H:i', $span[1]),
            $spans,
        );
    }
}
