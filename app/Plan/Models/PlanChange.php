<?php

declare(strict_types=1);

namespace App\Plan\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The plan before a change of it, so that the change can be undone.
 *
 * @property int             $id
 * @property int             $seen       the version that was changed
 * @property int             $version    that came of it
 * @property string          $what       was done
 * @property string          $before     JSON of how it was
 * @property CarbonImmutable $changed_at
 */
final class PlanChange extends Model
{
    protected $table = 'plan_changes';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['changed_at' => Moment::class];
}
