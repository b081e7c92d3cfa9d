<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Floor\Log\FloorLog;
use App\Foundation\Words\Words;
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
            $this->piece->state === PieceState::Done => $this->piece->finish === null
                ? __('floor.tagged_piece.done')
                : Words::say($this->piece->finish->label()),
            $this->piece->state === PieceState::Sewing => __('floor.tagged_piece.on_the_machine'),
            $this->batch === null => __('floor.tagged_piece.to_set_up'),
            $this->isHooped => __('floor.tagged_piece.hooped'),
            $this->machine === null => __('floor.tagged_piece.in_not_in_the_plan_yet', ['code' => $this->batch->code]),
            default => __('floor.tagged_piece.waiting_in_for', [
                'code' => $this->batch->code,
                'code_2' => $this->machine->code,
            ]),
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
            $this->piece->state === PieceState::Sewing => __('floor.tagged_piece.take_it_off_and_count_it'),
            $this->piece->state === PieceState::Done => __('floor.tagged_piece.it_goes_out_with_its_order'),
            $this->isHooped => __('floor.tagged_piece.it_goes_on_the_machine_with'),
            $this->batch === null => __('floor.tagged_piece.choose_its_setup_first'),
            default => __('floor.tagged_piece.its_batch_is_sewn_first'),
        };
    }
}
