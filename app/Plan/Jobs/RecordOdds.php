<?php

declare(strict_types=1);

namespace App\Plan\Jobs;

use App\Foundation\Database\Transaction;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\PromiseRecord;
use App\Plan\Queries\ShopOdds;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Odds as pages give them are kept, to be held against what becomes of the promises; looking at a page writes nothing. */
final class RecordOdds implements ShouldQueue
{
    use Queueable;

    /** Odds are given for so long before they are worked out anew. */
    public const EVERY_S = 600;
    public int $tries = 1;

    public function handle(ShopOdds $odds, PlanBoard $board): void
    {
        $due = [];
        foreach ($board->batches() as $batch) {
            $due[$batch->order->number] = $batch->order->dueAt();
        }
        $given = $odds->inForce(waits: true)->orders;
        Transaction::run(static fn() => PromiseRecord::said($given, $due));
    }
}
