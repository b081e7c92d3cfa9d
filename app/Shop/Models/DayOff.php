<?php

declare(strict_types=1);

namespace App\Shop\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A day on which nobody works.
 *
 * @property int             $id
 * @property CarbonImmutable $day
 * @property string          $why
 */
final class DayOff extends Model
{
    public $timestamps = false;
    protected $table = 'days_off';
    protected $guarded = [];
    protected $casts = ['day' => 'immutable_date:Y-m-d'];
}
