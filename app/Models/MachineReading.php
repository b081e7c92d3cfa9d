<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Where a machine last said it was; each reading replaces the one before.
 *
 * @property int             $machine_id
 * @property string          $load_event
 * @property int             $stitch
 * @property float           $clock_s
 * @property CarbonImmutable $read_at
 */
final class MachineReading extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'machine_id';
    protected $guarded = [];
    protected $casts = ['clock_s' => 'float', 'read_at' => 'immutable_datetime'];
}
