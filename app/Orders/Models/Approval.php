<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Http\ShopAddress;
use App\Orders\Approvals\ApprovalAnswer;
use App\Orders\Approvals\Shown;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which a customer sees what will be sewn and says yes, or what is to change. What was shown stays as it was.
 *
 * @property int                  $id
 * @property int                  $order_id
 * @property string               $form_id
 * @property string               $token       stands in the address; readable to this shop alone
 * @property string               $token_hash  by which it is found
 * @property string               $shown       to the last sign
 * @property string               $shown_hash  SHA-256 of it
 * @property string               $who         made it
 * @property CarbonImmutable      $made_at
 * @property CarbonImmutable      $expires_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property ApprovalAnswer|null  $answer
 * @property string|null          $answered_by as they wrote their name
 * @property string|null          $wish        what is to change
 * @property CarbonImmutable|null $answered_at
 * @property Order                $order
 */
final class Approval extends Model
{
    /** All but what was shown, which is long. */
    public const LISTED = [
        'id', 'order_id', 'token', 'shown_hash', 'who', 'made_at', 'expires_at', 'withdrawn_at', 'answer', 'answered_by',
        'wish', 'answered_at',
    ];

    protected $table = 'approvals';
    public $timestamps = false;
    protected $guarded = [];
    protected $hidden = ['token'];
    protected $casts = [
        'token' => 'encrypted',
        'answer' => ApprovalAnswer::class,
        'made_at' => Moment::class,
        'expires_at' => Moment::class,
        'withdrawn_at' => Moment::class,
        'answered_at' => Moment::class,
    ];

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public function isOver(): bool
    {
        return $this->withdrawn_at !== null || $this->expires_at->isPast();
    }

    /** Whether an answer is waited for. */
    public function isOpen(): bool
    {
        return $this->answer === null && ! $this->isOver();
    }

    /** What is put into a message to the customer. */
    public function address(): string
    {
        return ShopAddress::of('approval.show', $this->token);
    }

    public function seen(): Shown
    {
        return Shown::read($this->shown);
    }
}
