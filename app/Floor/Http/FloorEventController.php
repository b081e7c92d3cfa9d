<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Http\Requests\RecordEvent;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Floor\Queries\Running;
use App\Floor\Queries\Station;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use App\Needles\Models\Needle;
use App\Needles\Models\NeedleFitting;
use App\Plan\BatchBlock;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\Origin;
use App\Shop\Catalogue\Catalogue;
use Hakama\Artwork\HoopingTape;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Machine\NeedleType;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** What the person at the machine touches: every touch is one event. */
final class FloorEventController
{
    public function store(RecordEvent $request, PlanBoard $board, Machine $machine): RedirectResponse|JsonResponse
    {
        $kind = $request->kind();
        if (FloorEvent::query()->where('event_id', $request->eventId())->exists()) {
            return self::back($request, $machine);
        }
        $machine = $board->machines()->firstWhere('id', $machine->id) ?? $machine;
        $station = Station::of($machine, $board);
        $running = $station->running;
        if ($running === null || $running->batch->code !== $request->string('batch')->value()) {
            $message = 'Another batch stands at this machine now; nothing was recorded.';

            return $request->expectsJson()
                ? new JsonResponse(['message' => $message], 409)
                : redirect()
                    ->route('floor.show', $machine)
                    ->with('problem', "{$message} This is the one.");
        }
        $who = $request->who();
        if (
            $kind === EventKind::PreflightDone
            && array_diff($running->work->wanted(), $request->array('checked')) !== []
        ) {
            throw ValidationException::withMessages([
                'checked' => 'Every line of the list is confirmed by hand before the machine may sew.',
            ]);
        }
        if ($kind === EventKind::PreflightDone && ! in_array($who, app(Catalogue::class)->people(), true)) {
            throw ValidationException::withMessages(['who' => 'Say who confirms it.']);
        }
        $request->session()->put('who', $who);
        self::mustHaveFrames($kind, $running);
        self::mustHaveThreads($kind, $machine, $running);
        self::mustHaveBobbin($kind, $station, $running);
        self::mustHaveName($kind, $running, $request->string('text')->value());
        self::mustHaveAllHoopings($kind, $running);
        $override = $request->string('override')->trim()->value();
        self::mustHaveLooked($kind, $running, $override);
        // Taken off is not counted yet where more of it is to be sewn.
        $kind = $kind === EventKind::PieceDone && ! $running->isLastHooping() ? EventKind::HoopingDone : $kind;

        $batch = Batch::query()->with('decoration.setup.frame')->findOrFail($running->batch->id);
        Transaction::run(static function () use ($request, $kind, $machine, $running, $batch, $who, $override): void {
            $run = $running->run;
            // No controller tells how far it is: when it is sewn, all of it is, in the time that went by.
            $isByHand = $kind === EventKind::Sewn && $machine->paired_at === null;
            FloorLog::append(
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
                        EventKind::LoadStarted => $running->nextLoad($machine->heads),
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

    /** No more is hooped than there are free frames of the kind, on whatever machine the others are. */
    private static function mustHaveFrames(EventKind $kind, Running $running): void
    {
        $frame = $running->batch->batch->equipment->frame;
        $free = $kind === EventKind::PieceHooped ? FloorLog::freeFrames()[$frame] ?? 0 : 1;
        if ($free < 1) {
            throw ValidationException::withMessages([
                'piece' => "Every frame {$frame} there is holds a piece: take one off, or count its load, first.",
            ]);
        }
    }

    /** What the rack does not hold is not sewn; a design with more threads than needles is swapped at its stops. */
    private static function mustHaveThreads(EventKind $kind, Machine $machine, Running $running): void
    {
        $wanted = array_unique($running->batch->batch->equipment->threads);
        $missing = array_diff(
            $wanted,
            $machine->rack->map(static fn(Needle $one): ?string => $one->thread?->code)->all(),
        );
        if ($kind === EventKind::LoadStarted && count($wanted) <= $machine->needles && $missing !== []) {
            throw ValidationException::withMessages([
                'kind' => sprintf(
                    '%s is not on the rack of %s: load it at Needles before this starts.',
                    implode(', ', $missing),
                    $machine->code,
                ),
            ]);
        }
    }

    /** The piece that is put on and the name on the screen are confirmed in one touch: another is not sewn. */
    private static function mustHaveName(EventKind $kind, Running $running, string $confirmed): void
    {
        $named = $kind === EventKind::LoadStarted ? $running->named() : null;
        if ($named === null) {
            return;
        }
        $refusal = $named->refusal();
        if ($refusal === null && $confirmed !== $named->text) {
            $refusal = "The next piece is {$named->label}, “{$named->text}”: put that one on, and confirm its name.";
        }
        if ($refusal !== null) {
            throw ValidationException::withMessages(['kind' => $refusal]);
        }
    }

    /** The first piece is looked at before the others are sewn, or somebody says why not. */
    private static function mustHaveLooked(EventKind $kind, Running $running, string $override): void
    {
        if ($kind === EventKind::LoadStarted && $override === '' && $running->waitsForFirst()) {
            throw ValidationException::withMessages([
                'override' =>
                    'The first piece has not passed yet: somebody else looks at it, unhooped, under Finish and check. '.
                    'Or say why the batch goes on.',
            ]);
        }
    }

    /** A tape that is another one than was divided would be sewn in part. */
    private static function mustHaveAllHoopings(EventKind $kind, Running $running): void
    {
        $sewn = array_sum(array_map(static fn(HoopingTape $one): int => $one->stitches(), $running->hoopings));
        if (
            $kind === EventKind::LoadStarted
            && $running->hoopings !== []
            && $sewn !== $running->batch->design->stitches
        ) {
            throw ValidationException::withMessages([
                'kind' =>
                    "The tape of {$running->batch->design->name} has changed since it was divided into hoopings: ".
                    'choose its setup anew before this starts.',
            ]);
        }
    }

    /** Once a cap or a tube is on nobody gets at the bobbin without losing the place. */
    private static function mustHaveBobbin(EventKind $kind, Station $station, Running $running): void
    {
        $covered = in_array('bobbin_before_mount', array_column($running->work->steps, 'code'), true);
        if (
            $kind === EventKind::LoadStarted
            && $covered
            && $station->bobbinM > 0.0
            && $station->bobbin->pieces($station->bobbinM) < 1
        ) {
            throw ValidationException::withMessages([
                'kind' => $station->bobbinWords().' Nothing was mounted yet.',
            ]);
        }
    }
}
