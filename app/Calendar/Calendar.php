<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Shop\House;
use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\Calendar\Shifts;
use Hakama\House\HouseRule;

/** When is worked, and by how many, as it follows from what is written in the calendar and from the house rules. */
final class Calendar
{
    /** So many working days are planned ahead. */
    private const DAYS = 20;
    /** So far ahead a working day is looked for. */
    private const FAR = 120;
    private const DAY = 86400;

    /** @var list<array{int, int, int}>|null */
    private ?array $comings = null;
    /** @var list<CarbonImmutable>|null */
    private ?array $days = null;
    /** @var array<string, list<array{int, int}>> day => its spans, once they are asked for */
    private array $spans = [];
    private ?Hours $hours = null;

    public function __construct(private readonly House $house, private readonly CalendarBook $book) {}

    /** No hour of it is worked. */
    public function isOff(CarbonImmutable $day): bool
    {
        return $this->spans($day) === [];
    }

    /**
     * @param list<array{int, int}> $days seconds of local time
     *
     * @return list<string> who is away on one of them, or in as well
     */
    public function said(array $days): array
    {
        $on = array_filter(
            $this->book->presences(),
            static fn(Presence $one): bool => array_filter($days, static function (array $day) use ($one): bool {
                $span = $one->span(ShopClock::time($day[0]));

                return $span !== null && $span[0] < $day[1] && $span[1] > $day[0];
            }) !== [],
        );

        return array_values(array_map(static fn(Presence $one): string => $one->words(), $on));
    }

    /** How many machines can be tended at once, and when that changes because somebody comes or goes. */
    public function hands(): Hands
    {
        return Hands::of(
            (int) $this->house->rules()->value(HouseRule::People),
            $this->house->rules()->value(HouseRule::Tends),
            $this->comings(),
        );
    }

    /** How many people are in, and when that changes. */
    public function people(): Hands
    {
        return Hands::of((int) $this->house->rules()->value(HouseRule::People), 1, $this->comings());
    }

    /** @return list<array{int, int, int}> [from, to) and how many people more or fewer are in then */
    private function comings(): array
    {
        if ($this->comings === null) {
            $this->comings = [];
            $days = $this->days();
            $last = $days === [] ? CarbonImmutable::today() : end($days);
            foreach ($this->book->presences() as $one) {
                for ($day = CarbonImmutable::today(); $day <= $last; $day = $day->addDay()) {
                    $span = $one->span($day);
                    if ($span !== null) {
                        $this->comings[] = [...$span, $one->people];
                    }
                }
            }
        }

        return $this->comings;
    }

    /** The working day that many working days from now: today is the first as long as it is not over. */
    public function day(int $ahead): CarbonImmutable
    {
        $now = ShopClock::now();
        $day = CarbonImmutable::today();
        for ($i = 0; $i < self::FAR; $i++, $day = $day->addDay()) {
            $spans = $this->spans($day);
            if ($spans !== [] && $spans[count($spans) - 1][1] > $now && $ahead-- <= 0) {
                return $day;
            }
        }

        return $day;
    }

    /** @return list<array{int, int}> the working spans of one day, [from, to) seconds of local time */
    public function spans(CarbonImmutable $day): array
    {
        $date = $day->toDateString();
        if (isset($this->spans[$date])) {
            return $this->spans[$date];
        }
        $midnight = ShopClock::seconds($day->startOfDay());
        $spans = isset($this->book->daysOff()[$date])
            ? []
            : array_map(
                static fn(array $span): array => [$midnight + $span[0], $midnight + $span[1]],
                $this->usual($day->dayOfWeekIso),
            );
        foreach ($this->book->extraHours() as $extra) {
            if (str_starts_with($extra['from'], $date)) {
                $spans[] = [
                    ShopClock::seconds(CarbonImmutable::parse($extra['from'])),
                    ShopClock::seconds(CarbonImmutable::parse($extra['to'])),
                ];
            }
        }

        $hours = Hours::of(Shifts::joined($spans));
        $missing = ShopClock::missing($day);

        return $this->spans[$date] = $missing === null ? $hours->spans : $hours->without(...$missing)->spans;
    }

    /**
     * The hours of a day of the week, as the shop has set them, else by the house rules.
     *
     * @param int $weekday 1 for Monday to 7 for Sunday
     *
     * @return list<array{int, int}> [from, to) in seconds of the day
     */
    public function usual(int $weekday): array
    {
        $set = $this->book->week()[$weekday] ?? null;

        return $set === null ? $this->byRule($weekday) : Shifts::read($set);
    }

    /** How many days of the usual week are worked, one at least. */
    public function daysAWeek(): int
    {
        return max(1, count(array_filter(array_map($this->usual(...), range(1, 7)))));
    }

    /** @return list<array{int, int}> Monday to Friday the same day with its break, and the weekend free */
    public function byRule(int $weekday): array
    {
        $rules = $this->house->rules();
        $at = static fn(HouseRule $rule): int => (int) round(3600 * $rules->value($rule));

        return $weekday > 5
            ? []
            : Shifts::joined([
                [$at(HouseRule::DayStarts), $at(HouseRule::BreakStarts)],
                [$at(HouseRule::BreakEnds), $at(HouseRule::DayEnds)],
            ]);
    }

    /**
     * Why nothing is done on a machine from one time to another, where it begins or where it ends; '' for the midday
     * break.
     */
    public function reason(string $machine, int $from, int $to): string
    {
        foreach ([$from, $to - 1] as $at) {
            foreach ($this->down($machine) as [$begins, $ends, $why]) {
                if ($begins <= $at && $at < $ends) {
                    return "down: {$why}";
                }
            }
            foreach ($this->hands()->nobody as [$goes, $comes]) {
                if ($goes <= $at && $at < $comes) {
                    return 'nobody is in';
                }
            }
        }

        return '';
    }

    public function hours(string $machine): Hours
    {
        // A shift that goes on over midnight is one span.
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
     * @return list<array{int, int, string}> [from, to) and why, as far ahead as is planned; what comes again as often
     *     as it does
     */
    private function down(string $machine): array
    {
        $days = $this->days();
        [$today, $last] = [
            ShopClock::seconds(CarbonImmutable::today()),
            $days === [] ? 0 : ShopClock::seconds(end($days)) + self::DAY,
        ];
        $all = [];
        foreach ($this->book->downtimes() as $down) {
            if ($down['machine'] !== $machine) {
                continue;
            }
            [$from, $to] = [
                ShopClock::seconds(CarbonImmutable::parse($down['from'])),
                ShopClock::seconds(CarbonImmutable::parse($down['to'])),
            ];
            $step = self::DAY * (int) $down['every'];
            // Of what has come again since long ago only what is still to come.
            $skipped = $step === 0 ? 0 : $step * max(0, intdiv($today - $to, $step));
            for (
                [$begins, $ends] = [$from + $skipped, $to + $skipped];
                $begins < $last;
                [$begins, $ends] = [$begins + $step, $ends + $step]
            ) {
                $all[] = [$begins, $ends, $down['why']];
                if ($step === 0) {
                    break;
                }
            }
        }

        return $all;
    }

    /** @return list<CarbonImmutable> the working days that are planned ahead */
    private function days(): array
    {
        if ($this->days !== null) {
            return $this->days;
        }
        $days = [];
        for (
            $day = CarbonImmutable::today(), $i = 0;
            count($days) < self::DAYS && $i < self::FAR;
            $day = $day->addDay(), $i++
        ) {
            if (! $this->isOff($day)) {
                $days[] = $day;
            }
        }

        return $this->days = $days;
    }
}
