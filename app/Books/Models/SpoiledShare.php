<?php

declare(strict_types=1);

namespace App\Books\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Illuminate\Database\Eloquent\Model;

/**
 * Of pieces on a cloth how many in a hundred are spoiled, as it was taken from the log.
 *
 * @property Fabric               $fabric
 * @property float|null           $percent      in force; null where none was taken: as the house has it
 * @property float|null           $left_percent offered and left
 * @property string               $who          took or left it
 * @property CarbonImmutable|null $since
 */
final class SpoiledShare extends Model
{
    protected $table = 'spoiled_shares';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'fabric';
    protected $keyType = 'string';
    protected $guarded = [];
    protected $casts = [
        'fabric' => Fabric::class,
        'percent' => 'float',
        'left_percent' => 'float',
        'since' => Moment::class,
    ];
}
