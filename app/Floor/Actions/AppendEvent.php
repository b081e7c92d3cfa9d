<?php

declare(strict_types=1);

namespace App\Floor\Actions;

use App\Floor\Log\EventFacts;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Floor\Projections\Projections;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Setup\PracticeBook;
use Carbon\CarbonImmutable;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\OutOfTurn;

/** The one way into the log of the floor: locks, reads, asks whether it may follow, writes, and tells what follows. */
final readonly class AppendEvent
{
    /** An event is told so much later at most; a clock that is further off is not believed. */
    private const TOLD_LATER_H = 72;

    public function __construct(private EventFacts $facts, private Projections $projections) {}

    /**
     * Appends one event. The same id again changes nothing and is no error; an event that cannot follow on what is
     * recorded is refused and leaves no trace.
     *
     * @param 'hand'|'machine' $source
     * @param string           $who    stands at the machine; '' where nobody has said
     * @param CarbonImmutable|null $at when it happened, where it is told later than that
     * @param string           $reason why an earlier event is put right by it
     *
     * @throws OutOfTurn
     */
    public function append(
        Machine $machine,
        Batch $batch,
        Event $event,
        string $source,
        string $who = '',
        ?CarbonImmutable $at = null,
        string $reason = '',
    ): BatchRun {
        [$machineId, $batchId] = [$machine->id, $batch->id];

        return Transaction::onFloor(function () use ($machineId, $batchId, $event, $source, $who, $at, $reason): BatchRun {
            $machine = Machine::query()->findOrFail($machineId);
            $batch = Batch::query()->with('decoration.artwork', 'decoration.setup')->findOrFail($batchId);
            $before = FloorLog::run($batch);
            if (FloorEvent::isTold($event->id)) {
                return $before;
            }
            $of = $batch->pieces()->whereKey($event->pieces);
            $after = $before->after($event, $of->pluck('state', 'pieces.id')->all());
            $recorded = FloorEvent::query()->create([
                'event_id' => $event->id,
                'kind' => $event->kind,
                'machine_id' => $machine->id,
                'batch_id' => $batch->id,
                'order_id' => $batch->pieces()->value('order_id'),
                'load' => $after->load->number,
                'stitch' => $event->stitch,
                'clock_s' => $event->clockS,
                'pieces' => $event->pieces,
                'piece_count' => count($event->pieces),
                'cause' => $event->cause,
                'hooping' => $event->hooping,
                'source' => $source,
                'who' => $who,
                'reason' => $reason,
                'recorded_at' => self::within($machine, $at),
                ...$this->facts->of($machine, $batch, $event),
            ]);
            $this->projections->append($recorded);
            self::takeOff($event, $who);
            self::practise($batch, $event, $who);

            return $after;
        });
    }

    /** A piece that comes off the machine waits for what is finished by hand; one that goes back has that before it. */
    private static function takeOff(Event $event, string $who): void
    {
        $told = match ($event->kind) {
            EventKind::PieceDone => ['finish' => FinishState::ToFinish->value, 'sewn_by' => mb_substr($who, 0, 40)],
            EventKind::PieceReturned, EventKind::PieceRejected => [
                'finish' => null,
                'sewn_by' => '',
                'counted_at' => null,
            ],
            default => [],
        };
        if ($told !== []) {
            Piece::query()->whereKey($event->pieces)->update($told);
        }
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
                $on->position,
                $who,
                false,
                $kind->countsDone() * $pieces,
                $kind->countsSpoiled() * $pieces,
                $kind === EventKind::PieceSpoiled ? Words::say($event->cause?->label()) : '',
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

}
