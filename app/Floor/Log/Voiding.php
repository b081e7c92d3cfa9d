<?php

declare(strict_types=1);

namespace App\Floor\Log;

use App\Artwork\ClothUse;
use App\Floor\Models\FloorEvent;
use App\Floor\Models\VoidedEvent;
use App\Floor\Projections\ConeUsage;
use App\Floor\Projections\DaySums;
use App\Floor\Projections\Recounting;
use App\Floor\Projections\Wear;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use App\Plan\Models\Batch;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Support\Facades\DB;

/** Takes an event out of the log that cannot have happened, keeps it beside, and gives back what it took. */
final class Voiding
{
    /**
     * @return bool false where it fits, or is voided already: what may have happened is put right by an event of its own
     */
    public static function void(int $seq, string $who, string $reason): bool
    {
        return Transaction::onFloor(static function () use ($seq, $who, $reason): bool {
            $event = FloorEvent::query()->find($seq);
            if ($event === null) {
                return false;
            }
            $batch = Batch::query()->with(['decoration.artwork', 'decoration.setup'])->findOrFail($event->batch_id);
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
            self::giveBack($batch, $event);
            if (Misfit::of($batch) === null) {
                Recounting::batch($batch);
            }
            DaySums::anew($event->recorded_at);

            return true;
        });
    }

    /** Thread, cloth and wear that were charged for a load that was sewn once. */
    private static function giveBack(Batch $batch, FloorEvent $event): void
    {
        $artwork = $batch->decoration->artwork;
        if ($event->kind !== EventKind::Sewn || $artwork === null) {
            return;
        }
        $blocks = FloorLog::hooped($batch, $event->hooping)?->blocks;
        $frames = CopiesPerFrame::frames(count($event->pieces), $artwork->copies);
        $bobbinM = app(ConeUsage::class)->giveBack($artwork, $frames, $batch->decoration, $blocks);
        app(ClothUse::class)->take($artwork, -$frames, $blocks);
        Machine::query()
            ->whereKey($event->machine_id)
            ->update(['bobbin_used_m' => DB::raw(sprintf('greatest(0, bobbin_used_m - %F)', $bobbinM))]);
        Wear::recount();
    }
}
