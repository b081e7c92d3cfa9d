<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Machine\Models\Machine;
use App\Plan\Queries\PlanBoard;
use App\Stock\Models\Thread;
use Hakama\Floor\EventKind;
use Hakama\Needles\Demand;
use Hakama\Needles\PinAdvice;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\DB;

/** Threads worth a pin, learned from what a machine ran. */
final class PinController
{
    /** So far back is looked for what comes again and again. */
    private const WEEKS = 8;
    private const BATCHES = 60;

    public function show(PlanBoard $board, Machine $machine): View
    {
        $standing = $board->machines()->firstWhere('id', $machine->id) ?? $machine;
        $history = self::history($machine);

        return view('needles.pins', [
            'machine' => $standing,
            'machines' => $board->machines(),
            'advice' => PinAdvice::of($standing->coreRack(), $history, $board->workload()->needs),
            'batches' => count($history),
            'weeks' => self::WEEKS,
            'threads' => Thread::query()->orderBy('code')->get()->keyBy('code'),
        ]);
    }

    /** @return list<Demand> what was run on a machine in the last weeks, in order */
    private static function history(Machine $machine): array
    {
        $begun = DB::table('floor_events')
            ->where('kind', EventKind::PreflightDone)
            ->where('machine_id', $machine->id)
            ->where('recorded_at', '>=', now()->subWeeks(self::WEEKS))
            ->groupBy('batch_id')
            ->select('batch_id', DB::raw('min(seq) as begun'))
            ->orderByDesc('begun')
            ->limit(self::BATCHES);
        $run = DB::query()
            ->fromSub($begun, 'run')
            ->join('batches as b', 'b.id', '=', 'run.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->orderBy('run.begun')
            ->get(['b.code', 'd.artwork_id']);
        $blocks = DB::table('artwork_blocks as k')
            ->join('threads as t', 't.id', '=', 'k.thread_id')
            ->whereIn('k.artwork_id', $run->pluck('artwork_id'))
            ->orderBy('k.number')
            ->get(['k.artwork_id', 't.code'])
            ->groupBy('artwork_id');
        $history = [];
        foreach ($run as $one) {
            $threads = ($blocks[$one->artwork_id] ?? collect())->pluck('code')->map(static fn(mixed $code): string => (string) $code)->values()->all();
            if ($threads !== []) {
                $history[] = new Demand($one->code, array_values($threads));
            }
        }

        return $history;
    }
}
