<?php

declare(strict_types=1);

namespace App\Floor\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Floor\SpoilCause;
use Illuminate\Database\Eloquent\Model;

/**
 * What was done to a piece off the machine: appended, never changed.
 *
 * @property int             $id
 * @property string          $form_id  that it came with: the same one again changes nothing
 * @property int             $piece_id
 * @property int             $order_id
 * @property string          $kind     one of the constants
 * @property string          $who
 * @property string          $sewn_by
 * @property int|null        $machine_id it was sewn on
 * @property string          $fabric
 * @property SpoilCause|null $cause
 * @property string          $note
 * @property string|null     $photo
 * @property float|null      $spot_x   where on it is meant, as a share of its width from the left
 * @property float|null      $spot_y   and of its height from the top
 * @property CarbonImmutable $done_at
 */
final class Finishing extends Model
{
    protected $table = 'finishings';
    public const FINISHED = 'finished';
    public const PASSED = 'passed';
    public const REWORK = 'rework';
    public const REJECTED = 'rejected';

    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['cause' => SpoilCause::class, 'done_at' => Moment::class];
}
