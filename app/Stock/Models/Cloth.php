<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Floor\Models\FloorEvent;
use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Cloth on the bolt, to be laid on.
 *
 * @property float                $measured_mm as the bolt was measured last
 * @property int                  $after_seq   the last event of the floor before that
 * @property int                  $id
 * @property string               $code
 * @property string               $name
 * @property string               $hex
 * @property float                $width_mm
 * @property float                $length_mm left on the bolt
 * @property bool                 $fusible   web is ironed to its back before it is cut
 * @property CarbonImmutable|null $retired_at
 */
final class Cloth extends Model
{
    protected $table = 'cloths';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['fusible' => 'boolean', 'retired_at' => Moment::class];

    protected static function booted(): void
    {
        // Measured: what is taken from here on is taken off that. Loads take theirs past the model.
        self::saving(static function (self $one): void {
            if ($one->isDirty('length_mm')) {
                $one->setAttribute('measured_mm', $one->length_mm);
                $one->setAttribute('after_seq', (int) FloorEvent::query()->max('seq'));
            }
        });
    }
}
