<?php

declare(strict_types=1);

namespace App\Floor\Actions;

use App\Floor\ConeShelf;
use App\Floor\Log\EventFacts;
use App\Floor\Log\FloorLog;
use App\Floor\Log\ToldEvent;
use App\Floor\Models\FloorEvent;
use App\Floor\Projections\Projections;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
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

    private const NEEDED = [
        'decoration.artwork.blocks',
        'decoration.colourways.thread',
        'decoration.line',
        'decoration.setup.frame',
        'decoration.setup.times',
    ];

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
        return $this->appendAll($machine, $batch, [new ToldEvent($event, $source, $who, $at, $reason)]);
    }

    /**
     * Appends events of one batch that are told together, in the order in which they happened: all of them or none.
     *
     * @param non-empty-list<ToldEvent> $told
     *
     * @throws OutOfTurn
     */
    public function appendAll(Machine $machine, Batch $batch, array $told): BatchRun
    {
        [$machineId, $batchId] = [$machine->id, $batch->id];

        return Transaction::onFloor(function () use ($machineId, $batchId, $told): BatchRun {
            $machine = Machine::query()->findOrFail($machineId);
            $batch = Batch::query()->with(self::NEEDED)->findOrFail($batchId);
            $run = FloorLog::run($batch);
            $known = FloorEvent::toldOf(array_map(static fn(ToldEvent $one): string => $one->event->id, $told));
            $told = array_values(
                array_filter($told, static fn(ToldEvent $one): bool => ! in_array($one->event->id, $known, true)),
            );
            if ($told === []) {
                return $run;
            }
            $states = $batch
                ->pieces()
                ->whereKey(array_unique(array_merge(...array_map(self::piecesOf(...), $told))))
                ->pluck('state', 'pieces.id')
                ->all();
            $last = self::last($machine);
            $shelf = EventFacts::shelf($batch);
            $rows = [];
            foreach ($told as $one) {
                $of = array_intersect_key($states, array_flip($one->event->pieces));
                $run = $run->after($one->event, $of);
                if ($one->event->kind->leaves() !== null) {
                    $states = array_replace($states, array_fill_keys(array_keys($of), $one->event->kind->leaves()));
                }
                $row = $this->row($machine, $batch, $one, $run, $last, $shelf);
                [$rows[], $last] = [$row->getAttributes(), $row->recorded_at];
            }
            $this->projections->append(self::write($rows));
            self::takeOff($told);
            self::practise($batch, $told);

            return $run;
        });
    }

    private function row(
        Machine $machine,
        Batch $batch,
        ToldEvent $told,
        BatchRun $after,
        ?CarbonImmutable $last,
        ?ConeShelf $shelf,
    ): FloorEvent {
        $event = $told->event;

        return new FloorEvent([
            'event_id' => $event->id,
            'kind' => $event->kind,
            'machine_id' => $machine->id,
            'batch_id' => $batch->id,
            'order_id' => $batch->decoration->line->order_id,
            'load' => $after->load->number,
            'stitch' => $event->stitch,
            'clock_s' => $event->clockS,
            'pieces' => $event->pieces,
            'piece_count' => count($event->pieces),
            'cause' => $event->cause,
            'hooping' => $event->hooping,
            'source' => $told->source,
            'who' => $told->who,
            'reason' => $told->reason,
            'recorded_at' => self::within($told->at, $last),
            ...$this->facts->of($machine, $batch, $event, $shelf),
        ]);
    }

    /**
     * @param non-empty-list<array<string, mixed>> $rows
     *
     * @return non-empty-list<FloorEvent> as they lie in the log
     */
    private static function write(array $rows): array
    {
        FloorEvent::query()->insert($rows);
        $written = FloorEvent::query()
            ->whereIn('event_id', array_column($rows, 'event_id'))
            ->orderBy('seq')
            ->get()
            ->all();
        assert($written !== []);

        return array_values($written);
    }

    /** @return list<int> */
    private static function piecesOf(ToldEvent $told): array
    {
        return $told->event->pieces;
    }

    /** When the machine told something last. */
    private static function last(Machine $machine): ?CarbonImmutable
    {
        return FloorEvent::query()->where('machine_id', $machine->id)->orderByDesc('seq')->first()?->recorded_at;
    }

    /**
     * A piece that comes off the machine waits for what is finished by hand; one that goes back has that before it.
     *
     * @param list<ToldEvent> $told
     */
    private static function takeOff(array $told): void
    {
        $by = [];
        foreach ($told as $one) {
            $who = match ($one->event->kind) {
                EventKind::PieceDone => mb_substr($one->who, 0, 40),
                EventKind::PieceReturned, EventKind::PieceRejected => false,
                default => null,
            };
            foreach ($who === null ? [] : $one->event->pieces as $piece) {
                $by[$piece] = $who;
            }
        }
        foreach (array_unique($by, SORT_REGULAR) as $who) {
            Piece::query()
                ->whereKey(array_keys($by, $who, true))
                ->update(
                    $who === false
                        ? ['finish' => null, 'sewn_by' => '', 'counted_at' => null]
                        : ['finish' => FinishState::ToFinish->value, 'sewn_by' => $who],
                );
        }
    }

    /** Told later than it happened, an event has its own time: not after now, not before what was recorded last. */
    private static function within(?CarbonImmutable $at, ?CarbonImmutable $last): CarbonImmutable
    {
        $now = CarbonImmutable::now();

        return $at === null || $at >= $now ? $now : max($at, $now->subHours(self::TOLD_LATER_H), $last ?? $at);
    }

    /**
     * A piece that is counted, or spoiled, is practice with its cloth and its kind of frame; where that is put right, it was
     * none.
     *
     * @param list<ToldEvent> $told
     */
    private static function practise(Batch $batch, array $told): void
    {
        $on = $batch->decoration;
        $sums = [];
        foreach ($on->setup === null ? [] : $told as $one) {
            [$kind, $pieces] = [$one->event->kind, count($one->event->pieces)];
            if ($kind === EventKind::PieceRejected || $kind->countsDone() + $kind->countsSpoiled() === 0) {
                continue;
            }
            $who = $kind->corrects() ? self::whoTold($batch, $one->event) : $one->who;
            $sum = $sums[$who] ?? [0, 0, ''];
            $sums[$who] = [
                $sum[0] + $kind->countsDone() * $pieces,
                $sum[1] + $kind->countsSpoiled() * $pieces,
                $kind === EventKind::PieceSpoiled ? Words::say($one->event->cause?->label()) : $sum[2],
            ];
        }
        foreach ($sums as $who => [$cameOut, $failed, $remark]) {
            PracticeBook::add(
                $on->line->fabric,
                $on->setup->frame->kind->value ?? '',
                $on->position,
                (string) $who,
                false,
                $cameOut,
                $failed,
                $remark,
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
