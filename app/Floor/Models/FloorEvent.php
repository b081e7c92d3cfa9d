<?php

declare(strict_types=1);

namespace App\Floor\Models;

use App\Foundation\Clock\Moment;
use App\Machine\Models\Machine;
use App\Plan\Models\Batch;
use Carbon\CarbonImmutable;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/**
 * One line of the floor's log: appended, never changed.
 *
 * @property int             $seq
 * @property string          $event_id
 * @property EventKind       $kind
 * @property int             $machine_id
 * @property int             $batch_id
 * @property int             $order_id
 * @property int             $load
 * @property int             $stitch
 * @property float           $clock_s
 * @property float           $planned_s
 * @property list<int>       $pieces
 * @property int             $piece_count
 * @property int             $hooping of its pieces, from 1
 * @property SpoilCause|null $cause
 * @property string          $source
 * @property int|null        $needle at which a thread broke
 * @property array<int, int>|null $wear of a load that was sewn: needle => stitches it put on it
 * @property array{cones?: array<int, float>, cloths?: array<int, float>, bobbin_m?: float}|null $took of a load that was
 *     sewn: cone => metres, cloth => mm of its bolt, metres a head of its bobbin
 * @property CarbonImmutable $recorded_at
 * @property Batch           $batch
 * @property Machine         $machine
 */
final class FloorEvent extends Model
{
    protected $table = 'floor_events';
    public $timestamps = false;
    protected $primaryKey = 'seq';
    protected $guarded = [];
    protected $casts = [
        'kind' => EventKind::class,
        'cause' => SpoilCause::class,
        'pieces' => 'array',
        'wear' => 'array',
        'took' => 'array',
        'recorded_at' => Moment::class,
    ];

    protected static function booted(): void
    {
        $never = static fn(): never => throw new LogicException('an event of the floor is never changed');
        self::updating($never);
        self::deleting($never);
    }

    /** Whether it was told under this id before, be it voided since. */
    public static function isTold(string $eventId): bool
    {
        return self::toldOf([$eventId]) !== [];
    }

    /**
     * @param list<string> $eventIds
     *
     * @return list<string> those of them that were told before, also those that were voided since
     */
    public static function toldOf(array $eventIds): array
    {
        return array_values([
            ...self::query()->whereIn('event_id', $eventIds)->pluck('event_id')->all(),
            ...VoidedEvent::query()->whereIn('event_id', $eventIds)->pluck('event_id')->all(),
        ]);
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    public function toCore(): Event
    {
        return new Event(
            $this->event_id,
            $this->kind,
            $this->batch_id,
            $this->load,
            $this->stitch,
            $this->clock_s,
            $this->pieces,
            $this->cause,
            $this->hooping,
        );
    }
}
