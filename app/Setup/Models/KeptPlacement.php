<?php

declare(strict_types=1);

namespace App\Setup\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Setup\Placement\FoundPlacement;
use Illuminate\Database\Eloquent\Model;

/**
 * Where a design goes on one garment in one size, as it was found once: by measure, or by the station's peg.
 *
 * @property int             $id
 * @property string          $garment  the style's name, else the kind of garment
 * @property string          $position
 * @property string          $size
 * @property int             $motif    which of several along one tube, 1 for the first; 0 where it lies alone
 * @property string          $peg
 * @property float|null      $down_mm
 * @property float|null      $across_mm
 * @property string          $who
 * @property CarbonImmutable $kept_at
 */
final class KeptPlacement extends Model
{
    protected $table = 'kept_placements';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kept_at' => Moment::class];

    public function toCore(): FoundPlacement
    {
        return new FoundPlacement($this->peg, $this->down_mm, $this->across_mm);
    }
}
