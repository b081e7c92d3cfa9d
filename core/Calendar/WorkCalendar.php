<?php

declare(strict_types=1);

namespace Hakama\Calendar;

use Hakama\Words\Text;

/**
 * When is worked, and by how many: the usual week without the days off, with extra hours, without the times when
 * nobody is in or a machine is down. All times are seconds of local time.
 */
final class WorkCalendar
{
    /** So many working days are planned ahead. */
    private const DAYS = 20;
    /** So many days ahead a working day is looked for. */
    private const FAR = 120;

    /** @var list<Day>|null */
    private ?array $days = null;
    /** @var array<int, list<array{int, int}>> midnight => its spans, once they are asked for */
    private array $spans = [];
    /** @var array<string, list<array{int, int, int}>>|null */
    private ?array $times = null;
    private ?Hours $hours = null;

    /**
     * @param array<int, mixed>     $daysOff   midnight => anything
     * @param list<array{int, int}> $extra     hours worked beside the usual ones, [from, to), each within a day
     * @param list<PresenceSpan>        $presences
     * @param list<DowntimeSpan>        $downtimes
     * @param list<array{int, int}> $leaps     [from, to) that the wall clock leaps over: nobody works in it
     */
    public function __construct(
        private readonly int $now,
        public readonly Week $week,
        private readonly Staff $staff,
        private readonly array $daysOff = [],
        private readonly array $extra = [],
        private readonly array $presences = [],
        private readonly array $downtimes = [],
        private readonly array $leaps = [],
    ) {}

    /** @return list<array{int, int}> the working spans of one day, [from, to) */
    public function spans(Day $day): array
    {
        return $this->spans[$day->midnight] ??= $this->worked($day);
    }

    /** The working day that many working days from now: today is the first as long as it is not over. */
    public function day(int $ahead): Day
    {
        $day = Day::at($this->now);
        for ($i = 0; $i < self::FAR; $i++, $day = $day->next()) {
            $spans = $this->spans($day);
            if ($spans !== [] && $spans[count($spans) - 1][1] > $this->now && $ahead-- <= 0) {
                return $day;
            }
        }

        return $day;
    }

    /** How many machines can be tended at once, and when that changes because somebody comes or goes. */
    public function hands(): Hands
    {
        return Hands::of($this->staff->people, $this->staff->tends, $this->changes());
    }

    /** How many people are in, and when that changes. */
    public function people(): Hands
    {
        return Hands::of($this->staff->people, 1, $this->changes());
    }

    /**
     * How many machines some people can tend at once, and when that changes because one of them is away. They have what
     * they tend through nights and breaks.
     *
     * @param list<string> $who
     */
    public function able(array $who): Hands
    {
        $changes = array_map(fn(string $name): array => $this->times()[mb_strtolower($name).' -1'] ?? [], $who);

        return Hands::able(count($who), $this->staff->tends, array_merge(...$changes, ...[[]]));
    }

    /** When a machine may be worked on. A shift that goes on over midnight is one span. */
    public function hours(string $machine): Hours
    {
        $this->hours ??= array_reduce(
            $this->hands()->nobody,
            static fn(Hours $hours, array $nobody): Hours => $hours->without(...$nobody),
            Hours::of(Shifts::joined(array_merge(...array_map($this->spans(...), $this->days()), ...[[]]))),
        );
        $hours = $this->hours;
        foreach ($this->down($machine) as [$from, $to]) {
            $hours = $hours->without($from, $to);
        }

        return $hours;
    }

    /**
     * Why nothing is done on a machine from one time to another, where it begins or where it ends; '' for the midday
     * break.
     */
    public function reason(string $machine, int $from, int $to): Text|string
    {
        $within = static fn(int $at, int $begins, int $ends): bool => $begins <= $at && $at < $ends;
        foreach ([$from, $to - 1] as $at) {
            foreach ($this->down($machine) as [$begins, $ends, $why]) {
                if ($within($at, $begins, $ends)) {
                    return new Text('plan.chart.is_down', ['why' => $why]);
                }
            }
            foreach ($this->hands()->nobody as [$goes, $comes]) {
                if ($within($at, $goes, $comes)) {
                    return new Text('plan.chart.nobody_in');
                }
            }
        }

        return '';
    }

    /** @return list<array{int, int}> */
    private function worked(Day $day): array
    {
        $usual = isset($this->daysOff[$day->midnight])
            ? []
            : array_map(
                static fn(array $span): array => [$day->midnight + $span[0], $day->midnight + $span[1]],
                $this->week->shifts($day->weekday()),
            );

        return array_reduce(
            self::on($day, $this->leaps),
            static fn(Hours $hours, array $leap): Hours => $hours->without(...$leap),
            Hours::of(Shifts::joined([...$usual, ...self::on($day, $this->extra)])),
        )->spans;
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return list<array{int, int}> those that begin on the day
     */
    private static function on(Day $day, array $spans): array
    {
        return array_values(
            array_filter($spans, static fn(array $span): bool => Day::at($span[0])->midnight === $day->midnight),
        );
    }

    /** @return list<array{int, int, int}> [from, to) and how many people more or fewer are in then */
    private function changes(): array
    {
        return array_merge(...array_values($this->times()), ...[[]]);
    }

    /** @return array<string, list<array{int, int, int}>> who, and whether they are away or in as well => when */
    private function times(): array
    {
        if ($this->times !== null) {
            return $this->times;
        }
        $days = $this->days();
        $last = $days === [] ? Day::at($this->now) : end($days);
        $spans = [];
        foreach ($this->presences as $i => $one) {
            $of = mb_strtolower($one->who === '' ? "nobody’s {$i}" : $one->who).' '.$one->people;
            for ($day = Day::at($this->now); $day->midnight <= $last->midnight; $day = $day->next()) {
                $span = $one->span($day);
                if ($span !== null) {
                    $spans[$of][] = [...$span, $one->people];
                }
            }
        }
        // Whoever is away is away once, however often it is written.
        $this->times = array_map(self::once(...), $spans);

        return $this->times;
    }

    /**
     * @param list<array{int, int, int}> $spans of one person
     *
     * @return list<array{int, int, int}> the same time in spans that do not overlap
     */
    private static function once(array $spans): array
    {
        usort($spans, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $once = [];
        foreach ($spans as $span) {
            $before = array_key_last($once);
            if ($before !== null && $span[0] <= $once[$before][1]) {
                $once[$before][1] = max($once[$before][1], $span[1]);
            } else {
                $once[] = $span;
            }
        }

        return $once;
    }

    /** @return list<array{int, int, string}> [from, to) and why, as far ahead as is planned */
    private function down(string $machine): array
    {
        $days = $this->days();
        $until = $days === [] ? 0 : end($days)->next()->midnight;
        $all = [];
        foreach ($this->downtimes as $down) {
            if ($down->machine === $machine) {
                foreach ($down->times(Day::at($this->now)->midnight, $until) as [$from, $to]) {
                    $all[] = [$from, $to, $down->why];
                }
            }
        }

        return $all;
    }

    /** @return list<Day> the working days that are planned ahead */
    private function days(): array
    {
        if ($this->days !== null) {
            return $this->days;
        }
        $days = [];
        $day = Day::at($this->now);
        for ($i = 0; count($days) < self::DAYS && $i < self::FAR; $i++, $day = $day->next()) {
            if ($this->spans($day) !== []) {
                $days[] = $day;
            }
        }

        return $this->days = $days;
    }
}
