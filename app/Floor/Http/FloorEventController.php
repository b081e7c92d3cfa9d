<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Actions\AppendEvent;
use App\Floor\Guards\Guards;
use App\Floor\Guards\Touch;
use App\Floor\Guards\TouchRefused;
use App\Floor\Http\Requests\RecordEvent;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Floor\Queries\Stations;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use App\Needles\Models\Needle;
use App\Needles\Models\NeedleFitting;
use App\Plan\BatchBlock;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\Origin;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Machine\NeedleType;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** What the person at the machine touches: every touch is one event. */
final readonly class FloorEventController
{
    public function __construct(private AppendEvent $log, private Stations $stations, private Guards $guards) {}

    public function store(RecordEvent $request, PlanBoard $board, Machine $machine): RedirectResponse|JsonResponse
    {
        $kind = $request->kind();
        if (FloorEvent::query()->where('event_id', $request->eventId())->exists()) {
            return self::back($request, $machine);
        }
        $machine = $board->machines()->firstWhere('id', $machine->id) ?? $machine;
        $station = $this->stations->at($machine, $board);
        $running = $station->running;
        if ($running === null || $running->batch->code !== $request->string('batch')->value()) {
            $message = __('floor.floor_event_controller.this_machine_now_has_another_batch');

            return $request->expectsJson()
                ? new JsonResponse(['message' => $message], 409)
                : redirect()
                    ->route('floor.show', $machine)
                    ->with('problem', __('floor.floor_event_controller.this_is_the_current_one', [
                        'message' => $message,
                    ]));
        }
        $who = $request->who();
        $override = $request->string('override')->trim()->value();
        $touch = new Touch(
            $kind,
            $station,
            $running,
            $request->string('text')->value(),
            $override,
            array_values(array_map(strval(...), $request->array('checked'))),
            $who,
        );
        try {
            $this->guards->check($touch);
        } catch (TouchRefused $e) {
            if (! in_array($e->field, ['checked', 'who'], true)) {
                $request->session()->put('who', $who);
            }
            throw ValidationException::withMessages([$e->field => $e->getMessage()]);
        }
        $request->session()->put('who', $who);
        // Taken off is not counted yet where more of it is to be sewn.
        $kind = $kind === EventKind::PieceDone && ! $running->isLastHooping() ? EventKind::HoopingDone : $kind;

        $batch = Batch::query()->with('decoration.setup.frame')->findOrFail($running->batch->id);
        Transaction::run(function () use ($request, $kind, $machine, $running, $batch, $who, $override): void {
            $run = $running->run;
            // No controller tells how far it is: when it is sewn, all of it is, in the time that went by.
            $isByHand = $kind === EventKind::Sewn && $machine->paired_at === null;
            $this->log->append(
                $machine,
                $batch,
                new Event(
                    id: $request->eventId(),
                    kind: $kind,
                    batch: $batch->id,
                    load: $run->load->number,
                    stitch: $isByHand ? $running->stitches() : $running->stitch,
                    clockS: $isByHand
                        ? FloorLog::sewingS($batch, $run->load->number, $request->at())
                        : $run->load->clockS,
                    pieces: match ($kind) {
                        EventKind::LoadStarted => $running->nextLoad($machine->workingHeads()),
                        EventKind::PieceHooped => $running->hoopedWith($request->integer('piece')),
                        EventKind::PieceSpoiled => $request->spoiled($run->onFrame),
                        EventKind::PieceDone, EventKind::HoopingDone, EventKind::Sewn => $run->onFrame,
                        default => [],
                    },
                    cause: $request->cause(),
                    hooping: $running->hooping(),
                ),
                'hand',
                $who,
                $request->at(),
                $kind === EventKind::LoadStarted ? $override : '',
            );
            if ($kind === EventKind::PreflightDone || $kind === EventKind::PieceDone) {
                FloorLog::confirm(
                    $request->eventId(),
                    $batch,
                    $running->work->codes($kind === EventKind::PreflightDone),
                    $who,
                );
            }
            if ($kind === EventKind::PreflightDone && $batch->decoration->setup !== null) {
                // Confirming the list means the frame is on, and with it its driver; and the needles are those that
                // were wanted.
                $machine->keepDriverTime($batch->decoration->setup->frame->driver->value, $request->driverMinutes());
                $machine->update([
                    'frame_id' => $batch->decoration->setup->frame_id,
                    'driver' => $batch->decoration->setup->frame->driver->value,
                    'program' => ['batch' => $running->batch->code, 'order' => self::order($machine, $running->batch)],
                ]);
                if ($request->origin() !== null && $batch->decoration->artwork_id !== null) {
                    Origin::keep(
                        $batch->decoration->artwork_id,
                        $batch->decoration->setup->frame_id,
                        $machine->id,
                        ...[...$request->origin(), $who],
                    );
                }
                NeedleFitting::record($machine, self::fitted($machine, $running->batch), $request->eventId(), $who);
            }
        });

        return self::back($request, $machine);
    }

    /** To where it was touched: the machine, or the bench. */
    private static function back(RecordEvent $request, Machine $machine): RedirectResponse
    {
        return $request->boolean('at_bench')
            ? redirect()->route('floor.bench')
            : redirect()->route('floor.show', $machine);
    }

    /** @return list<int> the needle of each block on the rack as it stands; 0 where its thread is swapped in at a stop */
    private static function order(Machine $machine, OpenBatch $batch): array
    {
        return array_map(
            static fn(BatchBlock $block): int => $machine->needleWith($block->thread)->number ?? 0,
            $batch->design->blocks,
        );
    }

    /** @return array<int, NeedleType> the needles that a batch sews on, where they were others before */
    private static function fitted(Machine $machine, OpenBatch $batch): array
    {
        $fitted = [];
        foreach ($batch->design->blocks as $block) {
            $needle = $machine->needleWith($block->thread);
            $wants = NeedleType::read($batch->batch->equipment->needle)->withThread($block->weight);
            if ($needle !== null && ! $needle->type()->equals($wants)) {
                $fitted[$needle->number] = $wants;
            }
        }

        return $fitted;
    }
}
