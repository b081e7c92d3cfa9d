<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use App\Orders\Letters\LetterKind;
use App\Orders\Letters\LetterState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a customer was written by e-mail.
 *
 * @property int                         $id
 * @property int                         $order_id
 * @property LetterKind                  $kind
 * @property string                      $form_id    the same again is the same letter
 * @property string                      $to
 * @property string                      $subject
 * @property string                      $body
 * @property LetterState                 $state
 * @property string                      $why        it did not arrive
 * @property string                      $who
 * @property string                      $message_id by which an answer names it
 * @property CarbonImmutable             $made_at
 * @property CarbonImmutable             $state_at
 * @property Order                       $order
 * @property Collection<int, LetterFile> $files
 */
final class Letter extends Model
{
    /** All but what it says. */
    public const LISTED = ['id', 'order_id', 'kind', 'to', 'subject', 'state', 'why', 'who', 'state_at'];

    private const WHY = 300;

    protected $table = 'letters';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'kind' => LetterKind::class,
        'state' => LetterState::class,
        'made_at' => Moment::class,
        'state_at' => Moment::class,
    ];

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return HasMany<LetterFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(LetterFile::class);
    }

    public function become(LetterState $state, string $why = ''): void
    {
        $this->update([
            'state' => $state,
            'why' => mb_substr($why, 0, self::WHY),
            'state_at' => CarbonImmutable::now(),
        ]);
    }

    /** @return Collection<int, self> of an order, the last first */
    public static function ofOrder(int $order): Collection
    {
        return self::query()->where('order_id', $order)->latest('id')->get(self::LISTED);
    }
}
