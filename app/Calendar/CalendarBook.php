<?php

declare(strict_types=1);

namespace App\Calendar;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * What is written in the calendar: the usual week, days off, extra hours, downtimes, who is away or in as well. Kept
 * in the cache until one of them changes.
 */
final class CalendarBook
{
    private const KEPT = 'calendar';

    /**
     * @var array{off: array<string, string>, extra: list<array{from: string, to: string, why: string, id: int}>,
     *     down: list<array{machine: string, from: string, to: string, why: string, id: int, every: int|null}>,
     *     week: array<int, string>, presences: list<array{id: int, who: string, people: int, first_day: string,
     *     last_day: string, weekdays: string, from_time: string|null, to_time: string|null}>}|null
     */
    private ?array $rows = null;

    /** Something of it was changed. */
    public static function forget(): void
    {
        Cache::forget(self::KEPT);
    }

    /**
     * @return array<int, string> day of the week, 1 for Monday => its shifts as written; a day that is not here goes
     *     by the house rules
     */
    public function week(): array
    {
        return $this->kept()['week'];
    }

    /** Another week has another sign: a change made looking at an older one is seen as such. */
    public function weekSign(): string
    {
        return substr(
            hash(
                'sha256',
                json_encode(
                    DB::table('week_days')->orderBy('weekday')->pluck('shifts', 'weekday'),
                    JSON_THROW_ON_ERROR,
                ),
            ),
            0,
            12,
        );
    }

    /**
     * @return list<array{from: string, to: string, why: string, id: int}> what is over among them: it is a part of
     *     its day
     */
    public function extraHours(): array
    {
        return $this->kept()['extra'];
    }

    /** @return array<string, string> day => why */
    public function daysOff(): array
    {
        return $this->kept()['off'];
    }

    /**
     * @return list<array{machine: string, from: string, to: string, why: string, id: int, every: int|null}> what is
     *     over among them
     */
    public function downtimes(): array
    {
        return $this->kept()['down'];
    }

    /**
     * What is not over, or comes again.
     *
     * @template T of array{to: string, every?: int|null}
     *
     * @param list<T> $rows extra hours or downtimes
     *
     * @return list<T>
     */
    public static function coming(array $rows): array
    {
        $now = CarbonImmutable::now()->toDateTimeString();

        return array_values(
            array_filter($rows, static fn(array $one): bool => $one['to'] > $now || ($one['every'] ?? null) !== null),
        );
    }

    /** @return list<Presence> that are not over */
    public function presences(): array
    {
        $today = CarbonImmutable::today()->toDateString();

        return array_values(
            array_filter(
                array_map(Presence::of(...), $this->kept()['presences']),
                static fn(Presence $one): bool => $one->lastDay >= $today,
            ),
        );
    }

    /**
     * @return array{off: array<string, string>, extra: list<array{from: string, to: string, why: string, id: int}>,
     *     down: list<array{machine: string, from: string, to: string, why: string, id: int, every: int|null}>,
     *     week: array<int, string>, presences: list<array{id: int, who: string, people: int, first_day: string,
     *     last_day: string, weekdays: string, from_time: string|null, to_time: string|null}>}
     */
    private function kept(): array
    {
        return $this->rows ??= Cache::rememberForever(
            self::KEPT,
            static fn(): array => [
                'off' => DB::table('days_off')->orderBy('day')->pluck('why', 'day')->all(),
                'extra' => array_values(
                    DB::table('extra_hours')
                        ->orderBy('from_at')
                        ->get(['from_at as from', 'to_at as to', 'why', 'id'])
                        ->map(static fn(object $row): array => (array) $row)
                        ->all(),
                ),
                'down' => array_values(
                    DB::table('downtimes as d')
                        ->join('machines as m', 'm.id', '=', 'd.machine_id')
                        ->orderBy('d.from_at')
                        ->get([
                            'm.code as machine',
                            'd.from_at as from',
                            'd.to_at as to',
                            'd.why',
                            'd.id',
                            'd.every_days as every',
                        ])
                        ->map(static fn(object $row): array => (array) $row)
                        ->all(),
                ),
                'week' => DB::table('week_days')->pluck('shifts', 'weekday')->all(),
                'presences' => array_values(
                    DB::table('presences')
                        ->orderBy('first_day')
                        ->orderBy('id')
                        ->get()
                        ->map(static fn(object $row): array => (array) $row)
                        ->all(),
                ),
            ],
        );
    }
}
