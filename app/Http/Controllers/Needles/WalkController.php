<?php

declare(strict_types=1);

namespace App\Http\Controllers\Needles;

use App\Models\Machine;
use App\Models\Thread;
use App\Needles\Walks;
use App\Plan\PlanBoard;
use Hakama\Needles\Demand;
use Hakama\Needles\PinAdvice;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** The racks through the day: walks to the shelf, threads worth a pin, and the needle card of a batch. */
final class WalkController
{
    /** So far back is looked for what comes again and again. */
    private const WEEKS = 8;
    private const BATCHES = 60;

    public function walks(PlanBoard $board): View
    {
        return view('needles.walks', ['walks' => Walks::of($board), 'threads' => Thread::query()->with('cones')->orderBy('code')->get()->keyBy('code'), 'machines' => $board->machines()]);
    }

    public function pins(PlanBoard $board, Machine $machine): View
    {
        $standing = $board->machines()->firstWhere('id', $machine->id) ?? $machine;
        $history = self::history($machine);

        return view('needles.pins', [
            'machine' => $standing,
            'machines' => $board->machines(),
            'advice' => PinAdvice::of($standing->coreRack(), $history, $board->shop()->needs),
            'batches' => count($history),
            'weeks' => self::WEEKS,
            'threads' => Thread::query()->orderBy('code')->get()->keyBy('code'),
        ]);
    }

    /** Block, thread, needle and what is done at the stop, for the rack as it will stand then. */
    public function card(PlanBoard $board, string $code): View|RedirectResponse
    {
        $batch = $board->batches()[$code] ?? abort(404);
        $placed = $board->timetable()->find($code);
        if ($placed === null) {
            return redirect()->route('plan.show')->with('problem', "{$code} has no place in the plan, so nobody knows the rack it will find.");
        }

        return view('needles.card', ['batch' => $batch, 'placed' => $placed, 'sheet' => $batch->stopSheet(), 'threads' => Thread::query()->whereIn('code', $batch->threads)->get()->keyBy('code')]);
    }

    /** @return list<Demand> what was run on a machine in the last weeks, in order */
    private static function history(Machine $machine): array
    {
        $run = DB::table('floor_events as e')->join('batches as b', 'b.id', '=', 'e.batch_id')->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->where('e.machine_id', $machine->id)->where('e.recorded_at', '>=', now()->subWeeks(self::WEEKS))
            ->groupBy('b.code', 'd.artwork_id')->orderByDesc('begun')->limit(self::BATCHES)
            ->get(['b.code', 'd.artwork_id', DB::raw('min(e.seq) as begun')])->reverse();
        $blocks = DB::table('artwork_blocks as k')->join('threads as t', 't.id', '=', 'k.thread_id')->whereIn('k.artwork_id', $run->pluck('artwork_id'))->orderBy('k.number')->get(['k.artwork_id', 't.code'])->groupBy('artwork_id');
        $history = [];
        foreach ($run as $one) {
            $threads = ($blocks[$one->artwork_id] ?? collect())->pluck('code')->map(strval(...))->values()->all();
            if ($threads !== []) {
                $history[] = new Demand($one->code, $threads);
            }
        }

        return $history;
    }
}
