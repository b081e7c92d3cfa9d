<?php

declare(strict_types=1);

namespace App\Stock\Models;

use App\Floor\Models\FloorEvent;
use App\Foundation\Clock\Moment;
use App\Foundation\Database\Tally;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * A part that is fitted to a made item by hand: a snap, a ring, a hook, a zip.
 *
 * @property int                  $id
 * @property string               $code
 * @property string               $name
 * @property int                  $unit_cents what one costs
 * @property int                  $counted    how many there were when they were counted last
 * @property int                  $after_seq  the last event of the floor before that
 * @property CarbonImmutable|null $retired_at
 */
final class Hardware extends Model
{
    public $timestamps = false;
    protected $table = 'hardware';
    protected $guarded = [];
    protected $casts = ['retired_at' => Moment::class];

    /** So many lie there now: what is fitted from here on is taken off that. */
    public function count(int $there): void
    {
        $this->counted = $there;
        $this->after_seq = (int) FloorEvent::query()->max('seq');
    }

    /**
     * What was counted less what was fitted since: one for every piece that was sewn, spoiled ones among them.
     *
     * @return array<int, int> hardware => how many
     */
    public static function left(): array
    {
        $used = DB::table('hardware as h')
            ->join('artwork_hardware as ah', 'ah.hardware_id', '=', 'h.id')
            ->join('decorations as d', 'd.artwork_id', '=', 'ah.artwork_id')
            ->join('batches as b', 'b.decoration_id', '=', 'd.id')
            ->join('floor_events as e', 'e.batch_id', '=', 'b.id')
            ->whereColumn('e.seq', '>', 'h.after_seq')
            ->whereIn('e.kind', Tally::kinds())
            ->groupBy('h.id', 'ah.artwork_id', 'ah.each')
            ->selectRaw('h.id, ah.each * ('.Tally::done('e').' + '.Tally::spoiled('e').') as fitted')
            ->get();
        $left = self::query()->pluck('counted', 'id')->map(static fn(mixed $counted): int => (int) $counted)->all();
        foreach ($used as $row) {
            $left[(int) $row->id] -= (int) $row->fitted;
        }

        return $left;
    }
}
