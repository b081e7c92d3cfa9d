<?php

declare(strict_types=1);

namespace App\Shop\Models;

use Hakama\Calendar\Shifts;
use Illuminate\Database\Eloquent\Model;

/**
 * The hours of one day of the usual week that the shop has set; a day without a row goes by the house rules.
 *
 * @property int    $weekday 1 for Monday to 7 for Sunday
 * @property string $shifts  as written: "08:00-12:00, 12:30-17:00"
 */
final class WeekDay extends Model
{
    protected $table = 'week_days';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'weekday';
    protected $guarded = [];

    /** @return list<array{int, int}> [from, to) in seconds of the day */
    public function toCore(): array
    {
        return Shifts::read($this->shifts);
    }
}
