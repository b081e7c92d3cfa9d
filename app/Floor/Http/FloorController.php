<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Folder\Fetches;
use App\Floor\Http\Requests\ChoosePerson;
use App\Floor\Queries\BreakCard;
use App\Floor\Queries\FoundOrigin;
use App\Floor\Queries\Pulse;
use App\Floor\Queries\Station;
use App\Floor\Queries\Stations;
use App\Machine\Models\Machine;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Artwork\HoopingTape;
use Hakama\Floor\EventKind;
use Hakama\Floor\Stage;
use Hakama\House\HouseRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

final class FloorController
{
    public function show(
        PlanBoard $board,
        House $house,
        Stations $stations,
        Catalogue $catalogue,
        ?Machine $machine = null,
    ): View {
        // A tablet shows the machine it stands at.
        $machine ??= Caller::of(request())->tablet->machine ?? $board->machines()->first();
        if ($machine === null) {
            return view('shop.no-machine', ['station' => 'floor']);
        }
        $machine = $board->machines()->firstWhere('id', $machine->id) ?? $machine;

        $station = $stations->at($machine, $board);

        return view(request()->headers->has('HX-Request') ? 'floor.station' : 'floor.show', [
            'station' => $station,
            'machines' => $board->machines(),
            'people' => $catalogue->people(),
            'who' => Caller::acting(request()),
            'stepBack' => (int) $house->rules()->value(HouseRule::StepBack),
            'break' => self::broken($station, $house),
            'older' => self::older($station),
            'origin' => $station->running === null ? null : FoundOrigin::of($station->running, $machine),
        ]);
    }

    /** @return list<string> files to be deleted at the panel, before the first load of a batch that had another tape */
    private static function older(Station $station): array
    {
        $running = $station->running;
        // Of a list of names each piece says its own.
        if ($running === null || $running->run->stage !== Stage::Preflight || $running->batch->design->named) {
            return [];
        }

        return Fetches::older($station->machine->id, $running->batch->id, $running->hoopings === []
            ? [$running->batch->design->checksum]
            : array_map(static fn(HoopingTape $one): string => $one->checksum, $running->hoopings));
    }

    /** Of a thread that broke, as long as it is not mended. */
    private static function broken(Station $station, House $house): ?BreakCard
    {
        $running = $station->running;

        return $running?->run->load->haltedBy === EventKind::ThreadBroke
            ? BreakCard::of($running, $station->machine, $house)
            : null;
    }

    /** Who stands at the machines from now on, as this screen is told. */
    public function who(ChoosePerson $request): RedirectResponse
    {
        $request->session()->put('who', $request->person()->name);

        return redirect()->back();
    }

    /** Asked every second: how far the machine is, and whether the page has to be drawn anew. */
    public function pulse(Machine $machine): JsonResponse
    {
        return new JsonResponse(Pulse::of($machine));
    }
}
