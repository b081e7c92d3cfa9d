<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\Tally;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Books\Sum;
use Illuminate\Support\Facades\DB;

/** The books in one query over the events, as they would be without anything kept: what the sums of days are held against. */
final class LedgerBySql
{
    /** @return list<Entry> newest day first */
    public static function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $day = 'date('.ShopClock::localSql('e.recorded_at', $from->startOfDay(), $to->endOfDay()).')';
        $rows = DB::table('floor_events as e')
            ->join('machines as m', 'm.id', '=', 'e.machine_id')
            ->join('orders as o', 'o.id', '=', 'e.order_id')
            ->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->leftJoin('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->where('e.recorded_at', '>=', $from->startOfDay())
            ->where('e.recorded_at', '<', $to->addDay()->startOfDay())
            ->groupByRaw("{$day}, m.code, o.number, e.cause")
            ->orderByRaw("{$day} desc, m.code, o.number")
            ->selectRaw(
                "{$day} as day, m.code, o.number, e.cause,
                sum(if(e.kind = 'sewn', e.stitch * ceil(e.piece_count / coalesce(a.copies, 1)), 0))
                + sum(if(e.kind = 'piece_spoiled' and not exists (
                    select 1 from floor_events s
                    where s.batch_id = e.batch_id and s.`load` = e.`load` and s.kind = 'sewn' and s.seq < e.seq
                ), e.stitch, 0)) as stitches,
                ".Tally::done('e').' as done, '.Tally::spoiled('e')." as spoiled,
                sum(e.planned_s) as planned_s,
                sum(if(e.kind = 'sewn', e.clock_s, 0)) as real_s",
            )
            ->get();

        $entries = [];
        foreach ($rows as $row) {
            $key = "{$row->day} {$row->code} {$row->number}";
            $entries[$key][] = new Entry(
                $row->day,
                $row->code,
                (string) $row->number,
                (int) $row->stitches,
                (int) $row->done,
                $row->cause === null ? [] : [$row->cause => (int) $row->spoiled],
                (float) $row->planned_s,
                (float) $row->real_s,
            );
        }

        return array_values(
            array_map(
                static fn(array $of): Entry => Sum::of($of[0]->day, $of[0]->machine, $of[0]->order, $of),
                $entries,
            ),
        );
    }
}
