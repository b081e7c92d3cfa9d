<?php

declare(strict_types=1);

namespace App\Needles\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

/**
 * A stitch file in a slot of a machine's memory.
 *
 * @property int             $id
 * @property int             $machine_id
 * @property string          $slot
 * @property int             $artwork_id
 * @property string          $checksum of the file that lies there: a design that was replaced since is another one
 * @property string          $who
 * @property CarbonImmutable $kept_at
 */
final class KeptDesign extends Model
{
    protected $table = 'kept_designs';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kept_at' => Moment::class];

    /** @return Collection<int, self> every file of a design on a machine, the slot of it first that was written last */
    public static function of(int $machineId, int $artworkId): Collection
    {
        return self::query()
            ->where('machine_id', $machineId)
            ->where('artwork_id', $artworkId)
            ->orderByDesc('kept_at')
            ->orderByDesc('id')
            ->get();
    }
}
