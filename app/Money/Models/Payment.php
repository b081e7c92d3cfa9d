<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Money\PaymentWay;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Money that came in for an invoice, or went back: appended, never changed; a wrong one is taken back by its opposite.
 *
 * @property int             $id
 * @property int             $invoice_id
 * @property string          $form_id
 * @property int             $cents   below zero where it went back
 * @property CarbonImmutable $paid_on
 * @property string          $note
 * @property string          $who
 * @property PaymentWay      $way
 * @property CarbonImmutable $noted_at
 * @property Invoice         $invoice
 */
final class Payment extends Model
{
    protected $table = 'payments';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['paid_on' => 'immutable_date', 'noted_at' => Moment::class, 'way' => PaymentWay::class];

    /** @return BelongsTo<Invoice, $this> */
    public function invoice(): BelongsTo
    {
        return $this->belongsTo(Invoice::class);
    }
}
