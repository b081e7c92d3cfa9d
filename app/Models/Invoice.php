<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An invoice, or a credit for one: appended, never changed.
 *
 * @property int                                                       $id
 * @property int                                                       $number
 * @property int                                                       $order_id
 * @property string                                                    $form_id
 * @property int|null                                                  $credits_id the invoice it takes back
 * @property string                                                    $customer
 * @property list<array{text: string, pieces: int, cents: int}>        $rows
 * @property int                                                       $cents
 * @property string                                                    $who
 * @property CarbonImmutable                                           $issued_at
 * @property Order                                                     $order
 */
final class Invoice extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['rows' => 'array', 'issued_at' => 'immutable_datetime'];

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
