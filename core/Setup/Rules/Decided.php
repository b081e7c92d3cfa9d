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

/** What is decided, by the rules or by a person, with the facts: what warnings, steps and cautions go by. */
final readonly class Decided
{
    /** @var list<Driver> that would do, best first */
    public array $wanted;
    /** @var list<Driver> those of them that there are */
    public array $drivers;
    /** @var non-empty-list<Turn> */
    public array $turns;
    public Layers $backing;
    public bool $topper;
    public int $speedSpm;
    public Placement $placement;
    public ?Fit $fit;

    /**
     * @param MarkedPlacement|null $marked      on the garment, where its measures are known
     * @param RankedFrame|null     $best        of the frames; null when none was asked about or there is none for the
     *     driver
     * @param bool                 $framesKnown whether the shop's frames were looked through
     * @param Choice|null          $choice      what a person chose instead
     */
    public function __construct(
        public Facts $facts,
        public HouseRules $house,
        public Decisions $decisions,
        public ?MarkedPlacement $marked,
        public ?RankedFrame $best,
        public bool $framesKnown,
        private ?Choice $choice = null,
    ) {
        $there = $facts->machine->drivers;
        $this->wanted = $decisions->drivers->value;
        $this->drivers = array_values(
            array_filter($this->wanted, static fn(Driver $driver): bool => in_array($driver, $there, true)),
        );
        $this->turns = $decisions->turns->value;
        $this->backing = $choice->backing ?? $decisions->backing->value;
        $this->topper = $choice->topper ?? $decisions->topper->value;
        $this->speedSpm = $choice->speedSpm ?? $decisions->speed->value;
        $this->placement = $decisions->placement->value;
        $this->fit = $best?->fit;
    }

    /** The same, with what a person chose instead. */
    public function withChoice(Choice $choice): self
    {
        return new self(
            $this->facts,
            $this->house,
            $this->decisions,
            $this->marked,
            new RankedFrame($choice->fit, FrameChange::Frame),
            $this->framesKnown,
            $choice,
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
