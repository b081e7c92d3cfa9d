<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Calendar\Calendar;
use App\Calendar\CalendarBook;
use App\Models\Machine;
use App\Plan\PlanBoard;
use App\Plan\PlanExport;
use App\Shop\Catalogue;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Closure;
use Hakama\Calendar\Shifts;
use Hakama\House\HouseRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** When is worked and by whom, when a machine is down, and the plan as calendars and lists for other programs. */
final class CalendarController
{
    public function show(Calendar $calendar, CalendarBook $book, House $house, Catalogue $catalogue): View
    {
        return view('plan.calendar', [
            'calendar' => $calendar,
            'book' => $book,
            'people' => (int) $house->rules()->value(HouseRule::People),
            'tends' => $house->rules()->value(HouseRule::Tends),
            'names' => $catalogue->people(),
            'machines' => Machine::query()
                ->orderBy('id')
                ->get(['id', 'code', 'name']),
            'customers' => DB::table('customers')
                ->orderBy('name')
                ->get(['id', 'name']),
        ]);
    }

    /** The hours of each day of the usual week; what is as the house rules have it goes on following them. */
    public function week(Request $request, Calendar $calendar, CalendarBook $book): RedirectResponse
    {
        $hours = static function (string $field, mixed $value, Closure $fail): void {
            try {
                Shifts::read((string) $value);
            } catch (InvalidArgumentException $e) {
                $fail($e->getMessage());
            }
        };
        $request->validate([
            'seen' => ['required', 'string'],
            'week' => ['required', 'array:1,2,3,4,5,6,7', 'size:7'],
            'week.*' => ['bail', 'nullable', 'string', 'max:120', $hours],
        ]);
        $week = array_map(static fn(mixed $text): array => Shifts::read((string) $text), $request->array('week'));
        if (array_filter($week) === []) {
            throw ValidationException::withMessages(['week.1' => 'On one day at least something is done.']);
        }
        DB::transaction(static function () use ($week, $calendar, $book, $request): void {
            DB::table('plans')->lockForUpdate()->value('version');
            if ($book->weekSign() !== $request->string('seen')->value()) {
                throw ValidationException::withMessages([
                    'week.1' =>
                        'Somebody else has changed the week meanwhile; what you wrote is still here. Look at the calendar anew before you set it.',
                ]);
            }
            DB::table('week_days')->delete();
            $own = array_filter(
                $week,
                static fn(array $spans, int $weekday): bool => $spans !== $calendar->byRule($weekday),
                ARRAY_FILTER_USE_BOTH,
            );
            DB::table('week_days')->insert(
                array_map(
                    static fn(array $spans, int $weekday): array => [
                        'weekday' => $weekday,
                        'shifts' => Shifts::words($spans),
                    ],
                    $own,
                    array_keys($own),
                ),
            );
        });
        CalendarBook::forget();

        return redirect()
            ->route('plan.calendar')
            ->with('done', 'These are the usual hours now; every time that follows was worked out anew.');
    }

    public function dayOff(Request $request): RedirectResponse
    {
        $request->validate(
            [
                'day' => ['required', 'date_format:Y-m-d', Rule::unique('days_off', 'day')],
                'why' => ['required', 'string', 'max:80'],
            ],
            [
                'day.unique' => 'That day is off already.',
                'day.*' => 'Choose the day.',
                'why.*' => 'Say why, in a few words.',
            ],
        );
        DB::table('days_off')->insert($request->only('day', 'why'));
        CalendarBook::forget();

        return redirect()
            ->route('plan.calendar')
            ->with('done', 'Nothing is planned on that day any more; every time that follows was worked out anew.');
    }

    /** Hours that are worked beside the usual ones: an evening, a Saturday. */
    public function extra(Request $request): RedirectResponse
    {
        $request->validate(
            [
                'extra_from' => ['required', 'date'],
                'extra_to' => [
                    'bail',
                    'required',
                    'date',
                    'after:extra_from',
                    static function (string $field, mixed $value, Closure $fail) use ($request): void {
                        if (
                            substr((string) $value, 0, 10) !== substr($request->string('extra_from')->value(), 0, 10)
                        ) {
                            $fail('Extra hours begin and end on one day.');
                        }
                    },
                ],
                'extra_why' => ['required', 'string', 'max:80'],
            ],
            [
                'extra_from.*' => 'Say from when.',
                'extra_to.required' => 'Say until when.',
                'extra_to.date' => 'Say until when.',
                'extra_to.after' => 'Until when is after it begins.',
                'extra_why.*' => 'Say what for, in a few words.',
            ],
        );
        DB::table('extra_hours')->insert([
            'from_at' => CarbonImmutable::parse($request->string('extra_from')->value()),
            'to_at' => CarbonImmutable::parse($request->string('extra_to')->value()),
            'why' => $request->string('extra_why')->value(),
        ]);
        CalendarBook::forget();

        return redirect()
            ->route('plan.calendar')
            ->with('done', 'These hours are planned with; every time that follows was worked out anew.');
    }

