<?php

declare(strict_types=1);

namespace App\Books\Learning;

use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** How often thread broke in the last months: by machine and needle, and by thread. */
final readonly class LoggedBreaks
{
    private CarbonImmutable $since;

    public function __construct()
    {
        $this->since = CarbonImmutable::now()->subDays(LoggedWork::DAYS);
    }

    /**
     * By machine; the needle is the one where most broke.
     *
     * @return list<array{machine: string, breaks: int, thousands: float, needle: string}>
     */
    public function byMachine(): array
    {
        $sewn = $this->sewn()
            ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->groupBy('e.machine_id')
            ->select('e.machine_id')
            ->selectRaw('sum(a.stitches) / 1000 as thousands');
        $broke = DB::table('floor_events')
            ->where('kind', EventKind::ThreadBroke->value)
            ->where('recorded_at', '>=', $this->since)
            ->groupBy('machine_id', 'needle')
            ->select('machine_id', 'needle')
            ->selectRaw('count(*) as breaks')
            ->orderByDesc('breaks')
            ->get()
            ->groupBy('machine_id');

        return array_values(
            DB::table('machines as m')
            ->joinSub($sewn, 's', 's.machine_id', '=', 'm.id')
            ->orderBy('m.id')
            ->get(['m.id', 'm.code', 's.thousands'])
            ->map(
                static fn(object $one): array => [
                    'machine' => (string) $one->code,
                    'breaks' => (int) ($broke[$one->id] ?? collect())->sum('breaks'),
                    'thousands' => (float) $one->thousands,
                    'needle' =>
                        (string) (($broke[$one->id] ?? collect())->whereNotNull('needle')->first()->needle ?? ''),
                ],
            )
            ->all(),
        );
    }

    /**
     * A thread is told by the stitch at which it broke; of what is sewn in several hoopings, whose stitches begin anew with
     * each, nothing is said.
     *
     * @return list<array{thread: string, breaks: int, thousands: float}> by thread that broke at least once, as it is called;
     *     all others together as ''
     */
    public function byThread(): array
    {
        $loads = $this->sewn()->groupBy('d.id', 'd.artwork_id')->select('d.id', 'd.artwork_id')->selectRaw('count(*) as n');
        $sewn = DB::query()
            ->fromSub($this->ofOneHooping($loads), 'l')
            ->join('artwork_blocks as k', 'k.artwork_id', '=', 'l.artwork_id')
            ->leftJoin('colourways as w', static fn($on) => $on
                ->on('w.decoration_id', '=', 'l.id')
                ->on('w.number', '=', 'k.number'))
            ->groupByRaw('coalesce(w.thread_id, k.thread_id)')
            ->selectRaw('coalesce(w.thread_id, k.thread_id) as thread_id, sum(l.n * k.stitches) / 1000 as thousands')
            ->get();
        $ends = DB::table('artwork_blocks')
            ->select('artwork_id', 'number', 'thread_id', 'stitches')
            ->selectRaw('sum(stitches) over (partition by artwork_id order by number) as upto');
        $broke = $this->ofOneHooping($this->events(EventKind::ThreadBroke))
            ->joinSub($ends, 'k', static fn($on) => $on->on('k.artwork_id', '=', 'd.artwork_id')
                ->on(DB::raw('greatest(e.stitch, 1)'), '<=', 'k.upto')
                ->on(DB::raw('greatest(e.stitch, 1)'), '>', DB::raw('k.upto - k.stitches')))
            ->leftJoin('colourways as w', static fn($on) => $on
                ->on('w.decoration_id', '=', 'd.id')
                ->on('w.number', '=', 'k.number'))
            ->groupByRaw('coalesce(w.thread_id, k.thread_id)')
            ->selectRaw('coalesce(w.thread_id, k.thread_id) as thread_id, count(*) as breaks')
            ->pluck('breaks', 'thread_id');
        $names = DB::table('threads')->whereIn('id', $broke->keys())->get(['id', 'code', 'name'])->keyBy('id');
        $by = $rest = [];
        foreach ($sewn as $one) {
            $breaks = (int) ($broke[$one->thread_id] ?? 0);
            $name = $names[$one->thread_id] ?? null;
            if ($breaks === 0 || $name === null) {
                $rest[] = (float) $one->thousands;
                continue;
            }
            $by[] = [
                'thread' => trim("{$name->code} {$name->name}"),
                'breaks' => $breaks,
                'thousands' => (float) $one->thousands,
            ];
        }
        usort($by, static fn(array $a, array $b): int => [$b['breaks'], $a['thread']] <=> [$a['breaks'], $b['thread']]);

        return $rest === [] ? $by : [...$by, ['thread' => '', 'breaks' => 0, 'thousands' => array_sum($rest)]];
    }

    private function sewn(): Builder
    {
        return $this->events(EventKind::Sewn);
    }

    private function events(EventKind $kind): Builder
    {
        return DB::table('floor_events as e')
            ->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->where('e.kind', $kind->value)
            ->where('e.recorded_at', '>=', $this->since);
    }

    private function ofOneHooping(Builder $events): Builder
    {
        return $events->whereNotIn(
            'd.id',
            DB::table('setups')->where('hoopings', '>', 1)->select('decoration_id'),
        );
    }
}
