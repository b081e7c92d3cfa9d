<?php

declare(strict_types=1);

namespace App\Shop\Calendar;

use App\Foundation\Database\Transaction;
use App\Shop\House;
use App\Shop\Models\WeekDay;
use Hakama\Calendar\Shifts;
use Hakama\Calendar\Week;
use Illuminate\Validation\ValidationException;

/** Sets the hours of the usual week. */
final readonly class UsualWeek
{
    public function __construct(private House $house) {}

    /**
     * What is as the house rules have it goes on following them.
     *
     * @param array<int, list<array{int, int}>> $week weekday, 1 for Monday => its shifts
     * @param string                            $seen the sign of the week that was looked at
     *
     * @throws ValidationException when somebody else has changed it meanwhile
     */
    public function set(array $week, string $seen): void
    {
        Transaction::run(function () use ($week, $seen): void {
            if (CalendarBook::weekSign() !== $seen) {
                throw ValidationException::withMessages([
                    'week.1' =>
                        __('shop.usual_week.somebody_else_changed_the_week_in'),
                ]);
            }
            WeekDay::query()->delete();
            foreach ($week as $weekday => $shifts) {
                if ($shifts !== Week::byRule($this->house->rules(), $weekday)) {
                    WeekDay::query()->create(['weekday' => $weekday, 'shifts' => Shifts::words($shifts)]);
                }
            }
        });
    }
}
