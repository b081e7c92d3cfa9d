<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Plan\DayCloth;
use App\Plan\PlanBoard;
use App\Plan\PlanMovedOn;
use App\Shop\House;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

final class PlanController
{
    public function show(Request $request, PlanBoard $board, House $house): View
    {
        return view('plan.show', $this->sheet($request, $board, $house));
    }

    /** Answers with the plan anew, whether the move was made or not. */
    public function move(Request $request, PlanBoard $board, House $house): Response|RedirectResponse
    {
        $request->validate([
            'batch' => ['required', 'string'],
            'machine' => ['required', Rule::exists('machines', 'code')],
            'place' => ['required', 'integer', 'min:0'],
            'version' => ['required', 'integer'],
        ]);
        $problem = null;
        try {
            $board->move($request->string('batch')->value(), $request->string('machine')->value(), $request->integer('place'), $request->integer('version'));
        } catch (PlanMovedOn $e) {
            $problem = $e->getMessage();
        }
        if (! $request->headers->has('HX-Request')) {
            return redirect()->route('plan.show')->with($problem === null ? 'done' : 'problem', $problem ?? 'Moved.');
        }

        return new Response(view('plan.sheet', [...$this->sheet($request, $board, $house), 'problem' => $problem, 'focus' => $request->string('batch')->value()]));
    }

    public function byDue(Request $request, PlanBoard $board): RedirectResponse
    {
        $board->replan($request->integer('version'));

        return redirect()->route('plan.show')->with('done', 'Planned anew by due time; what is on a machine stayed.');
    }

    /** @return array<string, mixed> */
    private function sheet(Request $request, PlanBoard $board, House $house): array
    {
        $timetable = $board->timetable();

        return [
            'board' => $board,
            'timetable' => $timetable,
            'cloth' => DayCloth::of($board, $house->rules(), max(0, min(15, $request->integer('day')))),
            'version' => PlanBoard::version(),
            'late' => $board->late(),
            'problem' => null,
            'focus' => null,
        ];
    }
}
