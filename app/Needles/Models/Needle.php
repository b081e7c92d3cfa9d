<?php

declare(strict_types=1);

namespace App\Needles\Models;

use App\Stock\Models\Thread;
use Hakama\Machine\NeedleType;
use Illuminate\Database\Eloquent\Collection;
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
 * @property int         $stitches since it was fitted
 * @property Thread|null $thread
 */
final class Needle extends Model
{
    protected $table = 'needles';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['pinned' => 'boolean'];

    /**
     * Every needle of the shop by number, its thread with it: one query.
     *
     * @return Collection<int, self>
     */
    public static function withThreads(): Collection
    {
        $needles = self::query()
            ->leftJoin('threads as t', 't.id', '=', 'needles.thread_id')
            ->orderBy('needles.number')
            ->get(['needles.*', 't.code as t_code', 't.name as t_name', 't.hex as t_hex', 't.weight as t_weight']);
        foreach ($needles as $needle) {
            $needle->setRelation(
                'thread',
                $needle->thread_id === null
                    ? null
                    : (new Thread())->forceFill([
                        'id' => $needle->thread_id,
                        'code' => $needle->getAttribute('t_code'),
                        'name' => $needle->getAttribute('t_name'),
                        'hex' => $needle->getAttribute('t_hex'),
                        'weight' => $needle->getAttribute('t_weight'),
                    ]),
            );
        }

        return $needles;
    }

    public function type(): NeedleType
    {
        return new NeedleType($this->size, $this->point);
    }

    /** @return BelongsTo<Thread, $this> */
    public function thread(): BelongsTo
    {
        return $this->belongsTo(Thread::class);
    }
}
