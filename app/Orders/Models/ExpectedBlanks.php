<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Blanks of a line that are on their way. What came of them is counted off; what came whole is kept for the record.
 *
 * @property int             $id
 * @property int             $order_line_id
 * @property string          $form_id
 * @property string          $size          '' for any
 * @property int             $pieces        that were expected
 * @property int             $came          of them so far
 * @property CarbonImmutable $expected_on
 * @property string          $who
 * @property CarbonImmutable $noted_at
 *
 * @method static Builder<self> outstanding()
 */
final class ExpectedBlanks extends Model
{
    protected $table = 'expected_blanks';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['expected_on' => 'immutable_date', 'noted_at' => Moment::class];

    /** @param Builder<self> $query */
    public function scopeOutstanding(Builder $query): void
    {
        $query->whereColumn('came', '<', 'pieces');
    }

    public function left(): int
    {
        return max(0, $this->pieces - $this->came);
    }
}
