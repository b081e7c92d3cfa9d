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
                $slot === '' => "{$machine->code} no longer keeps {$design->name}.",
                $displaced => "{$machine->code} keeps {$design->name} in slot {$slot}. What was there before is gone from its list.",
                default => "{$machine->code} keeps {$design->name} in slot {$slot}.",
            });
    }

    /** What the batch sews by now, where it is what the card showed. */
    private static function design(KeepDesign $request, PlanBoard $board, string $code): BatchDesign
    {
        $design = $board->batches()[$code]->design ?? throw ValidationException::withMessages([
            'slot' => "Nothing of {$code} is left to sew. Write the slot down on the card of the next batch.",
        ]);
        if ($request->sawAnother($design->checksum)) {
            throw ValidationException::withMessages([
                'slot' => "{$design->name} was replaced by another file meanwhile; nothing was written down. Load the new ".
                    'one first.',
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
