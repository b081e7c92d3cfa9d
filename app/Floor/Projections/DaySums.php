<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Plan\Queries\SewnDays;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Illuminate\Support\Facades\DB;

/** The books of many days, from what is kept of each of them; what came since is counted first. */
final class DaySums implements SewnDays
{
    /** Events that were begun before these and written after them are not missed. */
    private const LOOKED_AT_AGAIN = 500;

    public function entries(CarbonImmutable $from, CarbonImmutable $to): array
    {
        return self::between($from, $to);
    }

    /** @return list<Entry> newest day first */
    public static function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        self::bringUp();
        $rows = DB::table('day_sums as s')
            ->join('machines as m', 'm.id', '=', 's.machine_id')
            ->join('orders as o', 'o.id', '=', 's.order_id')
            ->whereBetween('s.day', [$from->toDateString(), $to->toDateString()])
            ->orderByDesc('s.day')
            ->orderBy('m.code')
            ->orderBy('o.number')
            ->get(['s.day', 'm.code', 'o.number', 's.stitches', 's.done', 's.spoiled', 's.planned_s', 's.real_s']);

        return array_values(
            $rows
                ->map(
                    static fn(object $row): Entry => new Entry(
                        $row->day,
                        $row->code,
                        (string) $row->number,
                        (int) $row->stitches,
                        (int) $row->done,
                        $row->spoiled === '[]' ? [] : json_decode($row->spoiled, true, 8, JSON_THROW_ON_ERROR),
                        (float) $row->planned_s,
                        (float) $row->real_s,
                    ),
                )
                ->all(),
        );
    }

    /** Counts the days anew of which an event was written since. */
    public static function bringUp(): void
    {
        $newest = (int) DB::table('floor_events')->max('seq');
        if ((int) DB::table('day_sums_kept')->value('seq') >= $newest) {
            return;
        }
        DB::transaction(static function (): void {
            DB::table('day_sums_kept')->insertOrIgnore(['id' => 1, 'seq' => 0]);
            $kept = (int) DB::table('day_sums_kept')->lockForUpdate()->value('seq');
            $newest = (int) DB::table('floor_events')->max('seq');
            $days = DB::table('floor_events')
                ->where('seq', '>', $kept - self::LOOKED_AT_AGAIN)
                ->where('seq', '<=', $newest)
                ->distinct()
                ->selectRaw('date('.self::local('recorded_at').') as day')
                ->pluck('day');
            $machines = DB::table('machines')->pluck('id', 'code')->all();
            foreach ($days as $day) {
                self::count(CarbonImmutable::parse($day), $machines);
            }
            DB::table('day_sums_kept')->update(['seq' => $newest]);
        });
    }

    /** Something of a day that was counted already is other now. */
    public static function anew(CarbonImmutable $day): void
    {
        self::count($day->startOfDay(), DB::table('machines')->pluck('id', 'code')->all());
    }

    /**
     * Adds every day up anew. What was kept otherwise is put right.
     *
     * @return list<string> what the kept sums and the events did not agree in; none when they did
     */
    public static function recount(): array
    {
        self::bringUp();
        $said = [];
        $first = DB::table('floor_events')->min('recorded_at');
        $last = DB::table('floor_events')->max('recorded_at');
        $to = $last === null ? CarbonImmutable::today() : Moment::read((string) $last);
        $begins = $first === null ? CarbonImmutable::today() : Moment::read((string) $first);
        for ($day = $begins->startOfMonth(); $day <= $to; $day = $day->addMonth()) {
            $of = static fn(array $entries): array => array_map(
                static fn(Entry $entry): string => json_encode(
                    [
                        ...get_object_vars($entry),
                        'plannedS' => round($entry->plannedS, 3),
                        'realS' => round($entry->realS, 3),
                    ],
                    JSON_THROW_ON_ERROR,
                ),
                $entries,
            );
            $kept = $of(self::between($day, $day->endOfMonth()));
            $counted = $of(Ledger::between($day, $day->endOfMonth()));
            foreach (array_diff($kept, $counted) as $row) {
                $said[] = "kept, not counted: {$row}";
            }
            foreach (array_diff($counted, $kept) as $row) {
                $said[] = "counted, not kept: {$row}";
            }
        }

        if ($said !== []) {
            DB::table('day_sums')->delete();
            DB::table('day_sums_kept')->delete();
            self::bringUp();
        }

        return $said;
    }

    /** Of whatever age. */
    private static function local(string $column): string
    {
        return ShopClock::localSql($column, CarbonImmutable::parse('2000-01-01'), CarbonImmutable::now()->addYear());
    }

    /** @param array<string, int> $machines code => id */
    private static function count(CarbonImmutable $day, array $machines): void
    {
        DB::table('day_sums')->where('day', $day->toDateString())->delete();
        $entries = Ledger::between($day, $day);
        $orders = DB::table('orders')
            ->whereIn('number', array_unique(array_map(static fn(Entry $entry): string => $entry->order, $entries)))
            ->pluck('id', 'number');
        DB::table('day_sums')->insert(
            array_map(
                static fn(Entry $entry): array => [
                    'day' => $day->toDateString(),
                    'machine_id' => $machines[$entry->machine],
                    'order_id' => $orders[$entry->order],
                    'stitches' => $entry->stitches,
                    'done' => $entry->done,
                    'spoiled' => json_encode($entry->spoiled, JSON_THROW_ON_ERROR | JSON_FORCE_OBJECT),
                    'planned_s' => $entry->plannedS,
                    'real_s' => $entry->realS,
                ],
                $entries,
            ),
        );
    }
}
