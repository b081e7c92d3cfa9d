<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Models\Machine;
use App\Plan\Calendar;
use App\Plan\PlanBoard;
use App\Plan\PlanExport;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** When is worked, when a machine is down, and the plan as calendars and lists for other programs. */
final class CalendarController
{
    public function show(Calendar $calendar): View
    {
        return view('plan.calendar', ['calendar' => $calendar, 'machines' => Machine::query()->orderBy('id')->get(['id', 'code', 'name']), 'customers' => DB::table('customers')->orderBy('name')->get(['id', 'name'])]);
    }

    public function dayOff(Request $request): RedirectResponse
    {
        $request->validate(['day' => ['required', 'date_format:Y-m-d', Rule::unique('days_off', 'day')], 'why' => ['required', 'string', 'max:80']], ['day.unique' => 'That day is off already.', 'day.*' => 'Choose the day.', 'why.*' => 'Say why, in a few words.']);
        DB::table('days_off')->insert($request->only('day', 'why'));
        Calendar::forget();

        return redirect()->route('plan.calendar')->with('done', 'Nothing is planned on that day any more; every time that follows was worked out anew.');
    }

    public function downtime(Request $request): RedirectResponse
    {
        $request->validate([
            'machine' => ['required', Rule::exists('machines', 'code')],
            'from' => ['required', 'date'],
            'to' => ['required', 'date', 'after:from', 'before:+1 year'],
            'what' => ['required', 'string', 'max:80'],
        ], ['machine.*' => 'Choose the machine.', 'from.*' => 'Say from when.', 'to.*' => 'Say until when; it is after it begins.', 'what.*' => 'Say what for, in a few words.']);
        DB::table('downtimes')->insert([
            'machine_id' => Machine::query()->where('code', $request->string('machine')->value())->value('id'),
            'from_at' => CarbonImmutable::parse($request->string('from')->value()), 'to_at' => CarbonImmutable::parse($request->string('to')->value()), 'why' => $request->string('what')->value(),
        ]);
        Calendar::forget();

        return redirect()->route('plan.calendar')->with('done', 'The machine is planned around it; every time that follows was worked out anew.');
    }

    public function remove(Request $request, string $kind, string $which): RedirectResponse
    {
        $gone = match ($kind) {
            'off' => DB::table('days_off')->where('day', $which)->delete(),
            'down' => DB::table('downtimes')->where('id', (int) $which)->delete(),
            default => abort(404),
        };
        Calendar::forget();

        return redirect()->route('plan.calendar')->with($gone > 0 ? 'done' : 'problem', $gone > 0 ? 'It is worked then again.' : 'That was taken out already.');
    }

    public function machine(Machine $machine, PlanBoard $board): Response
    {
        return self::ics(PlanExport::machine($board, $machine), $machine->code);
    }

    public function promises(PlanBoard $board, int $customer): Response
    {
        $name = DB::table('customers')->where('id', $customer)->value('name') ?? abort(404);

        return self::ics(PlanExport::promises($board, (string) $name), "promises-{$customer}");
    }

    public function csv(PlanBoard $board): Response
    {
        return (new Response(PlanExport::csv($board)))->header('Content-Type', 'text/csv; charset=utf-8')->header('Content-Disposition', 'attachment; filename="plan.csv"');
    }

    private static function ics(string $calendar, string $name): Response
    {
        return (new Response($calendar))->header('Content-Type', 'text/calendar; charset=utf-8')->header('Content-Disposition', "attachment; filename=\"{$name}.ics\"");
    }
}
