<?php

declare(strict_types=1);

namespace Hakama\Setup\Loading;

use Hakama\Garment\End;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;

/**
 * Which end of the garment goes towards the machine. Everything else follows from it: how far the design is turned in
 * the frame, on which side the frame has its bracket, the picture, the steps, the card and the paper.
 */
final readonly class Loading
{
    /** @param string $lies what of the design lies at that end: its top, its bottom, or a side */
    private function __construct(public End $end, public Turn $turn, private string $lies) {}

    public static function topFirst(End $end): self
    {
        return new self($end, Turn::None, 'top');
    }

    public static function bottomFirst(End $end): self
    {
        return new self($end, Turn::Half, 'bottom');
    }

    public static function sideFirst(): self
    {
        return new self(End::Edge, Turn::Quarter, 'right_side');
    }

    /** "the waist", "the lower edge", "a side edge". */
    public function endWords(): Text
    {
        return new Text('setup.end.'.$this->endCode());
    }

    private function endCode(): string
    {
        return match (true) {
            $this->end !== End::Edge => $this->end->value,
            $this->turn === Turn::None => 'upper_edge',
            $this->turn === Turn::Half => 'lower_edge',
            default => 'side_edge',
        };
    }

    /** Where the frame's bracket is: it goes into the arms, which are on the machine's side. */
    public function bracketWords(): Text
    {
        return new Text('setup.loading.bracket', ['end' => $this->endWords()]);
    }

    /** "The waist goes towards the machine; the design's bottom lies there." */
    public function words(): Text
    {
        return new Text('setup.loading.goes_first', [
            'end' => $this->endCode(),
            'lies' => $this->lies,
        ]);
    }

    /** A code for the reason of the turn: what lies at the machine. */
    public function turnCode(): string
    {
        return $this->lies.'_at_the_machine';
    }

    public function equals(self $other): bool
    {
        return $this->end === $other->end && $this->turn === $other->turn;
    }
}
