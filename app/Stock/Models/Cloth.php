<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Cloth on the bolt, to be laid on.
 *
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
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['fusible' => 'boolean', 'retired_at' => Moment::class];
}
