<?php

declare(strict_types=1);

namespace App\Setup\Http;

use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use App\People\Caller;
use App\Setup\Http\Requests\KeepPlacement;
use App\Setup\Models\KeptPlacement;
use App\Setup\Queries\DecorationFacts;
use App\Setup\Queries\DecorationSetups;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Garment\Panel;
use Hakama\Garment\Size;
use Hakama\Setup\Placement\CannotBeMarked;
use Hakama\Setup\Placement\WorkedMark;
use Hakama\Setup\Tube\OtherEnd;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** A place that is found on the garment itself, and kept for the next order of it. */
final class PlacementController
{
    /** What was measured, worked out while it is typed. */
    public function measure(Request $request, Decoration $decoration, House $house): Response
    {
        $decoration->load('artwork');
        $units = $house->units();
        $number = static fn(string $field): float => $units->read($request->string($field)->value()) ?? 0.0;
        $degrees = (float) str_replace(',', '.', $request->string('b')->value());
        $seam = $decoration->position->seam();
        if ($number('a') <= 0.0) {
            $such = __('setup.placement_controller.enter_a_length_above_0_for', ['field' => $units->field(200)]);

            return new Response($request->string('a')->value() === '' ? '' : "<span class=\"wrong\">{$such}</span>");
        }
        try {
            $found = match ($request->string('measure')->value()) {
                'midway' => $number('b') > 0.0 ? WorkedMark::midway($number('a'), $number('b'), $seam, $units) : null,
                'gaps' => WorkedMark::equalGaps($number('a'), $decoration->artwork?->bounds()->width() ?? 0.0, $units),
                'half' => WorkedMark::half($number('a'), $units),
                'corner' => WorkedMark::corner($number('a'), $degrees > 0.0 ? $degrees : 90.0, $units),
                default => WorkedMark::levelWith($number('a'), $seam, $units),
            };
        } catch (CannotBeMarked $e) {
            return new Response('<span class="wrong">'.e(Words::say($e->text)).'</span>');
        }

        return new Response(
            $found === null ? __('setup.placement_controller.enter_the_other_mark_too') : e(Words::say($found->words)),
        );
    }

    public function keep(
        KeepPlacement $request,
        Decoration $decoration,
        DecorationSetups $setups,
        DecorationFacts $facts,
    ): RedirectResponse {
        $decoration->loadForSetup();
        $measures = $request->measures();
        if ($request->fromOtherEndMm() !== null) {
            $measures['down_mm'] = self::fromOtherEnd($request, $decoration, $setups);
        }
        KeptPlacement::query()->updateOrCreate(
            [
                'garment' => $decoration->garmentKey(),
                'position' => $decoration->position->value,
                'size' => $request->size(),
                'motif' => $facts->motif($decoration),
            ],
            [...$measures, 'who' => Caller::acting($request), 'kept_at' => CarbonImmutable::now()],
        );

        return redirect()
            ->route('setup.show', [$decoration, 'size' => $request->size()])
            ->with('done', __('setup.placement_controller.position_saved_for_size', ['size' => $request->size()]));
    }

    /** A leg measured from its hem, a sleeve from the shoulder: as the house measures there. */
    private static function fromOtherEnd(
        KeepPlacement $request,
        Decoration $decoration,
        DecorationSetups $setups,
    ): float {
        $panel = Panel::of($decoration->line->garment, $decoration->position);
        $row = $setups->sizes($decoration)->row(Size::from($request->size()));
        $length = $panel->length() === null ? null : $row?->facts->item->measures->mm($panel->length());
        if ($row === null || $length === null || $decoration->artwork === null) {
            throw ValidationException::withMessages([
                'down' => __('setup.placement_controller.the_catalogue_has_no_length_for', [
                    'panel' => Words::say($panel->label()),
                ]),
            ]);
        }
        try {
            return OtherEnd::downMm(
                $row->placement(),
                $length,
                $decoration->artwork->bounds()->height(),
                (float) $request->fromOtherEndMm(),
            );
        } catch (CannotBeMarked $e) {
            throw ValidationException::withMessages(['down' => Words::say($e->text)]);
        }
    }
}
