<?php

declare(strict_types=1);

namespace App\Floor\Log;

use App\Artwork\ClothUse;
use App\Artwork\HoopingTapes;
use App\Floor\Models\BatchProgress;
use App\Floor\Models\FloorEvent;
use App\Floor\Projections\ConeUsage;
use App\Floor\Projections\Wear;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Setup\Models\SetupTime;
use App\Setup\PracticeBook;
use Carbon\CarbonImmutable;
use Hakama\Artwork\HoopingTape;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\OutOfTurn;
use Hakama\Floor\ReplayedBatch;
use Hakama\Floor\Stage;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Support\Facades\DB;

/** The log of the floor: events are appended to it, and where a machine stands is read from it. */
final class FloorLog
{
    /** An event is told so much later at most; a clock that is further off is not believed. */
    private const TOLD_LATER_H = 72;

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
                $batch->pieces()->orderBy('pieces.id')->pluck('pieces.id')->all(),
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

    /**
     * Appends one event. The same id again changes nothing and is no error; an event that cannot follow
     * on what is recorded is refused and leaves no trace.
     *
     * @param 'hand'|'machine' $source
     * @param string           $who    stands at the machine; '' where nobody has said
     * @param CarbonImmutable|null $at when it happened, where it is told later than that
     * @param string           $reason why an earlier event is put right by it
     *
     * @throws OutOfTurn
     */
    public static function append(
        Machine $machine,
        Batch $batch,
        Event $event,
        string $source,
        string $who = '',
        ?CarbonImmutable $at = null,
        string $reason = '',
    ): BatchRun {
        [$machineId, $batchId] = [$machine->id, $batch->id];

        return Transaction::onFloor(static function () use (
            $machineId,
            $batchId,
            $event,
            $source,
            $who,
            $at,
            $reason,
        ): BatchRun {
            $machine = Machine::query()->findOrFail($machineId);
            $batch = Batch::query()->with('decoration.artwork', 'decoration.setup')->findOrFail($batchId);
            $before = self::run($batch);
            if (FloorEvent::isTold($event->id)) {
                return $before;
            }
            $of = $batch->pieces()->whereKey($event->pieces);
            $after = $before->after($event, $of->pluck('state', 'pieces.id')->all());
            $blocks = $event->kind === EventKind::Sewn ? self::hooped($batch, $event->hooping)?->blocks : null;
            $wear = $event->kind === EventKind::Sewn ? Wear::of($machine, $batch, $blocks) : null;
            $recorded = FloorEvent::query()->create([
                'event_id' => $event->id,
                'kind' => $event->kind,
                'machine_id' => $machine->id,
                'batch_id' => $batch->id,
                'order_id' => $batch->pieces()->value('order_id'),
                'load' => $after->load->number,
                'stitch' => $event->stitch,
                'clock_s' => $event->clockS,
                // Kept with the load once it is sewn, so that planned and real minutes speak of the same loads.
                'planned_s' => $event->kind === EventKind::Sewn ? self::plannedS($machine, $batch, $event) : 0.0,
                'pieces' => $event->pieces,
                'piece_count' => count($event->pieces),
                'cause' => $event->cause,
                'hooping' => $event->hooping,
                'source' => $source,
                'who' => $who,
                'reason' => $reason,
                'needle' => $event->kind === EventKind::ThreadBroke ? self::needleAt($machine, $batch, $event) : null,
                'wear' => $wear,
                'recorded_at' => self::within($machine, $at),
            ]);
            Wear::add($machine, $wear ?? []);
            BatchProgress::keep($batch->id, $recorded->seq, $after);
            self::tell($event, $who);
            if ($event->kind === EventKind::Sewn && $batch->decoration->artwork !== null) {
                $frames = CopiesPerFrame::frames(count($event->pieces), $batch->decoration->artwork->copies);
                $bobbinM = app(ConeUsage::class)->by($batch->decoration->artwork, $frames, $batch->decoration, $blocks);
                app(ClothUse::class)->take($batch->decoration->artwork, $frames, $blocks);
                Machine::query()->whereKey($machine->id)->increment('bobbin_used_m', $bobbinM);
            }

            if ($event->kind->bringsBobbin()) {
                Machine::query()
                    ->whereKey($machine->id)
                    ->update(['bobbin_used_m' => 0]);
            }

            self::practise($batch, $event, $who);

            return $after;
        });
    }

