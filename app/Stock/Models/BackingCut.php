<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The backing of one batch, cut from the shelf.
 *
 * @property int             $batch_id
 * @property string          $who
 * @property int             $pieces
 * @property CarbonImmutable $cut_at
 */
final class BackingCut extends Model
{
    protected $table = 'backing_cuts';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'batch_id';
    protected $guarded = [];
    protected $casts = ['cut_at' => Moment::class];
}
