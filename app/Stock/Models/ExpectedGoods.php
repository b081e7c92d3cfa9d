<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Thread or backing that was ordered, and the day on which it comes.
 *
 * @property int             $id
 * @property string          $of          a kind of the list of what is missing
 * @property string          $what        what it is known by there
 * @property CarbonImmutable $expected_on
 * @property string          $who
 * @property CarbonImmutable $noted_at
 */
final class ExpectedGoods extends Model
{
    protected $table = 'expected_goods';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['expected_on' => 'immutable_date', 'noted_at' => Moment::class];
}
