<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * How much of something lay on the shelf when it was counted. Counts are added, never changed: the last one holds.
 *
 * @property int             $id
 * @property string          $kind
 * @property float           $amount
 * @property string          $who
 * @property CarbonImmutable $counted_at
 */
final class StockCount extends Model
{
    protected $table = 'stock_counts';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['amount' => 'float', 'counted_at' => Moment::class];
}
