<?php

declare(strict_types=1);

namespace App\Needles\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Floor\Care\CareTask;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * Something that was done for a machine: appended, never changed.
 *
 * @property int             $seq
 * @property string          $event_id
 * @property int             $machine_id
 * @property CareTask        $task
 * @property int|null        $needle
 * @property string          $note
 * @property int             $stitches of the machine by then
 * @property string          $who
 * @property CarbonImmutable $done_at
 */
final class Care extends Model
{
    protected $table = 'cares';
    public $timestamps = false;
    protected $primaryKey = 'seq';
    protected $guarded = [];
    protected $casts = ['task' => CareTask::class, 'done_at' => Moment::class];

    protected static function booted(): void
    {
        $never = static fn(): never => throw new LogicException('what was done is never changed');
        self::updating($never);
        self::deleting($never);
    }
}
