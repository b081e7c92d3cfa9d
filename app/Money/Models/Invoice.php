<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use Hakama\Money\Tax;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

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
 * @property float                                                     $tax_percent on top of it
 * @property int                                                       $tax_cents
 * @property array<string, string>|null                                $seller as the letterhead was then
 * @property array<string, string>|null                                $buyer  as they were known then
 * @property CarbonImmutable|null                                      $supplied_on
 * @property CarbonImmutable|null                                      $due_on
 * @property string                                                    $who
 * @property CarbonImmutable                                           $issued_at
 * @property \Illuminate\Database\Eloquent\Collection<int, Payment> $payments
 * @property Order                                                     $order
 * @property Invoice|null                                              $credits
 */
final class Invoice extends Model
{
    protected $table = 'invoices';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'rows' => 'array',
        'issued_at' => Moment::class,
        'seller' => 'array',
        'buyer' => 'array',
        'supplied_on' => 'immutable_date',
        'due_on' => 'immutable_date',
    ];

    public function tax(): Tax
    {
        return new Tax($this->tax_percent, $this->tax_cents);
    }

    /** @return HasMany<Payment, $this> */
    public function payments(): HasMany
    {
        return $this->hasMany(Payment::class)->orderBy('id');
    }

    /** What is still to be paid of it, its tax included; wants `payments` loaded. */
    public function openCents(): int
    {
        return $this->cents + $this->tax_cents - (int) $this->payments->sum('cents');
    }

    /** Whether the day by which it was to be paid is over. */
    public function isOverdue(): bool
    {
        return $this->due_on?->endOfDay()->isPast() === true;
    }

    /** @return BelongsTo<Invoice, $this> the one it takes back */
    public function credits(): BelongsTo
    {
        return $this->belongsTo(self::class, 'credits_id');
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
