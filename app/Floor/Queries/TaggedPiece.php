<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Floor\Log\FloorLog;
use App\Machine\Models\Machine;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Plan\Queries\PlanBoard;
use Hakama\Floor\FinishState;
use Hakama\Floor\PieceState;
use Hakama\Floor\Tag;

/** A piece whose label was read: where it stands, and what may be done with it there. */
final readonly class TaggedPiece
{
    private function __construct(
        public Piece $piece,
        public Tag $tag,
        public ?Batch $batch,
        public ?Machine $machine,
        private bool $hasItsTurn,
        private bool $isHooped,
    ) {}

    /** Null where there is no such piece. */
    public static function of(Tag $tag, PlanBoard $board): ?self
    {
        $piece = Piece::query()
            ->with(['decoration.line.order.customer', 'decoration.artwork', 'decoration.batch.machine'])
            ->find($tag->number);
        $batch = $piece?->decoration->batch;
        $first = $batch?->machine === null ? null : $board->sequence()->on($batch->machine->code)[0] ?? null;

        return $piece === null
            ? null
            : new self(
                $piece,
                $tag,
                $batch,
                $batch?->machine,
                $first !== null && $first === $batch?->code,
                $batch !== null && in_array($piece->id, FloorLog::run($batch)->hooped, true),
            );
    }

    public function stands(): string
    {
        return match (true) {
            $this->piece->state === PieceState::Done => $this->piece->finish?->label() ?? 'done',
            $this->piece->state === PieceState::Sewing => 'on the machine',
            $this->batch === null => 'to be set up',
            $this->isHooped => 'hooped',
            $this->machine === null => "in {$this->batch->code}, which has no place in the plan yet",
            default => "waits in {$this->batch->code} for {$this->machine->code}",
        };
    }

    public function mayBeHooped(): bool
    {
        return $this->piece->state === PieceState::Waiting && $this->hasItsTurn && ! $this->isHooped;
    }

    public function isToFinish(): bool
    {
        return in_array($this->piece->finish, [FinishState::ToFinish, FinishState::Rework], true);
    }

    /** What is next, where it is not done here. */
    public function next(): string
    {
        return match (true) {
            $this->piece->state === PieceState::Sewing => 'It is taken off and counted at the machine.',
            $this->piece->state === PieceState::Done => 'It is handed over with its order.',
            $this->isHooped => 'It goes on the machine with one of the next loads.',
            $this->batch === null => 'Its setup is chosen first.',
            default => 'Its batch has its turn first.',
        };
    }
}