    /** Writes to its pieces what an event makes of them. */
    private static function tell(Event $event, string $who): void
    {
        $state = $event->kind->leaves();
        $hoopings = $event->kind->hoopingsAfter($event->hooping);
        $told = [
            ...$state === null ? [] : ['state' => $state, ...self::offTheMachine($event->kind, $who)],
            ...$hoopings === null ? [] : ['hoopings' => $hoopings],
        ];
        if ($told !== []) {
            Piece::query()->whereKey($event->pieces)->update($told);
        }
    }

    /** What one of several hoopings sews; null where there is only one. */
    public static function hooped(Batch $batch, int $hooping): ?HoopingTape
    {
        $artwork = $batch->decoration->artwork;

        return $artwork === null
            ? null
            : app(HoopingTapes::class)->number($artwork, $batch->decoration->setup, $hooping);
    }

    /** @return array<string, string|null> what is written to the pieces beside their state */
    private static function offTheMachine(EventKind $kind, string $who): array
    {
        return match ($kind) {
            EventKind::PieceDone => ['finish' => FinishState::ToFinish->value, 'sewn_by' => mb_substr($who, 0, 40)],
            EventKind::PieceReturned, EventKind::PieceRejected => [
                'finish' => null,
                'sewn_by' => '',
                'counted_at' => null,
            ],
            default => [],
        };
    }

    /** Told later than it happened, an event has its own time: not after now, not before what was recorded last. */
    private static function within(Machine $machine, ?CarbonImmutable $at): CarbonImmutable
    {
        $now = CarbonImmutable::now();
        if ($at === null || $at >= $now) {
            return $now;
        }
        $last = FloorEvent::query()->where('machine_id', $machine->id)->orderByDesc('seq')->first()?->recorded_at;

        return max($at, $now->subHours(self::TOLD_LATER_H), $last ?? $at);
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

    /**
     * A piece that is counted, or spoiled, is practice with its cloth and its kind of frame; where that is put right, it was
     * none.
     */
    private static function practise(Batch $batch, Event $event, string $who): void
    {
        $pieces = count($event->pieces);
        $kind = $event->kind;
        $who = $kind->corrects() ? self::whoTold($batch, $event) : $who;
        if ($who === '' || $kind === EventKind::PieceRejected || $kind->countsDone() + $kind->countsSpoiled() === 0) {
            return;
        }
        $on = Decoration::query()
            ->with(['line', 'setup.frame'])
            ->findOrFail($batch->decoration_id);
        if ($on->setup !== null) {
            PracticeBook::add(
                $on->line->fabric,
                $on->setup->frame->kind->value,
                $who,
                false,
                $kind->countsDone() * $pieces,
                $kind->countsSpoiled() * $pieces,
                $kind === EventKind::PieceSpoiled ? $event->cause?->label() ?? '' : '',
            );
        }
    }

    /** Of what is put right. */
    private static function whoTold(Batch $batch, Event $event): string
    {
        $kind = $event->kind === EventKind::PieceReturned ? EventKind::PieceDone : EventKind::PieceSpoiled;

        return FloorEvent::query()
            ->where('batch_id', $batch->id)
            ->where('kind', $kind)
            ->whereJsonContains('pieces', $event->pieces[0] ?? 0)
            ->orderByDesc('seq')
            ->first()->who ?? '';
    }

    /** The needle that holds the thread of the block a stitch is in; null where none does. */
    private static function needleAt(Machine $machine, Batch $batch, Event $event): ?int
    {
        $artwork = $batch->decoration->artwork?->load('blocks');
        $stitch = max(1, $event->stitch);
        $hooped = self::hooped($batch, $event->hooping);
        $block = $hooped === null ? $artwork?->stopSheet(false)->at($stitch)?->block : $hooped->blockAt($stitch);
        if ($artwork === null || $block === null) {
            return null;
        }
        $thread =
            Colourway::of($batch->decoration)[$block]->id ?? $artwork->blocks->firstWhere('number', $block)?->thread_id;

        return $machine->rack()->where('thread_id', $thread)->orderBy('number')->value('number');
    }

    /** Of one of several hoopings by its share of the stitches. */
    private static function plannedS(Machine $machine, Batch $batch, Event $event): float
    {
        $whole = (float) SetupTime::query()
            ->where('setup_id', $batch->decoration_id)
            ->where('machine_id', $machine->id)
            ->value('seconds');
        $hooped = self::hooped($batch, $event->hooping);

        return $hooped === null
            ? $whole
            : ($whole * $hooped->stitches()) / max(1, $batch->decoration->artwork->stitches ?? 1);
    }
}
