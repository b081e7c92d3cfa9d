<?php

declare(strict_types=1);

namespace App\Floor\Finish;

use App\Floor\Models\Finishing;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Setup\Queries\MachineSetups;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Floor\BypassedStop;
use Hakama\Floor\CheckRules;
use Hakama\Floor\FinishState;
use Hakama\Garment\Fabric;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\WorkStage;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Pieces off the machine that still want hands or eyes, batch by batch, the one that is due first on top. */
final readonly class FinishList
{
    private const MOST = 400;
    private const DAYS = 30;

    /**
     * @param list<array{
     *     batch: Batch, pieces: Collection<int, Piece>, pressed: bool, tasks: list<string>, minutes: float
     * }> $toFinish
     * @param list<array{
     *     batch: Batch, pieces: Collection<int, Piece>, pressed: bool, tasks: list<string>, minutes: float,
     *     wantsPicture: bool
     * }> $toCheck
     * @param list<array{of: string, passed: int, rejected: int, rework: int, good: int}> $rates of late, by what is asked
     */
    private function __construct(public array $toFinish, public array $toCheck, public array $rates) {}

    public static function read(House $house, MachineSetups $setups, BypassedStop $by = BypassedStop::Person): self
    {
        $pieces = Piece::query()
            ->with(['decoration.line.order.customer', 'decoration.artwork'])
            ->whereIn('finish', [FinishState::ToFinish, FinishState::ToCheck, FinishState::Rework])
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();
        $batches = Batch::query()
            ->with('machine')
            ->whereIn('decoration_id', $pieces->pluck('decoration_id')->unique())
            ->get()
            ->keyBy('decoration_id');
        // The first to pass of a batch is what all the others are held against.
        $passed = CheckRules::of($house->rules())->picture
            ? Piece::query()
                ->whereIn('decoration_id', $batches->keys())
                ->where('finish', FinishState::Passed)
                ->distinct()
                ->pluck('decoration_id')
                ->all()
            : $batches->keys()->all();
        $fallback = Machine::query()->orderBy('id')->first();
        [$toFinish, $toCheck] = [[], []];
        foreach ($pieces->groupBy('decoration_id') as $decorationId => $of) {
            $batch = $batches[$decorationId] ?? null;
            if ($batch === null) {
                continue;
            }
            $batch->setRelation('decoration', $of->firstOrFail()->decoration);
            $machine = $batch->machine ?? $fallback;
            $steps = $machine === null ? [] : $setups->on((int) $decorationId, $machine)->steps ?? [];
            $check = $of->where('finish', FinishState::ToCheck)->values();
            $finish = $of->where('finish', '!=', FinishState::ToCheck)->values();
            if ($finish->isNotEmpty()) {
                $toFinish[] = self::row($batch, $finish, $steps, WorkStage::Finish, $house);
            }
            if ($check->isNotEmpty()) {
                $toCheck[] = [
                    ...self::row($batch, $check, $steps, WorkStage::Inspect, $house),
                    'wantsPicture' => ! in_array($decorationId, $passed, true),
                ];
            }
        }
        $byDue = static fn(array $a, array $b): int => $a['batch']->decoration->line->order->due_at <=>
            $b['batch']->decoration->line->order->due_at;
        usort($toFinish, $byDue);
        usort($toCheck, $byDue);

        return new self($toFinish, $toCheck, self::rates($by));
    }

    /**
     * @param Collection<int, Piece> $pieces
     * @param list<Note>             $steps
     *
     * @return array{batch: Batch, pieces: Collection<int, Piece>, pressed: bool, tasks: list<string>, minutes: float}
     */
    private static function row(Batch $batch, Collection $pieces, array $steps, WorkStage $stage, House $house): array
    {
        return [
            'batch' => $batch,
            'pieces' => $pieces,
            'pressed' => $stage === WorkStage::Finish && $batch->decoration->line->isIronedOn(),
            'tasks' => array_values(
                array_map(
                    static fn(Note $step): string => Words::say($step->text),
                    array_filter($steps, static fn(Note $step): bool => $step->stage === $stage),
                ),
            ),
            'minutes' => ($pieces->count() * FinishTimes::of($batch->decoration, $house->rules())) / 60,
        ];
    }

    /**
     * @return list<array{of: string, passed: int, rejected: int, rework: int, good: int}> those that were looked at
     *     most on top
     */
    private static function rates(BypassedStop $by): array
    {
        $of = match ($by) {
            BypassedStop::Person => 'f.sewn_by',
            BypassedStop::Machine => "coalesce(m.code, '')",
            BypassedStop::Cloth => 'f.fabric',
            BypassedStop::Frame => "coalesce(r.code, '')",
        };
        $rows = DB::table('finishings as f')
            ->join('pieces as p', 'p.id', '=', 'f.piece_id')
            ->leftJoin('machines as m', 'm.id', '=', 'f.machine_id')
            ->leftJoin('setups as s', 's.decoration_id', '=', 'p.decoration_id')
            ->leftJoin('frames as r', 'r.id', '=', 's.frame_id')
            ->where('f.done_at', '>=', CarbonImmutable::now()->subDays(self::DAYS))
            ->whereIn('f.kind', [Finishing::PASSED, Finishing::REWORK, Finishing::REJECTED])
            ->groupByRaw($of)
            ->orderByRaw('count(*) desc')
            ->selectRaw(
                "{$of} as `of`, sum(f.kind = 'passed') as passed, sum(f.kind = 'rework') as rework, ".
                "sum(f.kind = 'rejected') as rejected",
            )
            ->get();

        return array_values(
            $rows
                ->map(
                    static fn(object $row): array => [
                        'of' => $by === BypassedStop::Cloth ? Words::say(Fabric::tryFrom($row->of)?->label()) : (string) $row->of,
                        'passed' => (int) $row->passed,
                        'rejected' => (int) $row->rejected,
                        'rework' => (int) $row->rework,
                        'good' => (int) round(
                            (100 * $row->passed) / max(1, $row->passed + $row->rework + $row->rejected),
                        ),
                    ],
                )
                ->all(),
        );
    }
}
