<?php

declare(strict_types=1);

namespace App\Needles\Models;

use App\Floor\Models\FloorEvent;
use App\Foundation\Clock\Moment;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use Carbon\CarbonImmutable;
use Hakama\Machine\NeedleType;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * A needle that was fitted: appended, never changed. What is on a needle is what its last fitting left there.
 *
 * @property int             $seq
 * @property string          $event_id
 * @property int             $machine_id
 * @property int             $number
 * @property string          $size
 * @property string          $point
 * @property string          $who
 * @property CarbonImmutable $fitted_at
 * @property int             $after_seq the last event of the machine before it
 */
final class NeedleFitting extends Model
{
    protected $table = 'needle_fittings';
    public $timestamps = false;
    protected $primaryKey = 'seq';
    protected $guarded = [];
    protected $casts = ['fitted_at' => Moment::class];

    protected static function booted(): void
    {
        $never = static fn(): never => throw new LogicException('a fitting is never changed');
        self::updating($never);
        self::deleting($never);
    }

    /**
     * Records what was fitted on some needles of a machine. The same id again changes nothing.
     *
     * @param array<int, NeedleType> $needles by number
     */
    public static function record(Machine $machine, array $needles, string $eventId, string $who): void
    {
        Transaction::onFloor(static function () use ($machine, $needles, $eventId, $who): void {
            // Nothing is sewn between: what follows wears the new needle.
            $after = (int) FloorEvent::query()->where('machine_id', $machine->id)->max('seq');
            $on = $machine->rack()->get()->keyBy('number');
            foreach ($needles as $number => $type) {
                $new = self::query()->insertOrIgnore([
                    'event_id' => $eventId,
                    'machine_id' => $machine->id,
                    'number' => $number,
                    'size' => $type->size,
                    'point' => $type->point,
                    'who' => $who,
                    'fitted_at' => CarbonImmutable::now(),
                    'after_seq' => $after,
                ]);
                if ($new > 0) {
                    $on[$number]?->update(['size' => $type->size, 'point' => $type->point, 'stitches' => 0]);
                }
            }
        });
    }

    /**
     * Sets every needle to what its last fitting left there.
     *
     * @return int needles that said otherwise
     */
    public static function recount(): int
    {
        return DB::affectingStatement(
            <<<'SQL'
            update needles n
            join (select machine_id, number, max(seq) as seq from needle_fittings group by machine_id, number) last
              on last.machine_id = n.machine_id and last.number = n.number
            join needle_fittings f on f.seq = last.seq
            set n.size = f.size, n.point = f.point
            where n.size <> f.size or n.point <> f.point
            SQL
            ,
        );
    }
}
