<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use Hakama\Money\Tax;
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
 * @property float                                                     $tax_percent on top of it
 * @property int                                                       $tax_cents
 * @property string                                                    $who
 * @property CarbonImmutable                                           $issued_at
 * @property Order                                                     $order
 */
final class Invoice extends Model
{
    protected $table = 'invoices';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['rows' => 'array', 'issued_at' => Moment::class];

    public function tax(): Tax
    {
        return new Tax($this->tax_percent, $this->tax_cents);
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
