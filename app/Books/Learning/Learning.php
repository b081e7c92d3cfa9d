<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Setup\Events\FactorLearned;
use App\Setup\Models\LearnedFactor;
use App\Setup\Models\Setup;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Books\TimeFactor;
use Hakama\Garment\Fabric;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What the log says of the times that are reckoned: offered, taken or left, never silent, and taken back. */
final readonly class Learning
{
    /** A load that stood longer than this tells nothing of how fast it sews. */
    private const CLEAN_S = 600;
    private const DAYS = 120;

    /** @return list<Suggestion> of every machine and cloth of which something is logged, or was taken */
    public function offers(): array
    {
        $rows = DB::table('floor_events as e')
            ->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->leftJoin('learned_factors as f', static function ($join): void {
                $join->on('f.machine_id', '=', 'e.machine_id')->on('f.fabric', '=', 'l.fabric');
            })
            ->joinSub(
                DB::table('floor_events')
                    ->where('kind', 'load_started')
                    ->where('recorded_at', '>=', CarbonImmutable::now()->subDays(self::DAYS))
                    ->groupBy('batch_id', 'load')
                    ->select('batch_id', 'load')
                    ->selectRaw('max(recorded_at) as started_at'),
                's',
                static fn($join) => $join->on('s.batch_id', '=', 'e.batch_id')->on('s.load', '=', 'e.load'),
            )
            ->where('e.kind', 'sewn')
            ->where('e.recorded_at', '>=', CarbonImmutable::now()->subDays(self::DAYS))
            ->where('e.planned_s', '>', 0)
            ->where('e.clock_s', '>', 0)
            ->where(static fn($of) => $of->whereNull('f.since')->orWhereColumn('e.recorded_at', '>', 'f.since'))
            ->whereRaw('timestampdiff(second, s.started_at, e.recorded_at) - e.clock_s <= ?', [self::CLEAN_S])
            ->orderByDesc('e.seq')
            ->limit(5000)
            ->get(['e.machine_id', 'l.fabric', 'e.planned_s', 'e.clock_s']);
        $logged = [];
        foreach ($rows as $row) {
            $logged[$row->machine_id][$row->fabric][] = [(float) $row->planned_s, (float) $row->clock_s];
        }
        $kept = LearnedFactor::query()
            ->get()
            ->keyBy(static fn(LearnedFactor $one): string => "{$one->machine_id} {$one->fabric->value}");
        // What is in force can be taken back, also as long as nothing was sewn by it.
        foreach ($kept->where('factor', '!=', 1.0) as $one) {
            $logged[$one->machine_id][$one->fabric->value] ??= [];
        }
        $machines = Machine::query()->findMany(array_keys($logged))->keyBy('id');
        $offers = [];
        foreach ($logged as $machineId => $fabrics) {
            foreach ($fabrics as $fabric => $loads) {
                $learned = TimeFactor::of($loads);
                $now = $kept["{$machineId} {$fabric}"] ?? null;
                if (($learned !== null || $loads === []) && isset($machines[$machineId])) {
                    $offers[] = new Suggestion(
                        $machines[$machineId],
                        Fabric::from((string) $fabric),
                        $learned,
                        $now->factor ?? 1.0,
                        $now?->left_factor,
                        TimeFactor::hasShifted(array_map(static fn(array $one): float => $one[1] / $one[0], $loads)),
                    );
                }
            }
        }
        usort(
            $offers,
            static fn(Suggestion $a, Suggestion $b): int => [$b->isOffered(), $a->machine->code, $a->fabric->value] <=> [
                $a->isOffered(),
                $b->machine->code,
                $b->fabric->value,
            ],
        );

        return $offers;
    }

    /**
     * What open batches would change by, minutes of sewing.
     *
     * @param list<Suggestion> $offers
     *
     * @return list<array{int, float}> for each of them batches, and minutes more or less
     */
    public static function brings(array $offers): array
    {
        $open = array_filter($offers, static fn(Suggestion $offer): bool => $offer->isOffered()) === [] ? [] : self::open();

        return array_map(static function (Suggestion $offer) use ($open): array {
            $minutes = 0.0;
            $batches = 0;
            foreach ($offer->isOffered() ? $open : [] as $setup) {
                $decoration = $setup->decoration;
                if (
                    $decoration->line->fabric === $offer->fabric
                    && $decoration->batch?->machine_id === $offer->machine->id
                ) {
                    $batches++;
                    $waiting = (int) $decoration->getAttribute('waiting');
                    $loads = CopiesPerFrame::frames($waiting, $offer->machine->workingHeads() * ($decoration->artwork->copies ?? 1));
                    $sewS = $setup->seconds()[$offer->machine->id] ?? 0;
                    $minutes += ($loads * $sewS * ($offer->offered() / $offer->inForce - 1)) / 60;
                }
            }

            return [$batches, $minutes];
        }, $offers);
    }

    /** @return Collection<int, Setup> of what has pieces that wait */
    private static function open(): Collection
    {
        $waiting = DB::table('pieces')->where('state', 'waiting')->distinct()->pluck('decoration_id');

        return Setup::query()
            ->whereIn('decoration_id', $waiting)
            ->with([
                'times',
                'decoration.artwork',
                'decoration.batch',
                'decoration.line',
                'decoration' => static fn($of) => $of->withCount([
                    'pieces as waiting' => static fn(Builder $pieces): Builder => $pieces->where('state', 'waiting'),
                ]),
            ])
            ->get();
    }

    public function take(Machine $machine, Fabric $fabric, float $factor, string $who): void
    {
        $this->set($machine, $fabric, $factor, $who, __('books.learning.measured_figure_used'));
    }

    /** As it was reckoned before anything was learned. */
    public function takeBack(Machine $machine, Fabric $fabric, string $who): void
    {
        $this->set($machine, $fabric, 1.0, $who, __('books.learning.undone'));
    }

    public function leave(Machine $machine, Fabric $fabric, float $offered, string $who): void
    {
        LearnedFactor::query()->updateOrCreate(
            ['machine_id' => $machine->id, 'fabric' => $fabric->value],
            ['left_factor' => $offered, 'who' => mb_substr($who, 0, 40)],
        );
    }

    private function set(Machine $machine, Fabric $fabric, float $factor, string $who, string $what): void
    {
        Transaction::run(function () use ($machine, $fabric, $factor, $who, $what): void {
            $kept = LearnedFactor::query()->firstOrNew(['machine_id' => $machine->id, 'fabric' => $fabric->value]);
            $before = $kept->exists ? $kept->factor : 1.0;
            $kept
                ->fill([
                    'factor' => $factor,
                    'left_factor' => null,
                    'who' => mb_substr($who, 0, 40),
                    'since' => CarbonImmutable::now(),
                ])
                ->save();
            FactorLearned::dispatch();
            ChangeLog::note(
                Change::RULE,
                $machine->code,
                __('books.learning.sewing_time_on', ['fabric' => Words::say($fabric->label()), 'what' => $what]),
                ['factor' => $before],
                ['factor' => $factor],
            );
        });
    }
}
