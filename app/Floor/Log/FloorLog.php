<?php

declare(strict_types=1);

namespace App\Floor\Log;

use App\Floor\Models\BatchProgress;
use App\Floor\Models\FloorEvent;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Plan\Models\Batch;
use Carbon\CarbonImmutable;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\ReplayedBatch;
use Hakama\Floor\Stage;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Support\Facades\DB;

/** Where machines and batches stand, read from the log of the floor and from what is kept beside it. */
final class FloorLog
{
    /**
     * Where a batch stands.
     *
     * @param int|null $pieces how many it has, where that is known
     */
    public static function run(Batch $batch, ?int $pieces = null): BatchRun
    {
        $kept = BatchProgress::query()->find($batch->id);

        return match (true) {
            $kept !== null => $kept->toCore($pieces ?? $batch->pieces()->count()),
            // A shop of an earlier version has kept nothing yet.
            $batch->events()->exists() => self::fold(
                $batch->id,
                self::pieces($batch),
            )->run,
            default => BatchRun::start($pieces ?? $batch->pieces()->count()),
        };
    }

    /**
     * The batch a machine is at, with where it stands: the one its last event speaks of, unless that is finished.
     *
     * @return array{Batch, BatchRun}|null
     */
    public static function current(Machine $machine): ?array
    {
        $last = FloorEvent::query()->with('batch')->where('machine_id', $machine->id)->orderByDesc('seq')->first();
        $run = $last === null ? null : self::run($last->batch);

        return $last === null || $run === null || $run->stage === Stage::Finished ? null : [$last->batch, $run];
    }

    /** @return list<int> */
    public static function pieces(Batch $batch): array
    {
        return array_values(
            $batch->pieces()->orderBy('pieces.id')->pluck('pieces.id')->map(static fn(mixed $id): int => (int) $id)->all(),
        );
    }

    /** @param list<int> $pieces all pieces of the batch */
    public static function fold(int $batchId, array $pieces): ReplayedBatch
    {
        return ReplayedBatch::of(
            $pieces,
            FloorEvent::query()
                ->where('batch_id', $batchId)
                ->orderBy('seq')
                ->lazy(5000)
                ->map(static fn(FloorEvent $event): Event => $event->toCore()),
        );
    }

    /** @param list<string> $codes of the steps that were confirmed with an event */
    public static function confirm(string $eventId, Batch $batch, array $codes, string $who): void
    {
        DB::table('step_confirmations')->insertOrIgnore(
            array_map(
                static fn(string $code): array => [
                    'event_id' => $eventId,
                    'batch_id' => $batch->id,
                    'code' => $code,
                    'who' => $who,
                    'confirmed_at' => CarbonImmutable::now(),
                ],
                $codes,
            ),
        );
    }

    /** Seconds a load has sewn by the clock on the wall: since it was started, less its halts. */
    public static function sewingS(Batch $batch, int $load, ?CarbonImmutable $until = null): float
    {
        $events = FloorEvent::query()
            ->where('batch_id', $batch->id)
            ->where('load', $load)
            ->orderBy('seq')
            ->get(['kind', 'recorded_at']);
        $sewn = 0.0;
        $since = null;
        foreach ($events as $event) {
            if (in_array($event->kind, [EventKind::LoadStarted, EventKind::Resumed], true)) {
                $since = $event->recorded_at;
            } elseif ($event->kind->halts() && $since !== null) {
                // Never less than nothing, even where the clock was put back meanwhile.
                $sewn += max(0.0, $since->diffInSeconds($event->recorded_at));
                $since = null;
            }
        }

        return $sewn + ($since === null ? 0.0 : max(0.0, $since->diffInSeconds($until ?? CarbonImmutable::now())));
    }

    /** @return array<string, int> kind of frame => how many hold nothing, by what every batch has hooped or on its machine */
    public static function freeFrames(): array
    {
        $held = [];
        $runs = BatchProgress::query()
            ->join('batches as b', 'b.id', '=', 'batch_runs.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('setups as s', 's.decoration_id', '=', 'd.id')
            ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->where('holds', 1)
            ->get(['batch_runs.*', 's.frame_id', 'a.copies']);
        foreach ($runs as $run) {
            [$frame, $copies] = [(int) $run->getAttribute('frame_id'), (int) $run->getAttribute('copies')];
            $held[$frame] =
                ($held[$frame] ?? 0) +
                CopiesPerFrame::frames(count($run->on_frame), $copies) +
                CopiesPerFrame::frames(count($run->hooped), $copies);
        }

        return Frame::query()
            ->get()
            ->mapWithKeys(static fn(Frame $frame): array => [$frame->code => $frame->count - ($held[$frame->id] ?? 0)])
            ->all();
    }
}
