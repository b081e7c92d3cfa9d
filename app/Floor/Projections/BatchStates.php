<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\BatchProgress;
use App\Floor\Models\FloorEvent;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\PieceState;
use Hakama\Floor\ReplayedBatch;

/**
 * Where each batch stands and each of its pieces. A batch whose events cannot have followed on each other is left where
 * the last one that fits has brought it, until somebody voids the one that does not.
 */
final class BatchStates implements Projection
{
    public function name(): string
    {
        return 'batches';
    }

    public function apply(array $events): void
    {
        $byBatch = [];
        foreach ($events as $event) {
            $byBatch[$event->batch_id][] = $event;
        }
        $batches = Batch::query()->whereKey(array_keys($byBatch))->get()->keyBy('id');
        $kept = BatchProgress::query()->whereKey(array_keys($byBatch))->get()->keyBy('batch_id');
        foreach ($byBatch as $id => $of) {
            $batch = $batches[$id] ?? null;
            if ($batch !== null) {
                self::fold($batch, $kept[$id] ?? null, $of);
            }
        }
    }

    public function retract(FloorEvent $event): void
    {
        $batch = Batch::query()->find($event->batch_id);
        if ($batch !== null) {
            self::anew($batch);
        }
    }

    /** One batch from its first event on. Wants a transaction round it. */
    public static function anew(Batch $batch): void
    {
        BatchProgress::query()->whereKey($batch->id)->delete();
        Piece::query()
            ->where('decoration_id', $batch->decoration_id)
            ->update(['state' => PieceState::Waiting, 'hoopings' => 0]);
        $events = FloorEvent::query()->where('batch_id', $batch->id)->orderBy('seq')->get()->all();
        if ($events !== []) {
            self::fold($batch, null, array_values($events));
        }
    }

    public function reset(): void
    {
        BatchProgress::query()->delete();
        Piece::query()
            ->where(static fn($some) => $some->where('state', '!=', PieceState::Waiting)->orWhere('hoopings', '!=', 0))
            ->update(['state' => PieceState::Waiting, 'hoopings' => 0]);
    }

    public function kept(): array
    {
        return [
            'pieces' => [['id'], ['state', 'hoopings']],
            'batch_runs' => [
                ['batch_id'],
                ['stage', '`load`', 'load_event', 'stitch', 'clock_s', 'halted_by', 'hooping', 'done', 'spoiled', 'on_frame', 'hooped', 'holds'],
            ],
        ];
    }

    /** @param non-empty-list<FloorEvent> $events of the batch, going on from what is kept of it */
    private static function fold(Batch $batch, ?BatchProgress $kept, array $events): void
    {
        $all = $batch->pieces()->count();
        $run = $kept?->toCore($all) ?? BatchRun::start($all);
        $spoken = array_values(array_unique(array_merge(...array_map(
            static fn(FloorEvent $event): array => $event->pieces,
            $events,
        ))));
        $states = Piece::query()->whereKey($spoken)->pluck('state', 'id')->all();
        $replayed = ReplayedBatch::from(
            $run,
            $states,
            array_map(static fn(FloorEvent $event): Event => $event->toCore(), $events),
        );
        $last = $replayed->fitted === 0 ? null : $events[$replayed->fitted - 1] ?? null;
        BatchProgress::keep($batch->id, $last->seq ?? $kept->seq ?? 0, $replayed->run);
        // Pieces of which the same is told are written at once.
        $alike = [];
        foreach ($replayed->states as $piece => $state) {
            if ($state !== ($states[$piece] ?? null)) {
                $alike['state'][$state->value][] = $piece;
            }
        }
        foreach ($replayed->hoopings as $piece => $behind) {
            $alike['hoopings'][$behind][] = $piece;
        }
        foreach ($alike as $column => $values) {
            foreach ($values as $value => $pieces) {
                Piece::query()->whereKey($pieces)->update([$column => $value]);
            }
        }
    }
}
