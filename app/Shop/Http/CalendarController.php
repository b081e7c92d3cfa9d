<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Machine\Models\Machine;
use App\Orders\Models\Customer;
use App\Shop\Calendar\Calendar;
use App\Shop\Calendar\CalendarBook;
use App\Shop\Calendar\UsualWeek;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use App\Shop\Http\Requests\AddDayOff;
use App\Shop\Http\Requests\AddDowntime;
use App\Shop\Http\Requests\AddExtraHours;
use App\Shop\Http\Requests\AddPresence;
use App\Shop\Http\Requests\SetWeek;
use App\Shop\Models\DayOff;
use App\Shop\Models\Downtime;
use App\Shop\Models\ExtraHours;
use App\Shop\Models\Presence;
use Hakama\House\HouseRule;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** When is worked and by whom, and when a machine is down. */
final class CalendarController
{
    public function show(Calendar $calendar, CalendarBook $book, House $house, Catalogue $catalogue): View
    {
        return view('shop.calendar', [
            'week' => $calendar->week(),
            'weekdays' => Presence::weekdays(),
            'book' => $book,
            'people' => (int) $house->rules()->value(HouseRule::People),
            'tends' => $house->rules()->value(HouseRule::Tends),
            'names' => $catalogue->people(),
            'machines' => Machine::working()->get(['id', 'code', 'name']),
            'customers' => Customer::query()
                ->orderBy('name')
                ->get(['id', 'name']),
        ]);
    }

    /** The hours of each day of the usual week; what is as the house rules have it goes on following them. */
    public function week(SetWeek $request, UsualWeek $week): RedirectResponse
    {
        $week->set($request->shifts(), $request->seen());

        return self::changed(__('shop.calendar_controller.working_hours_saved'));
    }

    public function dayOff(AddDayOff $request): RedirectResponse
    {
        DayOff::query()->create($request->validated());

        return self::changed(__('shop.calendar_controller.day_off_saved'));
    }

    public function extra(AddExtraHours $request): RedirectResponse
    {
        self::addOnce(new ExtraHours($request->row()), 'extra_from');

        return self::changed(__('shop.calendar_controller.overtime_saved'));
    }

    public function downtime(AddDowntime $request): RedirectResponse
    {
        self::addOnce(new Downtime($request->row()), 'from');

        return self::changed(__('shop.calendar_controller.downtime_saved'));
    }

    public function presence(AddPresence $request): RedirectResponse
    {
        self::addOnce(new Presence($request->row()), 'who');

        return self::changed(__('shop.calendar_controller.absence_saved'));
    }

    public function remove(string $kind, string $which): RedirectResponse
    {
        $gone = match ($kind) {
            'off' => DayOff::query()->where('day', $which)->delete(),
            'extra' => ExtraHours::destroy((int) $which),
            'person' => Presence::destroy((int) $which),
            'down' => Downtime::destroy((int) $which),
            default => abort(404),
        };

        return $gone > 0
            ? self::changed(__('shop.calendar_controller.removed'))
            : redirect()->route('plan.calendar')->with(
                'problem',
                __('shop.calendar_controller.that_was_already_removed'),
            );
    }

    /** What two write down in the same moment stands there once. */
    private static function addOnce(Model $one, string $field): void
    {
        if ($one->newQuery()->where($one->getAttributes())->exists()) {
            throw ValidationException::withMessages(
                [$field => __('shop.calendar_controller.that_is_already_in_the_calendar')],
            );
        }
        $one->save();
    }

    private static function changed(string $what): RedirectResponse
    {
        return redirect()
            ->route('plan.calendar')
            ->with('done', __('shop.calendar_controller.the_plan_is_updated', ['what' => $what]));
    }
}
