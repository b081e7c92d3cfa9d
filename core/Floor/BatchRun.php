<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * A batch as its events tell it: where it stands, which pieces are on the machine, what is done and
 * what was spoiled. Nothing else is remembered anywhere; the same events always give the same run.
 */
final readonly class BatchRun
{
    /**
     * @param list<int>          $pieces   all pieces of the batch
     * @param list<int>          $onFrame  on the machine in this load
     * @param list<int>          $hooped   hooped and waiting beside it
     * @param list<int>          $done
     * @param list<Event>        $spoils   one a spoiled piece
     * @param array<string, true> $seen    event ids
     */
    private function __construct(
        public array $pieces,
        public Stage $stage,
        public int $load,
        public int $stitch,
        public float $clockS,
        public array $onFrame,
        public array $hooped,
        public array $done,
        public array $spoils,
        public ?EventKind $haltedBy,
        public ?string $loadEvent,
        private array $seen,
    ) {}

    /** @param list<int> $pieces */
    public static function start(array $pieces): self
    {
        return new self($pieces, Stage::Preflight, 0, 0, 0.0, [], [], [], [], null, null, []);
    }

    /**
     * @param list<int>       $pieces
     * @param iterable<Event> $events in the order in which they were recorded
     *
     * @throws OutOfTurn
     */
    public static function of(array $pieces, iterable $events): self
    {
        $run = self::start($pieces);
        foreach ($events as $event) {
            $run = $run->after($event);
        }

        return $run;
    }

    /**
     * The run with one more event; the same run when that event is known already.
     *
     * @throws OutOfTurn when it cannot follow on what happened
     */
    public function after(Event $event): self
    {
        if ($this->knows($event->id)) {
            return $this;
        }
        $next = match ($event->kind) {
            EventKind::PreflightDone => $this->when($event, Stage::Preflight)->with(stage: Stage::Ready),
            EventKind::LoadStarted => $this->startLoad($event),
            EventKind::ThreadBroke, EventKind::BobbinRanOut, EventKind::Stopped, EventKind::HandStop => $this->when(
                $event,
                Stage::Sewing,
            )->with(
                stage: Stage::Halted,
                stitch: max($this->stitch, $event->stitch),
                clockS: max($this->clockS, $event->clockS),
                haltedBy: $event->kind,
            ),
            EventKind::Resumed => $this->when($event, Stage::Halted)->with(stage: Stage::Sewing),
            EventKind::Sewn => $this->when($event, Stage::Sewing)->with(
                stage: Stage::Sewn,
                stitch: $event->stitch,
                clockS: $event->clockS,
            ),
            EventKind::PieceHooped => $this->hoop($event),
            EventKind::PieceDone => $this->finish($event),
            EventKind::PieceSpoiled => $this->spoil($event),
        };

        return $next->with(seen: [...$this->seen, $event->id => true]);
    }

    public function knows(string $eventId): bool
    {
        return isset($this->seen[$eventId]);
    }

    /** @return list<int> pieces neither done nor on the machine */
    public function waiting(): array
    {
        return array_values(array_diff($this->pieces, $this->done, $this->onFrame));
    }

    /** @return list<int> what the next load takes: hooped pieces first */
    public function nextLoad(int $heads): array
    {
        $waiting = $this->waiting();
        $hooped = array_values(array_intersect($this->hooped, $waiting));

        return array_slice([...$hooped, ...array_values(array_diff($waiting, $hooped))], 0, $heads);
    }

    private function startLoad(Event $event): self
    {
        $this->when($event, Stage::Ready);
        $this->mustHold($event->pieces, $this->waiting());

        return $this->with(
            stage: Stage::Sewing,
            load: $this->load + 1,
            stitch: 0,
            clockS: 0.0,
            onFrame: $event->pieces,
            hooped: array_values(array_diff($this->hooped, $event->pieces)),
            loadEvent: $event->id,
        );
    }

    private function hoop(Event $event): self
    {
        $this->mustHold($event->pieces, $this->waiting());

        return $this->with(hooped: array_values(array_unique([...$this->hooped, ...$event->pieces])));
    }

    private function finish(Event $event): self
    {
        $this->when($event, Stage::Sewn);
        $this->mustHold($event->pieces, $this->onFrame);

        return $this->with(done: [...$this->done, ...$event->pieces])->takenOff($event->pieces);
    }

    private function spoil(Event $event): self
    {
        $this->when($event, Stage::Sewing, Stage::Halted, Stage::Sewn);
        $this->mustHold($event->pieces, $this->onFrame);

        return $this->with(spoils: [...$this->spoils, $event])->takenOff($event->pieces);
    }

    /** @param list<int> $pieces */
    private function takenOff(array $pieces): self
    {
        $left = array_values(array_diff($this->onFrame, $pieces));

        return $this->with(
            onFrame: $left,
            stage: match (true) {
                $left !== [] => $this->stage,
                count($this->done) === count($this->pieces) => Stage::Finished,
                default => Stage::Ready,
            },
        );
    }

    private function when(Event $event, Stage ...$stages): self
    {
        return in_array($this->stage, $stages, true) ? $this : throw OutOfTurn::of($event->kind, $this->stage);
    }

    /**
     * @param list<int> $pieces
     * @param list<int> $allowed
     */
    private function mustHold(array $pieces, array $allowed): void
    {
        foreach ($pieces as $piece) {
            if (! in_array($piece, $allowed, true)) {
                throw OutOfTurn::foreignPiece($piece);
            }
        }
    }

    /**
     * @param list<int>|null           $onFrame
     * @param list<int>|null           $hooped
     * @param list<int>|null           $done
     * @param list<Event>|null         $spoils
     * @param array<string, true>|null $seen
     */
    private function with(
        ?Stage $stage = null,
        ?int $load = null,
        ?int $stitch = null,
        ?float $clockS = null,
        ?array $onFrame = null,
        ?array $hooped = null,
        ?array $done = null,
        ?array $spoils = null,
        ?EventKind $haltedBy = null,
        ?string $loadEvent = null,
        ?array $seen = null,
    ): self {
        return new self(
            $this->pieces,
            $stage ?? $this->stage,
            $load ?? $this->load,
            $stitch ?? $this->stitch,
            $clockS ?? $this->clockS,
            $onFrame ?? $this->onFrame,
            $hooped ?? $this->hooped,
            $done ?? $this->done,
            $spoils ?? $this->spoils,
            // What halted it matters only while it is halted.
            ($stage ?? $this->stage) === Stage::Halted ? $haltedBy ?? $this->haltedBy : null,
            $loadEvent ?? $this->loadEvent,
            $seen ?? $this->seen,
        );
    }
}
