<?php

declare(strict_types=1);

namespace App\Setup\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Where the frame stood when the trace of an artwork was right, as the panel of the machine says it.
 *
 * @property int             $id
 * @property int             $artwork_id
 * @property int             $frame_id
 * @property int             $machine_id
 * @property float           $x_mm
 * @property float           $y_mm
 * @property string          $who
 * @property CarbonImmutable $kept_at
 */
final class Origin extends Model
{
    protected $table = 'origins';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kept_at' => Moment::class];

    public static function keep(int $artwork, int $frame, int $machine, float $x, float $y, string $who): void
    {
        self::query()->updateOrCreate(
            ['artwork_id' => $artwork, 'frame_id' => $frame, 'machine_id' => $machine],
            ['x_mm' => $x, 'y_mm' => $y, 'who' => mb_substr($who, 0, 40), 'kept_at' => CarbonImmutable::now()],
        );
    }
}
