<?php

declare(strict_types=1);

namespace App\Setup\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Where somebody found the true centre of a clamp's window on a machine, or that it was dropped. Appended, never
 * changed.
 *
 * @property int             $id
 * @property int             $frame_id
 * @property int             $machine_id
 * @property bool            $dropped
 * @property float           $x_mm   of the true centre from what the machine takes for it, to the right
 * @property float           $y_mm   the same, away from the person
 * @property int             $nudges of the sensor arm until the machine believed in its largest frame
 * @property string          $who
 * @property CarbonImmutable $checked_at
 */
final class ClampCheck extends Model
{
    protected $table = 'clamp_checks';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['dropped' => 'boolean', 'checked_at' => Moment::class];
}
