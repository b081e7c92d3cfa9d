<?php

declare(strict_types=1);

namespace App\Api\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One piece of news for one program.
 *
 * @property int                  $id
 * @property int                  $webhook_id
 * @property int                  $news_id
 * @property int                  $tries
 * @property int|null             $status       of the last answer; null where there was none
 * @property CarbonImmutable|null $delivered_at null: it waits
 * @property News                 $news
 */
final class Delivery extends Model
{
    protected $table = 'deliveries';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['delivered_at' => Moment::class];

    /** @return BelongsTo<News, $this> */
    public function news(): BelongsTo
    {
        return $this->belongsTo(News::class);
    }

    /** @param Builder<self> $query */
    public function scopeWaiting(Builder $query): void
    {
        $query->whereNull('delivered_at');
    }
}
