<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Blanks of a line, as they came in and were counted.
 *
 * @property int             $id
 * @property int             $order_line_id
 * @property string          $form_id
 * @property int             $good
 * @property int             $wrong
 * @property string          $size          '' for any
 * @property string          $note
 * @property string          $who
 * @property CarbonImmutable $came_at
 */
final class Arrival extends Model
{
    protected $table = 'arrivals';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['came_at' => Moment::class];
}
