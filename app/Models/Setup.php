<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How one decoration is set up, as chosen.
 *
 * @property int             $decoration_id
 * @property int             $frame_id
 * @property int             $turn_deg
 * @property string          $backing
 * @property int             $layers
 * @property bool            $adhesive
 * @property bool            $topper
 * @property string          $needle_size
 * @property string          $needle_point
 * @property int             $speed_spm
 * @property int             $hoop_s
 * @property string          $override_reason
 * @property array<int, int> $sew_s     machine id => seconds a load sews there
 * @property Frame           $frame
 * @property Decoration      $decoration
 */
final class Setup extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'decoration_id';
    protected $guarded = [];
    protected $casts = ['adhesive' => 'boolean', 'topper' => 'boolean', 'sew_s' => 'array'];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<Decoration, $this> */
    public function decoration(): BelongsTo
    {
        return $this->belongsTo(Decoration::class);
    }
}
