<?php

declare(strict_types=1);

namespace App\Http\Controllers\Needles;

use App\Models\Thread;
use App\Needles\Walks;
use App\Plan\PlanBoard;
use Illuminate\Contracts\View\View;

/** Walks to the shelf, for all machines. */
final class WalkController
{
    public function show(PlanBoard $board): View
    {
        $threads = Thread::query()->with('cones')->orderBy('code')->get()->keyBy('code');

        return view('needles.walks', [
            'walks' => Walks::of($board, $threads->map(static fn(Thread $thread): string => $thread->shelf())->all()),
            'threads' => $threads,
            'machines' => $board->machines(),
        ]);
    }
}
