<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Floor\Pulse;
use App\Floor\Station;
use App\Models\Machine;
use App\Plan\PlanBoard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

final class FloorController
{
    public function show(PlanBoard $board, ?Machine $machine = null): View
    {
        $machine = $machine === null ? $board->machines()->firstOrFail() : $board->machines()->firstWhere('id', $machine->id) ?? $machine;

        return view(request()->headers->has('HX-Request') ? 'floor.station' : 'floor.show', [
            'station' => Station::of($machine, $board),
            'machines' => $board->machines(),
        ]);
    }

    /** Asked every second: how far the machine is, and whether the page has to be drawn anew. */
    public function pulse(Machine $machine): JsonResponse
    {
        return new JsonResponse(Pulse::of($machine));
    }
}
