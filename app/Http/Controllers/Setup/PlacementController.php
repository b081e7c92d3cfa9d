<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setup;

use App\Http\Requests\Setup\KeepPlacement;
use App\Models\Decoration;
use App\Models\KeptPlacement;
use App\People\Caller;
use App\Setup\DecorationSetups;
use Carbon\CarbonImmutable;
use Hakama\Setup\Placement\WorkedMark;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InvalidArgumentException;

/** A place that is found on the garment itself, and kept for the next order of it. */
final class PlacementController
{
    /** What was measured, worked out while it is typed. */
    public function measure(Request $request, Decoration $decoration): Response
    {
        $decoration->load('artwork');
        $number = static fn(string $field): float => (float) str_replace(',', '.', $request->string($field)->value());
        $seam = $decoration->position->seam();
        if ($number('a') <= 0.0) {
            return new Response('');
        }
        try {
            $found = match ($request->string('measure')->value()) {
                'midway' => $number('b') > 0.0 ? WorkedMark::midway($number('a'), $number('b'), $seam) : null,
                'gaps' => WorkedMark::equalGaps($number('a'), $decoration->artwork?->bounds()->width() ?? 0.0),
                'half' => WorkedMark::half($number('a')),
                'corner' => WorkedMark::corner($number('a'), $number('b') > 0.0 ? $number('b') : 90.0),
                default => WorkedMark::levelWith($number('a'), $seam),
            };
        } catch (InvalidArgumentException $e) {
            return new Response('<span class="wrong">'.e(ucfirst($e->getMessage())).'.</span>');
        }

        return new Response($found === null ? 'Measure the other mark too.' : e($found->words));
    }

    public function keep(KeepPlacement $request, Decoration $decoration, DecorationSetups $setups): RedirectResponse
    {
        $decoration->load('line');
        KeptPlacement::query()->updateOrCreate(
            [
                'garment' => $decoration->garmentKey(),
                'position' => $decoration->position->value,
                'size' => $request->size(),
                'motif' => $setups->motif($decoration),
            ],
            [...$request->measures(), 'who' => Caller::acting($request), 'kept_at' => CarbonImmutable::now()],
        );

        return redirect()
            ->route('setup.show', [$decoration, 'size' => $request->size()])
            ->with('done', "The place is kept for size {$request->size()}.");
    }
}
