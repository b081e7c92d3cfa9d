<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Queries\ShiftReport;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Shop\Calendar\Calendar;
use App\Shop\House;
use Illuminate\Contracts\View\View;

/** What one shift tells the next, on the screen and on paper. */
final class ShiftController
{
    public function __invoke(PlanBoard $board, ShopOdds $odds, Calendar $calendar, House $house): View
    {
        return view('floor.shift', ['report' => ShiftReport::read($board, $odds, $calendar, $house->rules())]);
    }
}
