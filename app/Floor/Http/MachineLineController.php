<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Artwork\HoopingTapes;
use App\Floor\Actions\AppendEvent;
use App\Floor\Http\Requests\MachineReport;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Floor\Models\MachineReading;
use App\Foundation\Database\PatientConnection;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use App\Orders\Models\LetteredText;
use App\Orders\Models\Piece;
use App\Orders\Names\NamedPiece;
use App\Plan\Models\Batch;
use App\Shop\House;
use Hakama\Artwork\Variant;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\Stage;
use Hakama\House\HouseRule;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The line to the machines: what each is to do, and what it says it did. */
final readonly class MachineLineController
{
    public function __construct(private AppendEvent $log, private HoopingTapes $hoopings) {}

    /** A machine tells it again; it does not hold a place in the line meanwhile. */
    private const WAITS_S = 3;

    public function instruction(Request $request, House $house): JsonResponse
    {
        $machine = self::machine($request);
        [$batch, $run] = FloorLog::current($machine) ?? [null, null];
        if ($batch === null || $run === null) {
            return new JsonResponse(['command' => 'idle']);
        }
        $batch->load(['decoration.artwork.blocks', 'decoration.setup']);
        // A machine that was switched off takes up where it last said it was, not where the last event found it.
        $reading = MachineReading::query()
            ->where('machine_id', $machine->id)
            ->where('load_event', $run->load->event)
            ->first();
        $named = self::name($batch, $run);
        $artwork = $batch->decoration->artwork;
        $sheet = $artwork?->stopSheet($house->rules()->isPreCut());
        $hooped = $this->hoopings->ofBatch($batch, $run->load->hooping);

        return new JsonResponse([
            'command' => match ($run->stage) {
                Stage::Sewing => 'sew',
                Stage::Halted => 'hold',
                default => 'idle',
            },
            'load' => $run->load->event,
            'stitch' => max($run->load->stitch, (int) ($reading->stitch ?? 0)),
            'clock_s' => max($run->load->clockS, (float) ($reading->clock_s ?? 0)),
            'heads' => CopiesPerFrame::frames(count($run->onFrame), $artwork->copies ?? 1),
            'tape' => $named->checksum ?? ($hooped->checksum ?? $artwork?->checksum),
            'halts' => $sheet === null ? [] : $hooped?->halts($sheet) ?? $sheet->halts(),
            'trim_jumps' => (int) $house->rules()->value(HouseRule::TrimJumps),
            'speed_spm' => $batch->decoration->setup?->speed_spm,
            'top_spm' => $machine->top_spm,
        ]);
    }

    /** The tape of the batch the machine is at. */
    public function tape(Request $request): Response|StreamedResponse|JsonResponse
    {
        [$batch, $run] = FloorLog::current(self::machine($request)) ?? [null, null];
        $artwork = $batch?->load('decoration.artwork')->decoration->artwork;
        $own =
            $batch === null || $run === null
                ? null
                : self::name($batch, $run)->tape ?? $this->hoopings->ofBatch($batch, $run->load->hooping)?->bytes;
        if ($own !== null) {
            return (new Response($own))->header('Content-Type', 'application/octet-stream');
        }

        return $artwork === null
            ? new JsonResponse(['message' => __('floor.machine_line_controller.there_is_no_batch_at_this')], 404)
            : Storage::download($artwork->tapePath(), $artwork->checksum.'.dst');
    }

    /** `position` is a reading and replaces the one before; the others are events and are appended. */
    public function report(MachineReport $request): JsonResponse
    {
        $machine = self::machine($request);
        if ($request->event() === null) {
            return self::take($request, $machine);
        }
        PatientConnection::open(self::WAITS_S);

        return Transaction::onFloor(
            fn(): JsonResponse => $this->take($request, Machine::query()->findOrFail($machine->id)),
        );
    }

    private function take(MachineReport $request, Machine $machine): JsonResponse
    {
        $told = FloorEvent::query()->where('event_id', $request->eventId())->first();
        if ($told !== null) {
            $isSame =
                $told->machine_id === $machine->id
                && $told->kind === $request->event()
                && $told->stitch === $request->stitch();

            return $isSame
                ? new JsonResponse(['recorded' => true, 'again' => true])
                : new JsonResponse(['message' => __('floor.machine_line_controller.another_event_has_that_id')], 409);
        }
        [$batch, $run] = FloorLog::current($machine) ?? [null, null];
        if ($batch === null || $run === null || $run->load->event !== $request->load()) {
            return new JsonResponse(['message' => __('floor.machine_line_controller.that_load_is_over_ask_for')], 409);
        }
        $artwork = $batch->load('decoration.artwork')->decoration->artwork;
        $last =
            self::name($batch, $run)->all_stitches ??
            ($this->hoopings->ofBatch($batch, $run->load->hooping)?->stitches() ?? ($artwork->stitches ?? 0));
        if ($request->stitch() > $last) {
            return new JsonResponse(
                [
                    'message' => __('floor.machine_line_controller.the_file_ends_at_stitch', ['last' => $last]),
                    'errors' => ['stitch' => [__('floor.machine_line_controller.the_file_ends_at_stitch', [
                        'last' => $last,
                    ])]],
                ],
                422,
            );
        }
        $kind = $request->event();
        if ($kind !== null) {
            $this->append($request, $kind, $machine, $batch, $run);
        }
        MachineReading::take($machine->id, $request->load(), $request->stitch(), $request->clockS());

        return new JsonResponse(['recorded' => true]);
    }

    /** The text of the piece that is on the machine, where each has its own. */
    private static function name(Batch $batch, BatchRun $run): ?LetteredText
    {
        $artwork = $batch->decoration->artwork;
        $piece =
            $artwork?->variant === Variant::Names && $run->onFrame !== []
                ? Piece::query()->find($run->onFrame[0])
                : null;

        return $artwork === null || $piece === null ? null : NamedPiece::of($artwork->id, $piece)?->sewn;
    }

    private function append(
        MachineReport $request,
        EventKind $kind,
        Machine $machine,
        Batch $batch,
        BatchRun $run,
    ): void {
        $this->log->append(
            $machine,
            $batch,
            new Event(
                id: $request->eventId(),
                kind: $kind,
                batch: $batch->id,
                load: $run->load->number,
                stitch: $request->stitch(),
                clockS: $request->clockS(),
                pieces: $kind === EventKind::Sewn ? $run->onFrame : [],
                hooping: $run->load->hooping,
            ),
            'machine',
            at: $request->at(),
        );
    }

    private static function machine(Request $request): Machine
    {
        $machine = $request->attributes->get('machine');
        assert($machine instanceof Machine);

        return $machine;
    }
}
