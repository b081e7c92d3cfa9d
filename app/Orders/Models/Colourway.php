<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Stock\Models\Thread;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The thread of a block on one decoration, where it is another than the artwork's own.
 *
 * @property int    $id
 * @property int    $decoration_id
 * @property int    $number of the block, from 1
 * @property int    $thread_id
 * @property Thread $thread
 */
final class Colourway extends Model
{
    protected $table = 'colourways';
    public $timestamps = false;
    protected $guarded = [];

    /** @return BelongsTo<Thread, $this> */
    public function thread(): BelongsTo
    {
        return $this->belongsTo(Thread::class);
    }

    /** @return array<int, Thread> block => its thread on this decoration, where it is another than the artwork's own */
    public static function of(Decoration $decoration): array
    {
        $ways = $decoration->relationLoaded('colourways')
            ? $decoration->colourways
            : $decoration->colourways()->with('thread')->get();

        return $ways
            ->mapWithKeys(static fn(self $one): array => [$one->number => $one->thread])
            ->all();
    }
}
