<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * Where a batch stands: what is on the machine, what is hooped, how much is done and spoiled. It is what the events of
 * the batch come to and as large for a long batch as for a short one; which piece is waiting or done is kept with the
 * piece.
 */
final readonly class BatchRun
{
    /**
     * @param int       $pieces  that the batch has
     * @param list<int> $onFrame on the machine in this load
     * @param list<int> $hooped  hooped and waiting beside it
     * @param int       $done    pieces counted
     * @param int       $spoiled how often a piece was spoiled
     */
    private function __construct(
        public int $pieces,
        public Stage $stage,
        public Load $load,
        public array $onFrame,
        public array $hooped,
        public int $done,
        public int $spoiled,
    ) {}

    public static function start(int $pieces): self
    {
        return new self($pieces, Stage::Preflight, new Load(), [], [], 0, 0);
    }

    /**
     * As it was kept. Pieces may have been split off or put to it since, so whether it is finished is asked anew.
     *
     * @param list<int> $onFrame
     * @param list<int> $hooped
     */
    public static function kept(
        int $pieces,
        Stage $stage,
        Load $load,
        array $onFrame,
        array $hooped,
        int $done,
        int $spoiled,
    ): self {
        $run = new self($pieces, $stage, $load, $onFrame, $hooped, $done, $spoiled);

        return in_array($stage, [Stage::Ready, Stage::Finished], true) && $done > 0 ? $run->takenOff([]) : $run;
    }

    /**
     * The run with one more event.
     *
     * @param array<int, PieceState> $states of the pieces that the event is about; a piece of another batch is not in
     *     it
     *
     * @throws OutOfTurn when it cannot follow on what happened
     */
    public function after(Event $event, array $states): self
    {
        return match ($event->kind) {
            EventKind::PreflightDone => $this->when($event, Stage::Preflight)->at(Stage::Ready),
            EventKind::LoadStarted => $this->startLoad($event, $states),
            EventKind::ThreadBroke, EventKind::BobbinRanOut, EventKind::Stopped, EventKind::HandStop => $this->when(
                $event,
                Stage::Sewing,
            )->at(Stage::Halted, $this->load->halted($event)),
            EventKind::BobbinChanged => $this->when($event, Stage::Preflight, Stage::Ready, Stage::Halted, Stage::Sewn),
            EventKind::Resumed => $this->when($event, Stage::Halted)->at(Stage::Sewing, $this->load->resumed()),
            EventKind::Sewn => $this->when($event, Stage::Sewing)->at(Stage::Sewn, $this->load->sewn($event)),
            EventKind::PieceHooped => $this->hoop($event, $states),
            EventKind::HoopingDone => $this->when($event, Stage::Sewn)
                ->holding($event->pieces)
                ->takenOff($event->pieces),
            EventKind::PieceDone => $this->when($event, Stage::Sewn)
                ->holding($event->pieces)
                ->counted(count($event->pieces), 0)
                ->takenOff($event->pieces),
            EventKind::PieceReturned => $this->takeBack($event, $states),
            EventKind::PieceRejected => $this->takeBack($event, $states)->counted(0, count($event->pieces)),
            EventKind::SpoilWithdrawn => $this->spoiled >= count($event->pieces)
                ? $this->counted(0, -count($event->pieces))
                : throw OutOfTurn::neverSpoiled(),
            EventKind::PieceSpoiled => $this->when($event, Stage::Sewing, Stage::Halted, Stage::Sewn)
                ->holding($event->pieces)
                ->counted(0, count($event->pieces))
                ->takenOff($event->pieces),
        };
    }

    public function equals(self $other): bool
    {
        $plain = static fn(self $run): array => [...get_object_vars($run), 'load' => get_object_vars($run->load)];

        return $plain($this) === $plain($other);
    }

    /** How many are sewn: counted, or still on the frame of a load that is through. */
    public function sewn(): int
    {
        return $this->done + ($this->stage === Stage::Sewn ? count($this->onFrame) : 0);
    }

    /** How many are neither done nor on the machine. */
    public function waiting(): int
    {
        return $this->pieces - $this->done - count($this->onFrame);
    }

    /**
     * What the next load takes: hooped pieces first, and all of them for the same hooping.
     *
     * @param list<int>       $waiting  the pieces that are hooped, and as many others that wait as there are heads, in
     *     the order in which they are to be sewn
     * @param array<int, int> $hoopings piece => how many hoopings it has behind it, where that is any
     *
     * @return list<int>
     */
    public function nextLoad(array $waiting, int $heads, array $hoopings = []): array
    {
        $hooped = array_values(array_intersect($this->hooped, $waiting));
        $next = [...$hooped, ...array_values(array_diff($waiting, $hooped))];
        $same = array_filter(
            $next,
            static fn(int $piece): bool => ($hoopings[$piece] ?? 0) === ($hoopings[$next[0]] ?? 0),
        );

        return array_slice(array_values($same), 0, $heads);
    }

    /** @param array<int, PieceState> $states */
    private function startLoad(Event $event, array $states): self
    {
        $this->when($event, Stage::Ready)->mustWait($event->pieces, $states);

        return new self(
            $this->pieces,
            Stage::Sewing,
            $this->load->next($event),
            $event->pieces,
            array_values(array_diff($this->hooped, $event->pieces)),
            $this->done,
            $this->spoiled,
        );
    }

    /** @param array<int, PieceState> $states */
    private function hoop(Event $event, array $states): self
    {
        $this->mustWait($event->pieces, $states);

        return new self(
            $this->pieces,
            $this->stage,
            $this->load,
            $this->onFrame,
            array_values(array_unique([...$this->hooped, ...$event->pieces])),
            $this->done,
            $this->spoiled,
        );
    }

    /**
     * Pieces that were counted wait again; a batch that was finished is open again.
     *
     * @param array<int, PieceState> $states
     */
    private function takeBack(Event $event, array $states): self
    {
        foreach ($event->pieces as $piece) {
            if (($states[$piece] ?? null) !== PieceState::Done) {
                throw OutOfTurn::notCounted($piece);
            }
        }
        $run = $this->counted(-count($event->pieces), 0);

        return $run->stage === Stage::Finished ? $run->at(Stage::Ready) : $run;
    }

    private function at(Stage $stage, ?Load $load = null): self
    {
        return new self(
            $this->pieces,
            $stage,
            $load ?? $this->load,
            $this->onFrame,
            $this->hooped,
            $this->done,
            $this->spoiled,
        );
    }

    private function counted(int $done, int $spoiled): self
    {
        return new self(
            $this->pieces,
            $this->stage,
            $this->load,
            $this->onFrame,
            $this->hooped,
            $this->done + $done,
            $this->spoiled + $spoiled,
        );
    }

    /** @param list<int> $pieces */
    private function takenOff(array $pieces): self
    {
        $left = array_values(array_diff($this->onFrame, $pieces));

        return new self(
            $this->pieces,
            match (true) {
                $left !== [] => $this->stage,
                $this->done >= $this->pieces => Stage::Finished,
                default => Stage::Ready,
            },
            // What halted it matters only while it is halted.
            $left === [] ? $this->load->resumed() : $this->load,
            $left,
            $this->hooped,
            $this->done,
            $this->spoiled,
        );
    }

    private function when(Event $event, Stage ...$stages): self
    {
        return in_array($this->stage, $stages, true) ? $this : throw OutOfTurn::of($event->kind, $this->stage);
    }

    /** @param list<int> $pieces */
    private function holding(array $pieces): self
    {
        foreach (array_diff($pieces, $this->onFrame) as $foreign) {
            throw OutOfTurn::foreignPiece($foreign);
        }

        return $this;
    }

    /**
     * @param list<int>              $pieces
     * @param array<int, PieceState> $states
     */
    private function mustWait(array $pieces, array $states): void
    {
        foreach ($pieces as $piece) {
            if (($states[$piece] ?? null) !== PieceState::Waiting) {
                throw OutOfTurn::foreignPiece($piece);
            }
        }
    }
}
