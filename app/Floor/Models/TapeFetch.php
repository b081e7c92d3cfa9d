<?php

declare(strict_types=1);

namespace App\Floor\Models;

use App\Floor\Folder\FetchedBy;
use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A tape that was fetched from the folder of a machine.
 *
 * @property int             $id
 * @property int             $machine_id
 * @property int             $batch_id
 * @property string          $name     as it lay there
 * @property string          $checksum of what was in it
 * @property FetchedBy       $way
 * @property CarbonImmutable $first_at
 * @property CarbonImmutable $last_at
 */
final class TapeFetch extends Model
{
    protected $table = 'tape_fetches';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['way' => FetchedBy::class, 'first_at' => Moment::class, 'last_at' => Moment::class];
}
