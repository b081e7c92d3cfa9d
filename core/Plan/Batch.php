<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Needles\Demand;

/** Pieces that run one after another with one artwork, place and frame. */
final readonly class Batch
{
    /**
     * @param array<string, int>     $sewS    machine => run time of a load, seconds; a machine not named cannot run it
     * @param non-empty-list<string> $threads thread per block
     * @param int                    $readyAt seconds; blanks are in
     * @param int                    $dueAt   seconds; what was promised
     * @param string                 $needle  size and point it wants, such as "80/12 sharp"; '' where any will do
     * @param string                 $design  what is loaded for it, the way round it goes in; '' where nobody knows
     * @param bool                   $alreadySetUp it stands on its machine now, so that nothing has to be changed for
     *     it
     */
    public function __construct(
        public string $id,
        public int $pieces,
        public array $sewS,
        public int $hoopS,
        public int $swapS,
        public int $framesPerHead,
        public array $threads,
        public string $frame,
        public int $readyAt,
        public int $dueAt,
        public float $weight = 1.0,
        public bool $alreadySetUp = false,
        public ?FixedStart $fixed = null,
        public string $needle = '',
        public string $design = '',
    ) {}

    /** So many pieces of it, run apart under another name: not set up yet, and free to stand anywhere. */
    public function part(string $id, int $pieces): self
    {
        return new self(
            $id,
            $pieces,
            $this->sewS,
            $this->hoopS,
            $this->swapS,
            $this->framesPerHead,
            $this->threads,
            $this->frame,
            $this->readyAt,
            $this->dueAt,
            $this->weight,
            needle: $this->needle,
            design: $this->design,
        );
    }

    /** The same with more pieces, or fewer. */
    public function of(int $pieces): self
    {
        return new self(
            $this->id,
            $pieces,
            $this->sewS,
            $this->hoopS,
            $this->swapS,
            $this->framesPerHead,
            $this->threads,
            $this->frame,
            $this->readyAt,
            $this->dueAt,
            $this->weight,
            $this->alreadySetUp,
            $this->fixed,
            $this->needle,
            $this->design,
        );
    }

    /** The same design in the same frame as the one before it: it goes on, and nothing has to be loaded and traced. */
    public function goesOn(?self $before): bool
    {
        return $before !== null
            && $this->design !== ''
            && $before->design === $this->design
            && $before->frame === $this->frame;
    }

    public function demand(): Demand
    {
        return new Demand($this->id, $this->threads);
    }
}
