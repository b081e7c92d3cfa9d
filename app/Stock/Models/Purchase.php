<?php

declare(strict_types=1);

namespace App\Stock\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Stock that was bought, in the unit in which its rate is said. Purchases are added, never changed.
 *
 * @property int             $id
 * @property string          $form_id
 * @property string          $of        the rate it is bought for, a house rule
 * @property float           $amount
 * @property int             $cents     paid for all of it
 * @property string          $who
 * @property CarbonImmutable $bought_on
 */
final class Purchase extends Model
{
    protected $table = 'purchases';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['amount' => 'float', 'bought_on' => 'immutable_date'];
}
