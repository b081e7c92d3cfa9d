<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Floor\Queries\CareList;
use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Needles\Http\Requests\NoteCare;
use App\Needles\Models\Care;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Floor\Care\CareTask;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What a machine wants of people beside the sewing: needles changed, the hook oiled, tension tried, feet set. */
final class CareController
{
    private const SHOWN = 30;
    /** A hand's work beside the sewing is planned with so many minutes. */
    private const MINUTES = 15;

    public function show(PlanBoard $board, House $house, Machine $machine): View
    {
        $standing = $board->machines()->firstWhere('id', $machine->id) ?? $machine;
        $list = CareList::of($standing, $house->rules());
        $ahead = [];
        foreach ($list->ahead($board) as $i => $batch) {
            $placed = $board->timetable()->find((string) $batch);
            // Before what runs already nothing is planned any more.
            $ahead[$i] = [
                (string) $batch,
                $placed === null || ($board->batches()[(string) $batch] ?? null)?->started !== false
                    ? null
                    : ShopClock::time($placed->changeoverStart),
            ];
        }

        return view('needles.care', [
            'machine' => $standing,
            'machines' => $board->machines(),
            'list' => $list,
            'ahead' => $ahead,
            'minutes' => self::MINUTES,
            'done' => Care::query()->where('machine_id', $machine->id)->orderByDesc('seq')->limit(self::SHOWN)->get(),
            'feet' => Care::query()
                ->where('machine_id', $machine->id)
                ->where('task', CareTask::FootHeight)
                ->orderBy('seq')
                ->get()
                ->keyBy('needle'),
        ]);
    }

    /** Something was done; the same id again is the same. */
    public function note(NoteCare $request, Machine $machine): RedirectResponse
    {
        $task = $request->task();
        Care::query()->insertOrIgnore([
            'event_id' => $request->string('id')->lower()->value(),
            'machine_id' => $machine->id,
            'task' => $task->value,
            'needle' => $request->needle(),
            'note' => $request->string('note')->trim()->value(),
            'stitches' => (int) Machine::query()->whereKey($machine->id)->value('stitches'),
            'who' => Caller::acting($request),
            'done_at' => CarbonImmutable::now(),
        ]);
        $needle = $request->needle();

        return redirect()
            ->back(fallback: route('needles.care', $machine))
            ->with(
                'done',
                __(
                    $needle === null ? 'needles.care_controller.logged' : 'needles.care_controller.logged_at_needle',
                    ['code' => $machine->code, 'task' => lcfirst(Words::say($task->label())), 'needle' => $needle],
                ),
            );
    }
}
