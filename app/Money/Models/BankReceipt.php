<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What came to the account, as a statement said it.
 *
 * @property int             $id
 * @property string          $entry_key the same each time a statement says it
 * @property CarbonImmutable $booked_on
 * @property int             $cents
 * @property string          $party     who paid
 * @property string          $text      what they wrote to it
 * @property bool            $is_open   nobody has said yet what it was for
 * @property string          $invoices  numbers of those it paid; '' where it was for none
 * @property CarbonImmutable $read_at
 */
final class BankReceipt extends Model
{
    protected $table = 'bank_receipts';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['booked_on' => 'immutable_date', 'is_open' => 'boolean', 'read_at' => Moment::class];
}
