<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Floor\Log\FloorLog;
use App\Floor\Models\BatchProgress;
use App\Floor\Models\FloorEvent;
use App\Floor\Models\MachineReading;
use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Words;
use App\Orders\Models\Piece;
use App\Orders\Names\NamedPiece;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use Carbon\CarbonImmutable;
use Hakama\Floor\Act;
use Hakama\Floor\Acts;
use Hakama\Floor\BatchRun;
use Hakama\Floor\FinishState;
use Hakama\Floor\FramesNow;
use Hakama\Floor\HandTimes;
use Hakama\Floor\MachineNow;
use Hakama\Floor\Shares;
use Hakama\Floor\Stage;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\CopiesPerFrame;
use Hakama\Needles\ConeChange;
use Hakama\Setup\Backing\Backing;

/**
 * All machines at once, to be read from across the room; and what hands are wanted for, in the order that keeps them
 * sewing. It asks the database as often for twelve machines as for one.
 */
final readonly class Board
{
    /** Who was at a machine within these hours is taken to be there still. */
    private const THERE_H = 10;

    /**
     * @param list<BoardRow>           $rows
     * @param list<Act>                $acts
     * @param array<string, list<Act>> $shares person => what falls to them; nobody where nobody has said who is there
     */
    private function __construct(public array $rows, public array $acts, public array $shares) {}

    public static function of(PlanBoard $board, HouseRules $rules): self
    {
        $next = self::prepare($board);
        $open = [];
        foreach ($board->machines() as $machine) {
            $code = $board->sequence()->on($machine->code)[0] ?? null;
            $open[$machine->code] = $code === null ? null : $board->batches()[$code] ?? null;
        }
        $runs = self::runs(array_values(array_filter($open)));
        $stitches = NamedPiece::stitches(
            array_merge(...array_map(static fn(BatchRun $run): array => $run->onFrame, array_values($runs))),
        );
        $readings = MachineReading::query()->get()->keyBy('machine_id');
        $free = FloorLog::freeFrames();
        $ends = [];
        foreach ($board->timetable()->placed as $one) {
            $ends[$one->batch->id] = ShopClock::time($one->end());
        }
        $rows = [];
        foreach ($board->machines() as $machine) {
            $batch = $open[$machine->code];
            $run = $batch === null ? null : $runs[$batch->id];
            $end = $batch === null ? null : $ends[$batch->code] ?? null;
            $rows[] = new BoardRow(
                $machine,
                $batch,
                $run,
                $batch === null || $run === null
                    ? null
                    : self::now(
                        $machine->code,
                        $batch,
                        $run,
                        self::sewn($run, $readings[$machine->id] ?? null),
                        $stitches[$run->onFrame[0] ?? 0] ?? intdiv($batch->design->stitches, $batch->setup->hoopings),
                        $batch->design->named ? 1 : $machine->workingHeads(),
                        $free[$batch->batch->equipment->frame] ?? 0,
                        $end,
                        ...$next[$machine->code] ?? ['', 0.0],
                    ),
                $end,
            );
        }
        $acts = [
            ...Acts::of(
                array_values(array_filter(array_map(static fn(BoardRow $row): ?MachineNow => $row->now, $rows))),
                HandTimes::of($rules),
            ),
            ...self::finish($rules),
        ];
        $stands = self::stands();

        return new self(
            array_map(static fn(BoardRow $row): BoardRow => $row->withNext($acts), $rows),
            $acts,
            $stands === [] ? [] : Shares::of($acts, array_keys($stands), $stands),
        );
    }

    /** @return array<string, string> who was at a machine of late => the machine each was at last */
    private static function stands(): array
    {
        return FloorEvent::query()
            ->join('machines as m', 'm.id', '=', 'floor_events.machine_id')
            ->where('who', '!=', '')
            ->where('recorded_at', '>=', CarbonImmutable::now()->subHours(self::THERE_H))
            ->orderBy('seq')
            ->toBase()
            ->pluck('m.code', 'who')
            ->map(strval(...))
            ->sortKeys()
            ->all();
    }

    /** @return list<Act> pieces off the machines, once nothing at a machine is wanted */
    private static function finish(HouseRules $rules): array
    {
        $pieces = Piece::query()->where('finish', FinishState::ToFinish)->count();

        return $pieces === 0
            ? []
            : [
                new Act(
                    '',
                    __('floor.board.finish_pieces', ['pieces' => $pieces]),
                    false,
                    INF,
                    __('floor.board.no_machine_is_waiting_for_it'),
                    $pieces * $rules->value(HouseRule::FinishTime),
                ),
            ];
    }

    /** @return array<string, array{string, float}> machine => what the batch after the one it is at wants, and seconds for it */
    private static function prepare(PlanBoard $board): array
    {
        $next = [];
        foreach ($board->machines() as $machine) {
            $placed = $board->timetable()->on($machine->code)[1] ?? null;
            if ($placed === null) {
                continue;
            }
            $batch = $board->batches()[$placed->batch->id];
            $cones = array_values(
                array_unique(array_map(static fn(ConeChange $one): string => $one->to, $placed->changes->cones->load)),
            );
            $wants = [
                ...$cones === [] ? [] : [__('floor.board.fetch', ['cones' => implode(', ', $cones)])],
                ...$placed->changes->driver
                    ? [
                        __('floor.board.the_driver', [
                            'driver' => Words::say(
                                $board->frames()->firstWhere('code', $placed->batch->equipment->frame)?->driver->label(),
                            ),
                        ]),
                    ]
                    : [],
                ...$placed->changes->frame ? [__('floor.board.the_frame', ['frame' => $placed->batch->equipment->frame])] : [],
                __('floor.board.cut', [
                    'backing' => Words::say(Backing::tryFrom($batch->setup->backing)?->label() ?? $batch->setup->backing),
                    'pieces' => $batch->batch->pieces,
                ]),
            ];
            $next[$machine->code] = [
                __('floor.board.for_batch', ['code' => $batch->code, 'wants' => implode('; ', $wants)]),
                (float) $placed->changeoverS];
        }

        return $next;
    }

    /**
     * @param list<OpenBatch> $batches
     *
     * @return array<int, BatchRun> by batch
     */
    private static function runs(array $batches): array
    {
        $kept = BatchProgress::query()->findMany(array_column($batches, 'id'))->keyBy('batch_id');
        $runs = [];
        foreach ($batches as $batch) {
            $runs[$batch->id] = match (true) {
                isset($kept[$batch->id]) => $kept[$batch->id]->toCore($batch->pieces),
                // A shop of an earlier version has kept nothing yet.
                $batch->started => FloorLog::run(
                    (new Batch())->forceFill(['id' => $batch->id, 'decoration_id' => $batch->decorationId]),
                    $batch->pieces,
                ),
                default => BatchRun::start($batch->pieces),
            };
        }

        return $runs;
    }

    /** How far a load is: by the last reading, where that is of this load. */
    private static function sewn(BatchRun $run, ?MachineReading $reading): int
    {
        return $reading !== null && $reading->load_event === $run->load->event
            ? max($run->load->stitch, $reading->stitch)
            : $run->load->stitch;
    }

    private static function now(
        string $machine,
        OpenBatch $open,
        BatchRun $run,
        int $sewn,
        int $stitches,
        int $heads,
        int $free,
        ?CarbonImmutable $ends,
        string $prepare,
        float $prepareS,
    ): MachineNow {
        $sewS = (float) ($open->batch->sewing->sewS[$machine] ?? 0);

        return new MachineNow(
            $machine,
            $run->stage,
            $run->load->haltedBy,
            $run->stage === Stage::Sewing && $stitches > 0 ? max(0.0, $sewS * (1 - $sewn / $stitches)) : 0.0,
            new FramesNow(
                CopiesPerFrame::frames(count($run->hooped), $open->copies),
                $heads,
                max(0, $open->batch->pieces - CopiesPerFrame::frames(count($run->onFrame), $open->copies)),
                max(0, $free),
                (float) $open->batch->sewing->hoopS,
            ),
            $ends === null ? 0.0 : max(0.0, $open->order->dueAt()->diffInMinutes($ends, false)),
            $prepare,
            $prepareS,
        );
    }
}
