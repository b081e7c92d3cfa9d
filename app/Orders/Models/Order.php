<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int                        $id
 * @property int                        $number
 * @property int                        $customer_id
 * @property CarbonImmutable            $received_at
 * @property CarbonImmutable            $due_at
 * @property string                     $note
 * @property bool                       $for_event    of no use after it is due
 * @property string                     $contact      whom to speak to
 * @property string                     $shelf        where what is ready of it lies
 * @property int                        $artwork_cents paid once
 * @property int|null                   $agreed_cents  the price that was agreed; null: as it is worked out
 * @property string|null                $form_id      the form it was entered with: the same one again is the same order
 * @property CarbonImmutable|null       $cancelled_at
 * @property Customer                   $customer
 * @property Collection<int, OrderLine> $lines
 */
final class Order extends Model
{
    protected $table = 'orders';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'received_at' => Moment::class,
        'due_at' => Moment::class,
        'for_event' => 'bool',
        'cancelled_at' => Moment::class,
    ];

    public function getRouteKeyName(): string
    {
        return 'number';
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class);
    }
}
