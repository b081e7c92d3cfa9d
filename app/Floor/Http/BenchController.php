<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Bench\HoopingBench;
use App\Orders\Models\Decoration;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\KeptPlacement;
use App\Setup\Queries\DecorationSetups;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The hooping bench: what goes into which frame next, where the design lies on this size, and whether that was right. */
final class BenchController
{
    public function show(Request $request, PlanBoard $board, House $house, DecorationSetups $setups): View
    {
        $bench = HoopingBench::of($board, $house->rules());
        $row = $bench->chosen($request->string('batch')->value(), $request->string('size')->value());

        return view('floor.bench', [
            'bench' => $bench,
            'row' => $row,
            'sheet' => $row === null ? null : $setups->sheet(
                Decoration::query()->findOrFail($row->batch->decorationId)->loadForSetup(),
                null,
                null,
                Size::tryFrom($row->size),
            ),
        ]);
    }

    /** A place that was kept was right: it is known again, by whom and when. */
    public function right(Request $request, KeptPlacement $kept): RedirectResponse
    {
        $kept->update(['who' => Caller::acting($request), 'kept_at' => CarbonImmutable::now()]);

        return redirect()->back(fallback: route('floor.bench'))->with('done', __('floor.bench_controller.confirmed'));
    }
}
