<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Floor\Models\FloorEvent;
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
 * @property float  $measured_m  as it was measured last
 * @property int    $after_seq   the last event of the floor before that
 * @property float  $metres_left as it was measured, less what has been sewn since
 * @property CarbonImmutable $measured_at
 */
final class Cone extends Model
{
    protected $table = 'cones';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['measured_at' => Moment::class];

    protected static function booted(): void
    {
        // Measured: what is taken from here on is taken off that. Loads take theirs past the model.
        self::saving(static function (self $one): void {
            if ($one->isDirty('metres_left')) {
                $one->setAttribute('measured_m', $one->metres_left);
                $one->setAttribute('after_seq', (int) FloorEvent::query()->max('seq'));
            }
        });
    }
}
