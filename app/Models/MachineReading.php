<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
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

    /** Reports may overtake each other: within a load a machine only gets further. */
    public static function isNewer(int $machineId, string $load, int $stitch, float $clockS): bool
    {
        return self::query()
            ->where('machine_id', $machineId)
            ->where('load_event', $load)
            ->where(
                static fn(Builder $further) => $further
                    ->where('stitch', '>', $stitch)
                    ->orWhere('clock_s', '>', $clockS),
            )
            ->doesntExist();
    }
}
