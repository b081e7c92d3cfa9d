<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One cone of a thread.
 *
 * @property int    $id
 * @property int    $thread_id
 * @property int    $number
 * @property string $shelf
 * @property float  $metres_left as it was measured, less what has been sewn since
 * @property CarbonImmutable $measured_at
 */
final class Cone extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['measured_at' => Moment::class];
}