    public function downtime(Request $request): RedirectResponse
    {
        $request->validate(
            [
                'machine' => ['required', Rule::exists('machines', 'code')],
                'from' => ['required', 'date'],
                'to' => ['required', 'date', 'after:from', 'before:+1 year'],
                'what' => ['required', 'string', 'max:80'],
                'every' => [
                    'bail',
                    'nullable',
                    'integer',
                    'between:1,365',
                    static function (string $field, mixed $value, Closure $fail) use ($request): void {
                        [$from, $to] = array_map(
                            static fn(string $name): int|false => strtotime($request->string($name)->value()),
                            ['from', 'to'],
                        );
                        if ($from !== false && $to !== false && $to - $from > 86400 * (int) $value) {
                            $fail('It is not over when it comes again.');
                        }
                    },
                ],
            ],
            [
                'every.integer' => 'After how many days it comes again is a whole number, at most 365.',
                'every.between' => 'After how many days it comes again is a whole number, at most 365.',
                'machine.*' => 'Choose the machine.',
                'from.*' => 'Say from when.',
                'to.*' => 'Say until when; it is after it begins.',
                'what.*' => 'Say what for, in a few words.',
            ],
        );
        DB::table('downtimes')->insert([
            'machine_id' => Machine::query()
                ->where('code', $request->string('machine')->value())
                ->value('id'),
            'from_at' => CarbonImmutable::parse($request->string('from')->value()),
            'to_at' => CarbonImmutable::parse($request->string('to')->value()),
            'why' => $request->string('what')->value(),
            'every_days' => $request->integer('every') ?: null,
        ]);
        CalendarBook::forget();

        return redirect()
            ->route('plan.calendar')
            ->with('done', 'The machine is planned around it; every time that follows was worked out anew.');
    }

    /** Who is away, or in as well; the days of the week are for those that come back every week. */
    public function presence(Request $request): RedirectResponse
    {
        $request->validate(
            [
                'who' => ['required', 'string', 'max:60'],
                'people' => ['required', Rule::in([-1, 1])],
                'first_day' => ['required', 'date_format:Y-m-d'],
                'last_day' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:first_day'],
                'from_time' => ['nullable', 'date_format:H:i', 'required_with:to_time'],
                'to_time' => ['nullable', 'date_format:H:i', 'after:from_time', 'required_with:from_time'],
                'weekdays' => ['required', 'array'],
                'weekdays.*' => ['integer', 'between:1,7'],
            ],
            [
                'who.*' => 'Say who, in a few words.',
                'people.*' => 'Choose away or in as well.',
                'first_day.*' => 'Choose the first day.',
                'last_day.*' => 'The last day is not before the first; leave it empty for one day.',
                'from_time.*' => 'Say from when, or leave both empty for all the day.',
                'to_time.*' => 'Say until when, after it begins, or leave both empty for all the day.',
                'weekdays.*' => 'Choose the days of the week.',
            ],
        );
        $weekdays = array_map(intval(...), array_values($request->array('weekdays')));
        DB::table('presences')->insert([
            ...$request->only('who', 'people', 'first_day', 'from_time', 'to_time'),
            'last_day' => $request->date('last_day') ?? $request->date('first_day'),
            'weekdays' => json_encode($weekdays, JSON_THROW_ON_ERROR),
        ]);
        CalendarBook::forget();

        return redirect()
            ->route('plan.calendar')
            ->with('done', 'The plan goes by who is in; every time that follows was worked out anew.');
    }

    public function remove(Request $request, string $kind, string $which): RedirectResponse
    {
        $gone = match ($kind) {
            'off' => DB::table('days_off')->where('day', $which)->delete(),
            'extra' => DB::table('extra_hours')->where('id', (int) $which)->delete(),
            'person' => DB::table('presences')->where('id', (int) $which)->delete(),
            'down' => DB::table('downtimes')->where('id', (int) $which)->delete(),
            default => abort(404),
        };
        CalendarBook::forget();

        return redirect()
            ->route('plan.calendar')
            ->with(
                $gone > 0 ? 'done' : 'problem',
                $gone > 0
                    ? 'It is taken out; every time that follows was worked out anew.'
                    : 'That was taken out already.',
            );
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
        return (new Response(PlanExport::csv($board)))
            ->header('Content-Type', 'text/csv; charset=utf-8')
            ->header('Content-Disposition', 'attachment; filename="plan.csv"');
    }

    private static function ics(string $calendar, string $name): Response
    {
        return (new Response($calendar))
            ->header('Content-Type', 'text/calendar; charset=utf-8')
            ->header('Content-Disposition', "attachment; filename=\"{$name}.ics\"");
    }
}
