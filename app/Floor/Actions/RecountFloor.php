<?php

declare(strict_types=1);

namespace App\Floor\Actions;

use App\Floor\Log\Misfit;
use App\Floor\Models\BatchProgress;
use App\Floor\Models\FloorEvent;
use App\Floor\Projections\Projections;
use App\Floor\Projections\Recount;
use App\Foundation\Database\Transaction;
use App\Needles\Models\NeedleFitting;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;

/** The proof of what is kept beside the log: all of it is worked out anew from the events, and put right where it was not so. */
final readonly class RecountFloor
{
    public function __construct(private Projections $projections) {}

    /** A batch whose events cannot have followed on each other is named; the others are gone on with. */
    public function all(): Recount
    {
        return Transaction::run(function (): Recount {
            $wrong = NeedleFitting::recount() + array_sum($this->projections->rebuildAll());
            $begun = Batch::query()->whereHas('events')->select('decoration_id');

            return new Recount(Piece::query()->whereIn('decoration_id', $begun)->count(), $wrong, self::misfits());
        });
    }

    /** @return list<Misfit> of batches that did not come as far as their last event */
    private static function misfits(): array
    {
        $last = FloorEvent::query()->selectRaw('batch_id, max(seq) as seq')->groupBy('batch_id')->toBase();
        $ids = BatchProgress::query()
            ->joinSub($last, 'last', 'last.batch_id', '=', 'batch_runs.batch_id')
            ->whereColumn('batch_runs.seq', '<', 'last.seq')
            ->pluck('batch_runs.batch_id');

        return array_values(
            array_filter(
                array_map(Misfit::of(...), Batch::query()->whereKey($ids)->orderBy('id')->get()->all()),
            ),
        );
    }
}
