<?php

declare(strict_types=1);

namespace App\Setup\Http;

use App\Foundation\Http\Onward;
use App\Foundation\Http\Pages;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Setup\Http\Requests\AddBacking;
use App\Setup\Http\Requests\CountBacking;
use App\Setup\Queries\BackingCuts;
use App\Setup\Queries\PatchCuts;
use App\Stock\Models\BackingStock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Backing to cut, day by day, and what lies on the shelf. */
final class BackingController
{
    private const SHOWN = 60;

    public function show(Request $request, BackingCuts $cuts, PatchCuts $patches, PlanBoard $board): View
    {
        $wants = $cuts->wants();
        $list = $cuts->list(array_column($wants, 0));
        $days = [];
        $page = Pages::of($request, $wants, self::SHOWN);
        foreach ($page->items() as $code => [$want, $at]) {
            $days[$at->format('Y-m-d')][$code] = [$want, $at, $list->ofBatch($code), $list->short[$code] ?? 0];
        }

        return view('setup.backing', [
            'days' => $days,
            'page' => $page,
            'short' => $list->short,
            'sheets' => $patches->of(array_values(array_intersect_key($board->batches(), $page->items()))),
            'shelf' => BackingStock::query()
                ->orderBy('kind')
                ->orderByRaw("field(form, 'off_cut', 'piece', 'roll')")
                ->orderBy('width_mm')
                ->get(),
        ]);
    }

    public function cut(Request $request, BackingCuts $cuts, string $batch): RedirectResponse
    {
        $cut = $cuts->cut($batch, Caller::acting($request));

        return redirect()
            ->route('setup.backing')
            ->with(
                $cut ? 'done' : 'problem',
                $cut
                    ? __('setup.backing_controller.backing_for_cut_and_deducted_from', ['batch' => $batch])
                    : __('setup.backing_controller.backing_for_is_already_cut_or', ['batch' => $batch]),
            );
    }

    public function store(AddBacking $request): RedirectResponse
    {
        BackingCuts::add($request->stock());

        return Onward::from($request)->with('done', __('setup.backing_controller.added_to_stock'));
    }

    /** What was counted anew. */
    public function update(CountBacking $request, BackingStock $stock): RedirectResponse
    {
        $stock->update($request->row());

        return redirect()->route('setup.backing')->with('done', __('setup.backing_controller.stock_updated'));
    }
}
