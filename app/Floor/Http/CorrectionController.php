<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Actions\AppendEvent;
use App\Floor\Actions\VoidMisfit;
use App\Floor\Http\Requests\PutRight;
use App\Floor\Http\Requests\VoidEvent;
use App\Floor\Log\Corrigible;
use App\Floor\Log\Misfit;
use App\Floor\Models\FloorEvent;
use App\Machine\Models\Machine;
use App\People\Caller;
use Hakama\Floor\Event;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** What was recorded by mistake is put right by an event of its own; the first one stays as it is. */
final class CorrectionController
{
    public function show(Machine $machine): View
    {
        return view('floor.corrections', [
            'machine' => $machine,
            'corrigible' => Corrigible::at($machine),
            'misfits' => Misfit::at($machine),
        ]);
    }

    /** One that cannot have happened is taken out of the log, and kept beside it. */
    public function void(VoidEvent $request, Machine $machine, VoidMisfit $misfits): RedirectResponse
    {
        $isVoid = $misfits->void(
            $request->integer('event'),
            Caller::acting($request),
            $request->string('why_void')->trim()->value(),
        );

        return redirect()
            ->route('floor.corrections', $machine)
            ->with(
                $isVoid ? 'done' : 'problem',
                $isVoid
                    ? __('floor.correction_controller.entry_voided_and_kept_on_record')
                    : __('floor.correction_controller.that_entry_is_already_voided_or'),
            );
    }

    public function store(PutRight $request, Machine $machine, AppendEvent $log): RedirectResponse
    {
        [$seq, $piece] = $request->of();
        $kind = $request->kind();
        $wrong = FloorEvent::query()->with('batch')->where('machine_id', $machine->id)->find($seq);
        $offered = array_filter(
            Corrigible::at($machine),
            static fn(Corrigible $one): bool => $one->seq === $seq && $one->piece === $piece && $one->by === $kind,
        );
        if (
            $wrong === null
            || ($offered === []
                && ! FloorEvent::query()
                    ->where('event_id', $request->string('id')->lower()->value())
                    ->exists())
        ) {
            throw ValidationException::withMessages([
                'of' => __('floor.correction_controller.that_is_already_corrected_or_too'),
            ]);
        }
        $log->append(
            $machine,
            $wrong->batch,
            new Event(
                id: $request->string('id')->lower()->value(),
                kind: $kind,
                batch: $wrong->batch_id,
                load: $wrong->load,
                pieces: [$piece],
                cause: $wrong->cause,
                hooping: $wrong->hooping,
            ),
            'hand',
            Caller::acting($request),
            reason: $request->string('reason')->trim()->value(),
        );

        return redirect()
            ->route('floor.show', $machine)
            ->with('done', __('floor.correction_controller.corrected_the_first_entry_stays_in'));
    }
}
