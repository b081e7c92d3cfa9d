<?php

declare(strict_types=1);

namespace App\Money\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One step of the price list.
 *
 * @property int $id
 * @property int $stitches_to up to so many stitches
 * @property int $pieces_from from so many pieces on
 * @property int $cents       a piece
 */
final class PriceStep extends Model
{
    protected $table = 'price_steps';
    public $timestamps = false;
    protected $guarded = [];
}
