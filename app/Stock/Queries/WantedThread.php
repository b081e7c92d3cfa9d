<?php

declare(strict_types=1);

namespace App\Stock\Queries;

use App\Plan\BatchBlock;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use App\Stock\Models\Thread;
use Hakama\House\HouseRule;
use Hakama\Plan\ThreadWanted;
use Hakama\Thread\ThreadUse;
use Illuminate\Database\Eloquent\Collection;

/** What thread the plan in force wants of the shelf. */
final class WantedThread
{
    /** @param Collection<int, Thread> $threads with their cones */
    public static function of(PlanBoard $board, House $house, Collection $threads): ThreadWanted
    {
        $factors = $house->rules()->threadUse();
        // The plan counts frames: of a piece in several hoopings each takes its share.
        $use = static fn(BatchBlock $block, int $hoopings): ThreadUse => ThreadUse::of(
            $block->lengthMm,
            $block->sheet->stitches,
            $factors,
        )->share(1 / $hoopings);

        return ThreadWanted::of(
            $board->timetable(),
            array_map(
                static fn(OpenBatch $batch): array => array_map(
                    static fn(BatchBlock $block): ThreadUse => $use($block, $batch->setup->hoopings),
                    $batch->design->blocks,
                ),
                $board->batches(),
            ),
            array_map(static fn(OpenBatch $batch): int => $batch->order->number, $board->batches()),
            $threads
                ->mapWithKeys(static fn(Thread $thread): array => [$thread->code => (float) $thread->metresLeft()])
                ->all(),
            $house->rules()->value(HouseRule::BobbinHolds),
        );
    }
}
