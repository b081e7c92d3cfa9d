<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Http\Pages;
use App\Plan\Queries\PlanBoard;
use App\Stock\Models\Thread;
use Hakama\Plan\Walk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Walks to the shelf, for all machines. */
final class WalkController
{
    /** So far ahead cones are fetched. */
    private const AHEAD_S = 2 * 86400;
    private const SHOWN = 10;

    public function show(Request $request, PlanBoard $board): View
    {
        $threads = Thread::query()->with('cones')->orderBy('code')->get()->keyBy('code');

        $walks = Walk::all(
            $board->timetable(),
            $threads->map(static fn(Thread $thread): string => $thread->shelf())->all(),
            ShopClock::now() + self::AHEAD_S,
        );

        return view('needles.walks', [
            'first' => $walks[0] ?? null,
            'walks' => Pages::of($request, $walks, self::SHOWN),
            'threads' => $threads,
            'machines' => $board->machines(),
        ]);
    }
}
