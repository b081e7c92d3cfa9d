<?php

declare(strict_types=1);

namespace App\Floor\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

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
    protected $table = 'machine_readings';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'machine_id';
    protected $guarded = [];
    protected $casts = ['clock_s' => 'float', 'read_at' => Moment::class];

    /** Reports may overtake each other: within a load a machine only gets further. Told and compared in one step. */
    public static function take(int $machineId, string $load, int $stitch, float $clockS): void
    {
        $isFurther = 'load_event <> values(load_event) or (stitch <= values(stitch) and clock_s <= values(clock_s))';
        DB::affectingStatement(
            <<<SQL
            insert into machine_readings (machine_id, load_event, stitch, clock_s, read_at) values (?, ?, ?, ?, ?)
            on duplicate key update
                read_at = if({$isFurther}, values(read_at), read_at),
                stitch = if({$isFurther}, values(stitch), stitch),
                clock_s = if({$isFurther}, values(clock_s), clock_s),
                load_event = values(load_event)
            SQL
            ,
            [$machineId, $load, $stitch, $clockS, CarbonImmutable::now()],
        );
    }
}
