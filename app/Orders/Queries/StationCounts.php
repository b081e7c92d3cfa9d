<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Foundation\Database\Tally;
use App\Foundation\Database\TurnCache;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The pieces waiting at each station: the navigation shows them. */
final readonly class StationCounts
{
    public const STATIONS = ['orders', 'artwork', 'setup', 'needles', 'plan', 'floor', 'books'];

    public function __construct(private TurnCache $kept) {}

    /** @return array<string, int> station => pieces; for the books, pieces done today */
    public function waiting(): array
    {
        return $this->kept->get('stations', self::count(...), true, CarbonImmutable::now()->format(' d.m.Y'));
    }

    /** @return array<string, int> */
    private static function count(): array
    {
        $done = Tally::done('e');
        $rows = DB::select(
            <<<SQL
            select station, sum(pieces) as pieces from (
                select open.pieces, case
                    when d.artwork_id is null then 'orders'
                    when a.read_at is null or exists (
                        select 1 from artwork_blocks k where k.artwork_id = a.id and k.thread_id is null
                    ) then 'artwork'
                    when b.id is null then 'setup'
                    when b.machine_id is null then 'plan'
                    when exists (
                        select 1 from artwork_blocks k where k.artwork_id = a.id
                        and not exists (
                            select 1 from needles n where n.machine_id = b.machine_id and n.thread_id = k.thread_id
                        )
                    ) then 'needles'
                    else 'floor' end as station
                from (
                    select decoration_id, count(*) as pieces from pieces
                    where state in ('waiting', 'sewing') group by decoration_id
                ) open
                straight_join decorations d on d.id = open.decoration_id
                left join artworks a on a.id = d.artwork_id
                left join batches b on b.decoration_id = d.id
            ) placed group by station
            union all
            select 'books', coalesce({$done}, 0)
            from floor_events e
            where e.recorded_at >= ?
            SQL
            ,
            [CarbonImmutable::today()],
        );

        return [
            ...array_fill_keys(self::STATIONS, 0),
            ...array_map(intval(...), array_column($rows, 'pieces', 'station')),
        ];
    }
}
