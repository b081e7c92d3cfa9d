<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\Tally;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpentBobbins;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What the events of the last months say of hooping, spoilage and bobbins, and what is open. */
final class LoggedWork
{
    public const DAYS = 120;
    private const MOST = 3000;
    /** What a hand did between two touches is hooping when it took so many seconds. */
    private const HOOPING_S = [10, 900];
    /** A stand between two batches of so many seconds is a changeover; a longer one was something else too. */
    private const DRIVER_S = [180, 7200];

    /** @var list<array{who: string, garment: string, caps: bool, reckonedS: float, tookS: float}>|null */
    private ?array $hoopings = null;
    /** @var list<array{fabric: string, spoiled: int, pieces: int}>|null */
    private ?array $spoiled = null;

    /**
     * One hooped after another touch of the same person at the same batch: what lies between is hooping. Newest first.
     *
     * @return list<array{who: string, garment: string, caps: bool, reckonedS: float, tookS: float}>
     */
    public function hoopings(): array
    {
        return $this->hoopings ??= self::readHoopings();
    }

    /** @return list<array{who: string, garment: string, caps: bool, reckonedS: float, tookS: float}> */
    private static function readHoopings(): array
    {
        $touches = DB::table('floor_events')
            ->where('who', '!=', '')
            ->where('source', 'hand')
            ->where('recorded_at', '>=', self::since())
            ->select('seq', 'who', 'kind', 'batch_id')
            ->selectRaw(
                'timestampdiff(second, lag(recorded_at) over (partition by who order by seq), recorded_at) as took',
            )
            ->selectRaw('lag(batch_id) over (partition by who order by seq) as batch_before');

        return array_values(
            DB::query()
            ->fromSub($touches, 'e')
            ->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->join('setups as s', 's.decoration_id', '=', 'd.id')
            ->where('e.kind', EventKind::PieceHooped->value)
            ->whereColumn('e.batch_before', 'e.batch_id')
            ->whereBetween('e.took', self::HOOPING_S)
            ->where('s.hoop_s', '>', 0)
            ->orderByDesc('e.seq')
            ->limit(self::MOST)
            ->get(['e.who', 'l.garment', 's.hoop_s', 'e.took'])
            ->map(
                static fn(object $one): array => [
                    'who' => (string) $one->who,
                    'garment' => (string) $one->garment,
                    'caps' => $one->garment === 'cap',
                    'reckonedS' => (float) $one->hoop_s,
                    'tookS' => (float) $one->took,
                ],
            )
            ->all(),
        );
    }

    /**
     * A batch confirmed on another driver than the one before it, on the same day: what lies between the last touch of
     * the one and that is the changeover, cones and all. Newest first.
     *
     * @return list<array{machine: string, from: string, to: string, tookS: float}>
     */
    public function driverChanges(): array
    {
        $touches = DB::table('floor_events')
            ->where('recorded_at', '>=', self::since())
            ->select('seq', 'machine_id', 'kind', 'batch_id', 'recorded_at')
            ->selectRaw('lag(recorded_at) over (partition by machine_id order by seq) as at_before')
            ->selectRaw('lag(batch_id) over (partition by machine_id order by seq) as batch_before');
        $driver = static fn(Builder $query, string $name, string $batch): Builder => $query
            ->join("batches as b{$name}", "b{$name}.id", '=', $batch)
            ->join("setups as s{$name}", "s{$name}.decoration_id", '=', "b{$name}.decoration_id")
            ->join("frames as f{$name}", "f{$name}.id", '=', "s{$name}.frame_id");
        $query = DB::query()
            ->fromSub($touches, 'e')
            ->join('machines as m', 'm.id', '=', 'e.machine_id');

        return array_values(
            $driver($driver($query, '1', 'e.batch_before'), '2', 'e.batch_id')
            ->where('e.kind', EventKind::PreflightDone->value)
            ->whereColumn('f1.driver', '!=', 'f2.driver')
            ->whereRaw(
                'date('.self::local('e.recorded_at').') = date('.self::local('e.at_before').')',
            )
            ->whereRaw('timestampdiff(second, e.at_before, e.recorded_at) between ? and ?', self::DRIVER_S)
            ->orderByDesc('e.seq')
            ->limit(self::MOST)
            ->selectRaw('m.code, f1.driver as was, f2.driver as then_is')
            ->selectRaw('timestampdiff(second, e.at_before, e.recorded_at) as took')
            ->get()
            ->map(
                static fn(object $one): array => [
                    'machine' => (string) $one->code,
                    'from' => (string) $one->was,
                    'to' => (string) $one->then_is,
                    'tookS' => (float) $one->took,
                ],
            )
            ->all(),
        );
    }

