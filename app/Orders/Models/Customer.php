<?php

declare(strict_types=1);

namespace App\Orders\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property string $name
 * @property float  $late_weight how much a minute late counts for them against that of others
 * @property string|null $language in which papers and messages are written; null: that of the shop
 */
final class Customer extends Model
{
    protected $table = 'customers';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['late_weight' => 'float'];
}
