<?php

declare(strict_types=1);

namespace App\Setup\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Illuminate\Database\Eloquent\Model;

/**
 * By how much longer a load sews on a machine and a cloth than is reckoned.
 *
 * @property int                  $id
 * @property int                  $machine_id
 * @property Fabric               $fabric
 * @property float                $factor      in force; 1 where none was taken
 * @property float|null           $left_factor offered and left
 * @property string               $who         took or left it
 * @property CarbonImmutable|null $since       when it was taken: loads before it were reckoned otherwise
 */
final class LearnedFactor extends Model
{
    protected $table = 'learned_factors';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['fabric' => Fabric::class, 'since' => Moment::class];
}
