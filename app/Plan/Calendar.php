<?php

declare(strict_types=1);

namespace App\Plan;

use App\Shop\House;
use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Plan\Hands;
use Hakama\Plan\Hours;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** When is worked, and by how many: the house's day and break, days off, extra hours, the times at which a machine is down, and who is away or in as well. Kept in the cache until one of them changes. */
final class Calendar
{
    private const KEPT = 'calendar';
    /** So many working days are planned ahead. */
    private const DAYS = 20;
    /** So far ahead a working day is looked for. */
    private const FAR = 120;

    /** @var array{off: array<string, string>, extra: list<array{from: string, to: string, why: string, id: int}>, down: list<array{machine: string, from: string, to: string, why: string, id: int}>, presences: list<array{id: int, who: string, people: int, first_day: string, last_day: string, weekdays: string, from_time: string|null, to_time: string|null}>}|null */
    private ?array $rows = null;
    private ?Hands $hands = null;

    public function __construct(private readonly House $house) {}

    public static function forget(): void
    {
        Cache::forget(self::KEPT);
    }

    /** No hour of it is worked. */
    public function isOff(CarbonImmutable $day): bool
    {
        return $this->spans($day) === [];
    }

    /** @return list<array{from: string, to: string, why: string, id: int}> that are not over */
    public function extraHours(): array
    {
        $now = CarbonImmutable::now()->toDateTimeString();

        return array_values(array_filter($this->kept()['extra'], static fn(array $one): bool => $one['to'] > $now));
    }

    /** @return array<string, string> day => why */
    public function daysOff(): array
    {
        return $this->kept()['off'];
    }

    /** @return list<array{machine: string, from: string, to: string, why: string, id: int}> that are not over */
    public function downtimes(): array
    {
        $now = CarbonImmutable::now()->toDateTimeString();

        return array_values(array_filter($this->kept()['down'], static fn(array $one): bool => $one['to'] > $now));
    }

    /** @return list<Presence> that are not over */
    public function presences(): array
    {
        $today = CarbonImmutable::today()->toDateString();

        return array_values(array_filter(array_map(Presence::of(...), $this->kept()['presences']), static fn(Presence $one): bool => $one->lastDay >= $today));
    }

    /**
     * @param list<array{int, int}> $days seconds of local time
     *
     * @return list<string> who is away on one of them, or in as well
     */
    public function people(array $days): array
    {
        $on = array_filter($this->presences(), static fn(Presence $one): bool => array_filter($days, static function (array $day) use ($one): bool {
            $span = $one->span(ShopClock::time($day[0]));

            return $span !== null && $span[0] < $day[1] && $span[1] > $day[0];
        }) !== []);

        return array_values(array_map(static fn(Presence $one): string => $one->words(), $on));
    }

    /** How many machines can be tended at once, and when that changes because somebody comes or goes. */
    public function hands(): Hands
    {
        if ($this->hands === null) {
            $changes = [];
            [$today, $days] = [CarbonImmutable::today(), $this->days()];
            foreach ($this->presences() as $one) {
                for ($day = $today; $day <= end($days); $day = $day->addDay()) {
                    $span = $one->span($day);
                    if ($span !== null) {
                        $changes[] = [...$span, $one->people];
                    }
                }
            }
            $rules = $this->house->rules();
            $this->hands = Hands::of((int) $rules->value(HouseRule::People), $rules->value(HouseRule::Tends), $changes);
        }

        return $this->hands;
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
        $rules = $this->house->rules();
        $at = static fn(HouseRule $rule): int => ShopClock::seconds($day->startOfDay()) + (int) round(3600 * $rules->value($rule));

        $spans = $day->isWeekend() || isset($this->kept()['off'][$day->toDateString()]) ? [] : [[$at(HouseRule::DayStarts), $at(HouseRule::BreakStarts)], [$at(HouseRule::BreakEnds), $at(HouseRule::DayEnds)]];
        foreach ($this->kept()['extra'] as $extra) {
            if (str_starts_with($extra['from'], $day->toDateString())) {
                $spans[] = [ShopClock::seconds(CarbonImmutable::parse($extra['from'])), ShopClock::seconds(CarbonImmutable::parse($extra['to']))];
            }
        }
        sort($spans);
        // What overlaps or touches is one span.
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

    /** Why nothing is done on a machine from one time to another, where it begins or where it ends; '' for the midday break. */
    public function reason(string $machine, int $from, int $to): string
    {
        foreach ([$from, $to - 1] as $at) {
            foreach ($this->kept()['down'] as $down) {
                if ($down['machine'] === $machine && ShopClock::seconds(CarbonImmutable::parse($down['from'])) <= $at && $at < ShopClock::seconds(CarbonImmutable::parse($down['to']))) {
                    return "down: {$down['why']}";
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
        $hours = Hours::of(array_merge(...array_map($this->spans(...), $this->days()), ...[[]]));
        foreach ($this->hands()->nobody as $nobody) {
            $hours = $hours->without(...$nobody);
        }
        foreach ($this->kept()['down'] as $down) {
            if ($down['machine'] === $machine) {
                $hours = $hours->without(ShopClock::seconds(CarbonImmutable::parse($down['from'])), ShopClock::seconds(CarbonImmutable::parse($down['to'])));
            }
        }

        return $hours;
    }

    /** @return list<CarbonImmutable> the working days that are planned ahead */
    private function days(): array
    {
        $days = [];
        for ($day = CarbonImmutable::today(), $i = 0; count($days) < self::DAYS && $i < self::FAR; $day = $day->addDay(), $i++) {
            if (! $this->isOff($day)) {
                $days[] = $day;
            }
        }

        return $days;
    }

    /** @return array{off: array<string, string>, extra: list<array{from: string, to: string, why: string, id: int}>, down: list<array{machine: string, from: string, to: string, why: string, id: int}>, presences: list<array{id: int, who: string, people: int, first_day: string, last_day: string, weekdays: string, from_time: string|null, to_time: string|null}>} */
    private function kept(): array
    {
        return $this->rows ??= Cache::rememberForever(self::KEPT, static fn(): array => [
            'off' => DB::table('days_off')->orderBy('day')->pluck('why', 'day')->all(),
            'extra' => array_values(DB::table('extra_hours')->orderBy('from_at')->get(['from_at as from', 'to_at as to', 'why', 'id'])->map(static fn(object $row): array => (array) $row)->all()),
            'down' => array_values(DB::table('downtimes as d')->join('machines as m', 'm.id', '=', 'd.machine_id')->orderBy('d.from_at')->get(['m.code as machine', 'd.from_at as from', 'd.to_at as to', 'd.why', 'd.id'])->map(static fn(object $row): array => (array) $row)->all()),
            'presences' => array_values(DB::table('presences')->orderBy('first_day')->orderBy('id')->get()->map(static fn(object $row): array => (array) $row)->all()),
        ]);
    }
}
