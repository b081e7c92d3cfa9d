<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * One line of the floor's log: appended, never changed.
 *
 * @property int             $seq
 * @property string          $event_id
 * @property string          $kind
 * @property int             $machine_id
 * @property int             $batch_id
 * @property int             $order_id
 * @property int             $load
 * @property int             $stitch
 * @property float           $clock_s
 * @property float           $planned_s
 * @property list<int>       $pieces
 * @property int             $piece_count
 * @property string|null     $cause
 * @property string          $source
 * @property CarbonImmutable $recorded_at
 */
final class FloorEvent extends Model
{
    public $timestamps = false;
    protected $primaryKey = 'seq';
    protected $guarded = [];
    protected $casts = ['pieces' => 'array', 'recorded_at' => 'immutable_datetime'];

    protected static function booted(): void
    {
        $never = static fn(): never => throw new LogicException('an event of the floor is never changed');
        self::updating($never);
        self::deleting($never);
    }

    public function toCore(): Event
    {
        return new Event(
            $this->event_id,
            EventKind::from($this->kind),
            $this->batch_id,
            $this->load,
            $this->stitch,
            $this->clock_s,
            $this->pieces,
            $this->cause === null ? null : SpoilCause::from($this->cause),
        );
    }
}
