<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\FloorEvent;
use App\Plan\Queries\SewnDays;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Floor\EventKind;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The books: what the events of each day come to, by machine and order. */
final class DaySums implements Projection, SewnDays
{
    private const TABLE = 'day_sums';

    public function name(): string
    {
        return 'days';
    }

    public function entries(CarbonImmutable $from, CarbonImmutable $to): array
    {
        return self::between($from, $to);
    }

    /** @return list<Entry> newest day first */
    public static function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $rows = DB::table(self::TABLE.' as s')
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
                        self::causes($row->spoiled),
                        (float) $row->planned_s,
                        (float) $row->real_s,
                    ),
                )
                ->all(),
        );
    }

    public function apply(array $events): void
    {
        self::add($events, 1);
    }

    public function retract(FloorEvent $event): void
    {
        self::add([$event], -1);
        // A day, machine and order of which nothing is told any more stands in no book.
        if (FloorEvent::query()->where('order_id', $event->order_id)->where('machine_id', $event->machine_id)->doesntExist()) {
            DB::table(self::TABLE)
                ->where('order_id', $event->order_id)
                ->where('machine_id', $event->machine_id)
                ->delete();
        }
    }

    public function reset(): void
    {
        DB::table(self::TABLE)->delete();
    }

    public function kept(): array
    {
        return [
            self::TABLE => [
                ['day', 'machine_id', 'order_id'],
                ['stitches', 'done', 'spoiled', 'planned_s', 'real_s'],
            ],
        ];
    }

    /** @param non-empty-list<FloorEvent> $events */
    private static function add(array $events, int $sign): void
    {
        $copies = DB::table('batches as b')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->whereIn('b.id', array_unique(array_map(static fn(FloorEvent $event): int => $event->batch_id, $events)))
            ->pluck('a.copies', 'b.id');
        $sewn = self::firstSewn($events);
        $sums = [];
        foreach ($events as $event) {
            $key = "{$event->recorded_at->toDateString()} {$event->machine_id} {$event->order_id}";
            $sum = $sums[$key] ?? ['stitches' => 0, 'done' => 0, 'spoiled' => [], 'planned_s' => 0.0, 'real_s' => 0.0];
            $sum['stitches'] += $sign * self::stitches($event, (int) ($copies[$event->batch_id] ?? 1), $sewn);
            $sum['done'] += $sign * $event->kind->countsDone() * $event->piece_count;
            $spoiled = $event->kind->countsSpoiled() * $event->piece_count;
            if ($event->cause !== null && $spoiled !== 0) {
                $sum['spoiled'][$event->cause->value] = ($sum['spoiled'][$event->cause->value] ?? 0) + $sign * $spoiled;
            }
            $sum['planned_s'] += $sign * $event->planned_s;
            $sum['real_s'] += $event->kind === EventKind::Sewn ? $sign * $event->clock_s : 0.0;
            $sums[$key] = $sum;
        }
        $rows = [];
        foreach (self::stored(array_keys($sums)) as $key => $row) {
            [$day, $machine, $order] = explode(' ', $key);
            $rows[] = [
                'day' => $day,
                'machine_id' => (int) $machine,
                'order_id' => (int) $order,
                'stitches' => max(0, (int) ($row->stitches ?? 0) + $sums[$key]['stitches']),
                'done' => (int) ($row->done ?? 0) + $sums[$key]['done'],
                'spoiled' => json_encode(
                    self::together($row === null ? [] : self::causes($row->spoiled), $sums[$key]['spoiled']),
                    JSON_THROW_ON_ERROR | JSON_FORCE_OBJECT,
                ),
                'planned_s' => (float) ($row->planned_s ?? 0) + $sums[$key]['planned_s'],
                'real_s' => (float) ($row->real_s ?? 0) + $sums[$key]['real_s'],
            ];
        }
        DB::table(self::TABLE)->upsert($rows, ['day', 'machine_id', 'order_id']);
    }

    /**
     * @param list<string> $keys day, machine, order
     *
     * @return array<string, stdClass|null> what is kept of each
     */
    private static function stored(array $keys): array
    {
        $stored = array_fill_keys($keys, null);
        $days = array_values(array_unique(array_map(static fn(string $key): string => explode(' ', $key)[0], $keys)));
        $orders = array_values(array_unique(array_map(static fn(string $key): int => (int) explode(' ', $key)[2], $keys)));
        foreach (DB::table(self::TABLE)->whereIn('day', $days)->whereIn('order_id', $orders)->get() as $row) {
            $key = "{$row->day} {$row->machine_id} {$row->order_id}";
            if (array_key_exists($key, $stored)) {
                $stored[$key] = $row;
            }
        }

        return $stored;
    }

    /**
     * Of what was sewn, and of what had been sewn of a load that was spoiled before its end.
     *
     * @param array<string, int> $sewn batch and load => the event that says it is sewn
     */
    private static function stitches(FloorEvent $event, int $copies, array $sewn): int
    {
        return match (true) {
            $event->kind === EventKind::Sewn => $event->stitch * CopiesPerFrame::frames($event->piece_count, max(1, $copies)),
            $event->kind === EventKind::PieceSpoiled
                && ($sewn["{$event->batch_id} {$event->load}"] ?? PHP_INT_MAX) > $event->seq => $event->stitch,
            default => 0,
        };
    }

    /**
     * @param non-empty-list<FloorEvent> $events
     *
     * @return array<string, int> batch and load of what was spoiled => the event that says the load is sewn
     */
    private static function firstSewn(array $events): array
    {
        $spoiled = array_filter($events, static fn(FloorEvent $event): bool => $event->kind === EventKind::PieceSpoiled);

        return $spoiled === []
            ? []
            : FloorEvent::query()
                ->where('kind', EventKind::Sewn)
                ->whereIn('batch_id', array_unique(array_map(static fn(FloorEvent $one): int => $one->batch_id, $spoiled)))
                ->whereIn('load', array_unique(array_map(static fn(FloorEvent $one): int => $one->load, $spoiled)))
                ->groupBy('batch_id', 'load')
                ->toBase()
                ->get(['batch_id', 'load', DB::raw('min(seq) as seq')])
                ->mapWithKeys(static fn(object $one): array => ["{$one->batch_id} {$one->load}" => (int) $one->seq])
                ->all();
    }

    /** @return array<string, int> cause => pieces */
    private static function causes(string $kept): array
    {
        /** @var array<string, int> $causes */
        $causes = json_decode($kept, true, 8, JSON_THROW_ON_ERROR);

        return array_map(intval(...), $causes);
    }

    /**
     * @param array<string, int> $some
     * @param array<string, int> $more
     *
     * @return array<string, int> by the names of the causes; what came to nothing is left out
     */
    private static function together(array $some, array $more): array
    {
        foreach ($more as $cause => $pieces) {
            $some[$cause] = ($some[$cause] ?? 0) + $pieces;
        }
        ksort($some);

        return array_filter($some, static fn(int $pieces): bool => $pieces !== 0);
    }
}
