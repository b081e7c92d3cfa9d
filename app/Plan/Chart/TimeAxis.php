<?php

declare(strict_types=1);

namespace App\Plan\Chart;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Dates;
use Carbon\CarbonImmutable;
use Hakama\Calendar\WorkCalendar;

/** Time as the chart draws it: from left to right, nights left out. */
final readonly class TimeAxis
{
    private const HOURS = 3;

    /** @param non-empty-list<array{int, int}> $days [from, to) of what is shown, seconds of local time */
    private function __construct(
        public Zoom $zoom,
        public int $offset,
        public CarbonImmutable $day,
        public array $days,
    ) {}

    /**
     * @param int $offset how many days, weeks or stretches of hours from now
     * @param int $now    seconds of local time
     */
    public static function of(WorkCalendar $calendar, Zoom $zoom, int $offset, int $now): self
    {
        [$day, $days] = self::days($calendar, $zoom, $offset, $now);

        return new self($zoom, $offset, $day, $days);
    }

    /** Nights take no room: what lies in one is drawn at its edge. */
    public function x(int $time): float
    {
        $before = $length = 0;
        foreach ($this->days as [$from, $to]) {
            $length += $to - $from;
            $before += $time <= $from ? 0 : ($time < $to ? $time : $to) - $from;
        }

        return ChartMeasures::LEFT + ((ChartMeasures::WIDTH - ChartMeasures::LEFT) * $before) / max(1, $length);
    }

    /** @return list<array{float, string, bool}> x, what is written there, and whether a day begins */
    public function ticks(): array
    {
        $step = match ($this->zoom) {
            Zoom::Hour => 900,
            Zoom::Day => 3600,
            Zoom::Week => 4 * 3600,
        };
        $ticks = [];
        foreach ($this->days as [$from, $to]) {
            for ($t = (int) ceil($from / $step) * $step; $t <= $to; $t += $step) {
                if ($this->zoom !== Zoom::Week || $t < $to) {
                    $ticks[] = [$this->x($t), Dates::time(ShopClock::time($t)), false];
                }
            }
            if ($this->zoom === Zoom::Week) {
                $ticks[] = [$this->x($from), Dates::day(ShopClock::time($from)), true];
            }
        }

        return $ticks;
    }

    public function title(): string
    {
        return match ($this->zoom) {
            Zoom::Week => __('plan.time_axis.week_from', ['day' => Dates::longDay($this->day)]),
            Zoom::Day => $this->day->isToday()
                ? __('plan.time_axis.today', ['day' => Dates::longDay($this->day)])
                : Dates::longDay($this->day),
            Zoom::Hour => __('plan.time_axis.hours', [
                'day' => Dates::day($this->day),
                'from' => Dates::time(ShopClock::time($this->days[0][0])),
                'to' => Dates::time(ShopClock::time($this->days[0][1])),
            ]),
        };
    }

    public function from(): int
    {
        return $this->days[0][0];
    }

    public function to(): int
    {
        return $this->days[count($this->days) - 1][1];
    }

    public function shows(int $from, int $to): bool
    {
        return array_filter($this->days, static fn(array $day): bool => $to > $day[0] && $from < $day[1]) !== [];
    }

    /** Whether a moment lies in what is shown, not in a night. */
    public function has(int $time): bool
    {
        return array_filter($this->days, static fn(array $day): bool => $time >= $day[0] && $time <= $day[1]) !== [];
    }

    /** @return array{CarbonImmutable, non-empty-list<array{int, int}>} */
    private static function days(WorkCalendar $calendar, Zoom $zoom, int $offset, int $now): array
    {
        $whole = static function (int $ahead) use ($calendar): array {
            $spans = $calendar->spans($calendar->day($ahead));

            return $spans === [] ? [0, 1] : [$spans[0][0], $spans[count($spans) - 1][1]];
        };
        if ($zoom === Zoom::Week) {
            $long = $calendar->week->workingDays();
            $first = $offset * $long;

            return [
                ShopClock::time($calendar->day($first)->midnight),
                array_map($whole, range($first, $first + $long - 1)),
            ];
        }
        if ($zoom === Zoom::Day) {
            return [ShopClock::time($calendar->day($offset)->midnight), [$whole($offset)]];
        }
        // A few hours from the one that is running; what does not fit into today goes on in the next day.
        [$from, $to] = $whole(0);
        $starts = max($from, intdiv($now, 3600) * 3600) + $offset * self::HOURS * 3600;
        $day = 0;
        while ($starts >= $to && $day < 15) {
            $over = $starts - $to;
            [$from, $to] = $whole(++$day);
            $starts = $from + $over;
        }

        return [ShopClock::time($calendar->day($day)->midnight), [[$starts, min($to, $starts + self::HOURS * 3600)]]];
    }
}
