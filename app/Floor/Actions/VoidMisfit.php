<?php

declare(strict_types=1);

namespace App\Floor\Actions;

use App\Floor\Log\Misfit;
use App\Floor\Models\FloorEvent;
use App\Floor\Models\VoidedEvent;
use App\Floor\Projections\Projections;
use App\Foundation\Database\Transaction;
use App\Plan\Models\Batch;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Takes an event out of the log that cannot have happened, keeps it beside, and gives back what it took. */
final readonly class VoidMisfit
{
    public function __construct(private Projections $projections) {}

    /**
     * @return bool false where it fits, or is voided already: what may have happened is put right by an event of its own
     */
    public function void(int $seq, string $who, string $reason): bool
    {
        return Transaction::onFloor(function () use ($seq, $who, $reason): bool {
            $event = FloorEvent::query()->find($seq);
            if ($event === null) {
                return false;
            }
            $batch = Batch::query()->findOrFail($event->batch_id);
            if (Misfit::of($batch)?->event->seq !== $seq) {
                return false;
            }
            VoidedEvent::query()->create([
                'seq' => $seq,
                'event_id' => $event->event_id,
                'row' => $event->getAttributes(),
                'who' => mb_substr($who, 0, 40),
                'reason' => mb_substr($reason, 0, 200),
                'voided_at' => CarbonImmutable::now(),
            ]);
            DB::table('step_confirmations')->where('event_id', $event->event_id)->delete();
            FloorEvent::query()->whereKey($seq)->toBase()->delete();
            // What it took is given back, and its batch stands where the others have brought it.
            $this->projections->retract($event);

            return true;
        });
    }
}
