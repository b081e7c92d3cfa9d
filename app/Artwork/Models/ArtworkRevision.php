<?php

declare(strict_types=1);

namespace App\Artwork\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A file that an artwork had before it was replaced.
 *
 * @property int             $id
 * @property int             $artwork_id
 * @property int             $revision
 * @property string          $file_name
 * @property string          $checksum
 * @property int             $stitches
 * @property CarbonImmutable $replaced_at
 * @property string          $why
 */
final class ArtworkRevision extends Model
{
    protected $table = 'artwork_revisions';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['replaced_at' => Moment::class];
}
