<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Foundation\Clock\ShopClock;
use App\Plan\Queries\PlanBoard;
use App\Stock\Models\Thread;
use Hakama\Plan\Walk;
use Illuminate\Contracts\View\View;

/** Walks to the shelf, for all machines. */
final class WalkController
{
    /** So far ahead cones are fetched. */
    private const AHEAD_S = 2 * 86400;

    public function show(PlanBoard $board): View
    {
        $threads = Thread::query()->with('cones')->orderBy('code')->get()->keyBy('code');

        return view('needles.walks', [
            'walks' => Walk::all(
                $board->timetable(),
                $threads->map(static fn(Thread $thread): string => $thread->shelf())->all(),
                ShopClock::now() + self::AHEAD_S,
            ),
            'threads' => $threads,
            'machines' => $board->machines(),
        ]);
    }
}
