<?php

declare(strict_types=1);

namespace App\Plan;

use App\Shop\House;
use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Plan\Hours;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** When is worked: the house's day and break, days off, extra hours, and the times at which a machine is down. Kept in the cache until one of them changes. */
final class Calendar
{
    private const KEPT = 'calendar';
    /** So many working days are planned ahead. */
    private const DAYS = 20;
    /** So far ahead a working day is looked for. */
    private const FAR = 120;

    /** @var array{off: array<string, string>, extra: list<array{from: string, to: string, why: string, id: int}>, down: list<array{machine: string, from: string, to: string, why: string, id: int}>}|null */
    private ?array $rows = null;

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

    /** Why nothing is done on a machine at a time; '' for the midday break. */
    public function reason(string $machine, int $at): string
    {
        foreach ($this->kept()['down'] as $down) {
            if ($down['machine'] === $machine && ShopClock::seconds(CarbonImmutable::parse($down['from'])) <= $at && $at < ShopClock::seconds(CarbonImmutable::parse($down['to']))) {
                return $down['why'];
            }
        }

        return '';
    }

    public function hours(string $machine): Hours
    {
        $spans = [];
        $days = 0;
        for ($day = CarbonImmutable::today(), $i = 0; $days < self::DAYS && $i < self::FAR; $day = $day->addDay(), $i++) {
            $of = $this->spans($day);
            $days += $of === [] ? 0 : 1;
            array_push($spans, ...$of);
        }
        $hours = Hours::of($spans);
        foreach ($this->kept()['down'] as $down) {
            if ($down['machine'] === $machine) {
                $hours = $hours->without(ShopClock::seconds(CarbonImmutable::parse($down['from'])), ShopClock::seconds(CarbonImmutable::parse($down['to'])));
            }
        }

        return $hours;
    }

    /** @return array{off: array<string, string>, extra: list<array{from: string, to: string, why: string, id: int}>, down: list<array{machine: string, from: string, to: string, why: string, id: int}>} */
    private function kept(): array
    {
        return $this->rows ??= Cache::rememberForever(self::KEPT, static fn(): array => [
            'off' => DB::table('days_off')->orderBy('day')->pluck('why', 'day')->all(),
            'extra' => array_values(DB::table('extra_hours')->orderBy('from_at')->get(['from_at as from', 'to_at as to', 'why', 'id'])->map(static fn(object $row): array => (array) $row)->all()),
            'down' => array_values(DB::table('downtimes as d')->join('machines as m', 'm.id', '=', 'd.machine_id')->orderBy('d.from_at')->get(['m.code as machine', 'd.from_at as from', 'd.to_at as to', 'd.why', 'd.id'])->map(static fn(object $row): array => (array) $row)->all()),
        ]);
    }
}
