<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int         $id
 * @property int         $machine_id
 * @property int         $number
 * @property int|null    $thread_id
 * @property bool        $pinned
 * @property string      $size
 * @property string      $point
 * @property Thread|null $thread
 */
final class Needle extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['pinned' => 'boolean'];

    /** @return BelongsTo<Thread, $this> */
    public function thread(): BelongsTo
    {
        return $this->belongsTo(Thread::class);
    }
}
