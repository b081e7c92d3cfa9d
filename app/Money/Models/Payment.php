<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

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
 * @property CarbonImmutable $noted_at
 */
final class Payment extends Model
{
    protected $table = 'payments';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['paid_on' => 'immutable_date', 'noted_at' => Moment::class];
}
