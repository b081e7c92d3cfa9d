<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\FrameChange;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Setup\Placement\Placement;
use Hakama\Stitch\Turn;

/** What the rules have decided, with the facts it was decided from: what warnings, steps and cautions go by. */
final readonly class Decided
{
    public ?Fit $fit;

    /**
     * @param list<Driver>                $wanted  drivers that would do, best first
     * @param list<Driver>                $drivers those of them that there are
     * @param non-empty-list<Turn>        $turns
     * @param MarkedPlacement|null                 $marked  on the garment, where its measures are known
     * @param RankedFrame|null            $best    of the frames; null when none was asked about or there is none for
     *     the driver
     * @param bool                        $framesKnown whether the shop's frames were looked through
     */
    public function __construct(
        public Facts $facts,
        public HouseRules $house,
        public array $wanted,
        public array $drivers,
        public array $turns,
        public Layers $backing,
        public bool $topper,
        public int $speedSpm,
        public Placement $placement,
        public ?MarkedPlacement $marked,
        public ?RankedFrame $best,
        public bool $framesKnown,
    ) {
        $this->fit = $best?->fit;
    }

    /** The same, with what a person chose instead. */
    public function choosing(Choice $choice): self
    {
        return new self(
            $this->facts,
            $this->house,
            $this->wanted,
            $this->drivers,
            $this->turns,
            $choice->backing,
            $choice->topper,
            $choice->speedSpm,
            $this->placement,
            $this->marked,
            new RankedFrame($choice->fit, FrameChange::Frame),
            $this->framesKnown,
        );
    }

    public function follows(Question $question, string $school): bool
    {
        return $this->house->school($question) === $school;
    }

    /** The driver it will be carried by: that of the frame, else the best there is. */
    public function driver(): Driver
    {
        return $this->fit->frame->driver ?? ($this->drivers[0] ?? ($this->wanted[0] ?? Driver::Flat));
    }

    public function turn(): Turn
    {
        return $this->fit->turn ?? $this->turns[0];
    }
}
