<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Floor\Pulse;
use App\Floor\Station;
use App\Http\Requests\Floor\ChoosePerson;
use App\Models\Machine;
use App\Plan\PlanBoard;
use App\Shop\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

final class FloorController
{
    public function show(PlanBoard $board, ?Machine $machine = null): View
    {
        $machine =
            $machine === null
                ? $board->machines()->firstOrFail()
                : $board->machines()->firstWhere('id', $machine->id) ?? $machine;

        return view(request()->headers->has('HX-Request') ? 'floor.station' : 'floor.show', [
            'station' => Station::of($machine, $board),
            'machines' => $board->machines(),
            'people' => app(Catalogue::class)->people(),
            'who' => (string) request()->session()->get('who', ''),
        ]);
    }

    /** Who stands at the machines from now on, as this screen is told. */
    public function who(ChoosePerson $request): RedirectResponse
    {
        $request->session()->put('who', $request->string('who')->value());

        return redirect()->back();
    }

    /** Asked every second: how far the machine is, and whether the page has to be drawn anew. */
    public function pulse(Machine $machine): JsonResponse
    {
        return new JsonResponse(Pulse::of($machine));
    }
}
