<?php

declare(strict_types=1);

namespace App\Api\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What programs know of an order.
 *
 * @property int                  $order_id
 * @property int                  $version  how often it was told
 * @property array<string, mixed> $facts
 * @property bool                 $is_final nothing is expected any more
 */
final class ToldOrder extends Model
{
    protected $table = 'told_orders';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'order_id';
    protected $guarded = [];
    protected $casts = ['facts' => 'array', 'is_final' => 'boolean'];
}