    /** @return list<array{fabric: string, spoiled: int, pieces: int}> by cloth */
    public function spoiled(): array
    {
        return $this->spoiled ??= self::readSpoiled();
    }

    /** @return list<array{fabric: string, spoiled: int, pieces: int}> */
    private static function readSpoiled(): array
    {
        return array_values(
            DB::table('floor_events as e')
            ->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->whereIn('e.kind', Tally::kinds())
            ->where('e.recorded_at', '>=', self::since())
            ->groupBy('l.fabric')
            ->orderBy('l.fabric')
            ->select('l.fabric')
            ->selectRaw(Tally::spoiled('e').' as spoiled')
            ->selectRaw(Tally::done('e').' as done')
            ->get()
            ->map(
                static fn(object $one): array => [
                    'fabric' => (string) $one->fabric,
                    // What was taken back may have been told before the first of these days.
                    'spoiled' => max(0, (int) $one->spoiled),
                    'pieces' => max(0, (int) $one->spoiled) + max(0, (int) $one->done),
                ],
            )
            ->all(),
        );
    }

    /** @return list<array{float, float}> sewn length in mm and stitches of each bobbin that was begun whole and ran out */
    public function bobbins(): array
    {
        $blocks = DB::table('artwork_blocks')
            ->groupBy('artwork_id')
            ->select('artwork_id')
            ->selectRaw('sum(length_mm) as length_mm');
        $events = DB::table('floor_events as e')
            ->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->joinSub($blocks, 'k', 'k.artwork_id', '=', 'a.id')
            ->whereIn('e.kind', [
                EventKind::Sewn->value,
                EventKind::BobbinRanOut->value,
                EventKind::BobbinChanged->value,
            ])
            ->where('e.recorded_at', '>=', self::since())
            ->orderBy('e.machine_id')
            ->orderBy('e.seq')
            ->select('e.seq', 'e.machine_id', 'e.kind', 'e.stitch', 'a.stitches', 'k.length_mm');

        return SpentBobbins::of(
            $events->cursor()->map(
                static fn(object $event): array => [
                    'machine' => (int) $event->machine_id,
                    'kind' => EventKind::from((string) $event->kind),
                    'share' => (int) $event->stitch / max(1, (int) $event->stitches),
                    'lengthMm' => (float) $event->length_mm,
                    'stitches' => (int) $event->stitches,
                ],
            ),
        );
    }

    /** @param bool|null $caps only caps, all but caps, or all */
    public function openPieces(?bool $caps): int
    {
        return $this->open()
            ->when($caps !== null, static fn($q) => $q->where('l.garment', $caps === true ? '=' : '!=', 'cap'))
            ->count();
    }

    /** @return array<string, int> cloth => pieces that are still to be sewn on it */
    public function openPiecesByCloth(): array
    {
        return $this->open()
            ->groupBy('l.fabric')
            ->selectRaw('l.fabric, count(*) as pieces')
            ->pluck('pieces', 'fabric')
            ->map(static fn(mixed $pieces): int => (int) $pieces)
            ->all();
    }

    public function openStitches(): int
    {
        return (int) $this->open()->join('artworks as a', 'a.id', '=', 'd.artwork_id')->sum('a.stitches');
    }

    private function open(): Builder
    {
        return DB::table('pieces as p')
            ->join('decorations as d', 'd.id', '=', 'p.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->where('p.state', 'waiting');
    }

    private static function local(string $column): string
    {
        return ShopClock::localSql($column, self::since()->subYear(), CarbonImmutable::now());
    }

    private static function since(): CarbonImmutable
    {
        return CarbonImmutable::now()->subDays(self::DAYS);
    }
}
