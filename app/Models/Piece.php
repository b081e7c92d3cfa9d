<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One decoration on one physical garment.
 *
 * @property int    $id
 * @property int    $order_id
 * @property int    $decoration_id
 * @property string $size
 * @property int    $number
 * @property string $state
 */
final class Piece extends Model
{
    public $timestamps = false;
    protected $guarded = [];

    public function label(): string
    {
        return $this->size === 'one' ? "no. {$this->number}" : "{$this->size} no. {$this->number}";
    }
}
