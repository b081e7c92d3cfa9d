<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use Hakama\Money\QuoteState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A quote that was given, with the figures of that day; only what became of it changes.
 *
 * @property int                    $id
 * @property int                    $number
 * @property int                    $version      of that number, from 1
 * @property string                 $form_id
 * @property string                 $customer
 * @property array<string, string>  $asked        field of the question => what was typed
 * @property list<array{text: string, pieces: int, cents: int}> $rows as the paper has them
 * @property int                    $pieces
 * @property int                    $price_cents
 * @property int                    $least_cents  where stitches were guessed; else the price itself
 * @property int                    $most_cents
 * @property int                    $cost_cents
 * @property QuoteState             $state
 * @property string                 $why          it was declined
 * @property int|null               $order_id     that it became
 * @property string                 $who
 * @property CarbonImmutable        $made_at
 * @property CarbonImmutable|null   $answered_at
 * @property Order|null             $order
 */
final class GivenQuote extends Model
{
    protected $table = 'kept_quotes';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'asked' => 'array',
        'rows' => 'array',
        'state' => QuoteState::class,
        'made_at' => Moment::class,
        'answered_at' => Moment::class,
    ];

    /** "Q-7", "Q-7, version 2". */
    public function label(): string
    {
        return "Q-{$this->number}".($this->version > 1 ? ", version {$this->version}" : '');
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
