<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Log\FloorLog;
use App\Floor\Log\Misfit;
use App\Floor\Models\BatchProgress;
use App\Foundation\Database\Transaction;
use App\Needles\Models\NeedleFitting;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use Hakama\Floor\OutOfTurn;
use Hakama\Floor\PieceState;
use Hakama\Floor\ReplayedBatch;

/** The proof of what is kept beside the log: it has to be what the events come to. */
final class Recounting
{
    /**
     * Works every batch and every piece out anew from the events alone, and puts right what was kept otherwise. A batch
     * whose events cannot have followed on each other is named and left as it is; the others are gone on with.
     */
    public static function all(): Recount
    {
        return Transaction::run(static function (): Recount {
            $pieces = 0;
            $misfits = [];
            $wrong = NeedleFitting::recount() + Wear::recount();
            Piece::query()
                ->whereNotIn('decoration_id', Batch::query()->whereHas('events')->select('decoration_id'))
                ->where('state', '!=', PieceState::Waiting)
                ->update(['state' => PieceState::Waiting]);
            BatchProgress::query()->whereDoesntHave('events')->delete();
            foreach (Batch::query()->whereHas('events')->lazyById(100) as $batch) {
                $pieces += $batch->pieces()->count();
                try {
                    $wrong += self::batch($batch);
                } catch (OutOfTurn $e) {
                    $misfits[] = Misfit::named($batch, $e);
                }
            }

            return new Recount($pieces, $wrong, $misfits);
        });
    }

    /**
     * @return int of its pieces and its run, how many were kept otherwise and are put right
     *
     * @throws OutOfTurn
     */
    public static function batch(Batch $batch): int
    {
        $kept = $batch->pieces()->orderBy('pieces.id')->pluck('state', 'pieces.id')->all();
        $folded = FloorLog::fold($batch->id, array_keys($kept));
        $run = BatchProgress::query()->find($batch->id)?->toCore(count($kept));
        $wrong = 0;
        if ($run === null || ! $run->equals($folded->run)) {
            $wrong++;
            BatchProgress::keep($batch->id, (int) $batch->events()->max('seq'), $folded->run);
        }
        $wrong += self::hoopings($folded, array_keys($kept));
        foreach (PieceState::cases() as $state) {
            $other = array_keys(
                array_filter(
                    array_intersect_key($folded->states, $kept),
                    static fn(PieceState $one, int $piece): bool => $one === $state && $kept[$piece] !== $one,
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            $wrong += count($other);
            foreach (array_chunk($other, 5000) as $some) {
                Piece::query()
                    ->whereKey($some)
                    ->update(['state' => $state]);
            }
        }

        return $wrong;
    }

    /** @param list<int> $pieces of one batch */
    private static function hoopings(ReplayedBatch $folded, array $pieces): int
    {
        $wrong = 0;
        $kept = Piece::query()
            ->whereKey($pieces)
            ->where(
                static fn($some) => $some->where('hoopings', '!=', 0)->orWhereIn('id', array_keys($folded->hoopings)),
            )
            ->pluck('hoopings', 'id');
        foreach ($kept as $id => $hoopings) {
            $right = $folded->hoopings[$id] ?? 0;
            if ((int) $hoopings !== $right) {
                $wrong++;
                Piece::query()
                    ->whereKey($id)
                    ->update(['hoopings' => $right]);
            }
        }

        return $wrong;
    }
}
