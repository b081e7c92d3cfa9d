<?php

declare(strict_types=1);

namespace App\Orders\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One text of a list as it is sewn, with the design it stands under; several pieces may carry the same.
 *
 * @property int    $id
 * @property int    $lettering_id
 * @property string $text
 * @property int    $stitches of the text alone
 * @property int    $all_stitches with the design
 * @property float  $length_mm
 * @property int    $trims
 * @property float  $width_mm
 * @property float  $height_mm of its capitals
 * @property string $checksum of its tape
 * @property string $tape     with the design, as a machine sews it
 */
final class LetteredText extends Model
{
    protected $table = 'lettered_texts';
    public $timestamps = false;
    protected $guarded = [];
    protected $hidden = ['tape'];
}
