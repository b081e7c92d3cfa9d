<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use App\Needles\Http\Requests\KeepDesign;
use App\Needles\Models\KeptDesign;
use App\People\Caller;
use App\Plan\BatchDesign;
use App\Plan\Queries\PlanBoard;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Where a machine keeps a design, so that nobody looks through its memory for it or sews an older one. */
final class SlotController
{
    public function keep(KeepDesign $request, PlanBoard $board, Machine $machine): RedirectResponse
    {
        $code = $request->string('batch')->value();
        $slot = $request->slot();
        $who = Caller::acting($request);
        [$design, $displaced] = Transaction::run(static function () use ($request, $board, $machine, $code, $slot, $who): array {
            $design = self::design($request, $board, $code);

            return [$design, self::put($machine, $slot, $design, $who)];
        });

        return redirect()
            ->back(fallback: route('floor.card', $code))
            ->with('done', match (true) {
                $slot === '' => __('needles.slot_controller.no_longer_has', [
                    'code' => $machine->code,
                    'name' => $design->name,
                ]),
                $displaced => __('needles.slot_controller.has_in_slot_the_previous_entry', [
                    'code' => $machine->code,
                    'name' => $design->name,
                    'slot' => $slot,
                ]),
                default => __('needles.slot_controller.has_in_slot', [
                    'code' => $machine->code,
                    'name' => $design->name,
                    'slot' => $slot,
                ]),
            });
    }

    /** What the batch sews by now, where it is what the card showed. */
    private static function design(KeepDesign $request, PlanBoard $board, string $code): BatchDesign
    {
        $design = $board->batches()[$code]->design ?? throw ValidationException::withMessages([
            'slot' => __('needles.slot_controller.has_nothing_left_to_sew_save', ['code' => $code]),
        ]);
        if ($request->sawAnother($design->checksum)) {
            throw ValidationException::withMessages([
                'slot' => __('needles.slot_controller.was_replaced_by_another_file_in', ['name' => $design->name]),
            ]);
        }

        return $design;
    }

    /** @return bool whether the slot held another file */
    private static function put(Machine $machine, string $slot, BatchDesign $design, string $who): bool
    {
        $kept = KeptDesign::query()->where('machine_id', $machine->id);
        (clone $kept)->where('checksum', $design->checksum)->where('slot', '!=', $slot)->delete();
        if ($slot === '') {
            return false;
        }
        $before = (clone $kept)->where('slot', $slot)->first();
        if ($before?->checksum === $design->checksum) {
            return false;
        }
        $before?->delete();
        KeptDesign::query()->create([
            'machine_id' => $machine->id,
            'slot' => $slot,
            'artwork_id' => $design->id,
            'checksum' => $design->checksum,
            'who' => $who,
            'kept_at' => CarbonImmutable::now(),
        ]);

        return $before !== null;
    }
}
