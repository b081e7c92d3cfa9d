<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Garment;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\House\Units;
use Hakama\Machine\Driver;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Backing\Weight;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\FrameChange;
use Hakama\Setup\Fit\Grip;
use Hakama\Setup\Fit\Obstruction;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Fit\WayIn;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Loading\Ends;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Placement\Edge;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Tube\Hooping;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;

/** What is decided, by the rules or by a person, with the facts: what warnings, steps and cautions go by. */
final readonly class SetupDecision
{
    /** No stitch is longer than what one record of a tape reaches. */
    private const STITCH_MM = 12.1;

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

    /** @var list<Obstruction> what on the garment the design lies across, or near */
    public array $obstructions;

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
        ?Choice $choice = null,
    ) {
        $there = $facts->machine->drivers;
        $this->wanted = $decisions->drivers->value;
        $this->drivers = array_values(
            array_filter($this->wanted, static fn(Driver $driver): bool => in_array($driver, $there, true)),
        );
        $this->turns = array_map(static fn(Loading $one): Turn => $one->turn, $decisions->loadings->value);
        $this->backing = $choice->backing ?? $decisions->backing->value;
        $this->topper = $choice->topper ?? $decisions->topper->value;
        $this->speedSpm = $choice->speedSpm ?? $decisions->speed->value;
        $this->placement = $decisions->placement->value;
        $this->fit = $best?->fit;
        $this->obstructions = $marked === null ? [] : Obstruction::at($marked, $facts->item, $house);
    }

    /** The same, with what a person chose instead. */
    public function withChoice(Choice $choice): self
    {
        $fit = $choice->fit;
        $way = new WayIn($this->facts->item, $fit->frame->driver, $this->house, $this->marked);

        return new self(
            $this->facts,
            $this->house,
            $this->decisions,
            $this->marked,
            new RankedFrame(
                $fit,
                FrameChange::Frame,
                grip: Grip::of($this->facts, $this->house, $fit),
                entry: $way->entry($fit->frame, $fit->turn),
                arm: $way->arm($this->facts->machine->armWidthMm),
                hold: $fit->fits() ? $way->hold($fit) : null,
            ),
            $this->framesKnown,
            $choice,
        );
    }

    /** In what lengths the shop measures on a garment. */
    public function units(): Units
    {
        return Units::of($this->house);
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

    /** How the design lies in the frame, as the operator sees it. */
    public function turn(): Turn
    {
        return $this->fit->turn ?? $this->turns[0];
    }

    /** The end that goes to the machine, for the way round that it lies. */
    public function loading(): Loading
    {
        $ends = Ends::of($this->facts->item);

        return match ($this->turn()) {
            Turn::None => $ends->topFirst(),
            Turn::Half => $ends->bottomFirst(),
            Turn::Quarter, Turn::ThreeQuarters => $ends->sideFirst(),
        };
    }

    /** What has to be set on this machine: on its cap driver a machine may turn the design by itself. */
    public function turnToSet(): Turn
    {
        return $this->driver()->turnToSet(
            $this->turn(),
            $this->facts->item->isOnCap(),
            $this->facts->machine->turnsCapsItself,
        );
    }

    /** A cap on the cap driver; a soft one laid flat has none of that. */
    public function isInCapFrame(): bool
    {
        return $this->facts->item->isOnCap() && $this->driver() === Driver::Cap;
    }

    /** How heavy the backing is that it wants. */
    public function weight(): Weight
    {
        return Weight::of($this->facts, $this->backing->backing, $this->house);
    }

    /** Whether it was practised: on such cloth, at such a place, and in such a frame where one is chosen. */
    public function isPractised(): ?bool
    {
        $history = $this->facts->history;
        $kind = $this->fit?->frame->kind;

        return $history->practised === true && $history->practisedIn !== null && $kind !== null
            ? array_filter($history->practisedIn, $kind->holdsLike(...)) !== []
            : $history->practised;
    }

    /** A clamp or a pocket frame closes on the item while it stays on the machine. */
    public function closesOnMachine(): bool
    {
        return $this->fit?->frame->kind->closesOnMachine()
            ?? ($this->facts->item->isClamped() && $this->driver() !== Driver::Flat);
    }

    /** Stuck on backing that is hooped, not hooped itself. */
    public function isStuckOn(): bool
    {
        return $this->facts->item->isStuckOn() && ! $this->closesOnMachine();
    }

    /** Held between the rings of a frame, off the machine. */
    public function isHooped(): bool
    {
        return ! $this->isInCapFrame() && ! $this->closesOnMachine() && ! $this->isStuckOn();
    }

    /** Sewn from within: a closed shape whose outside is reached no other way. */
    public function isInsideOut(): bool
    {
        return $this->facts->item->garment === Garment::Stocking
            || ($this->facts->item->garment === Garment::Bag && $this->isHooped());
    }

    /** Centre and up are kept by a sticker: people lose track of them in closed shapes. */
    public function hasSticker(): bool
    {
        return in_array($this->facts->item->garment, [Garment::Stocking, Garment::Bag], true);
    }

    /** Once it is mounted nobody gets at the bobbin. */
    public function coversArm(): bool
    {
        return $this->isInCapFrame()
            || $this->facts->item->isNarrowTube()
            || $this->driver() !== Driver::Flat
            || in_array($this->facts->item->garment, [Garment::KnitHat, Garment::Glove, Garment::Bag], true);
    }

    /** The frame holds the film with the item; elsewhere it is laid on after the trace. */
    public function isFilmHeld(): bool
    {
        return $this->topper
            && $this->facts->design->applied->stops === 0
            && ($this->closesOnMachine()
                || ($this->facts->item->garment === Garment::KnitHat && $this->isHooped()));
    }

    /** It has another side that must not be caught. */
    public function hasOtherSide(): bool
    {
        return ! $this->facts->item->isOnCap()
            && ! in_array(
                $this->facts->item->garment,
                [Garment::Patch, Garment::Blanket, Garment::Towel, Garment::Apron, Garment::Other],
                true,
            )
            && $this->access() !== Access::OpenedSeam;
    }

    /** The frame is turned over at a stop: by the stop sheet, or, where there is none, because it has a back. */
    public function turnsFrameOver(): bool
    {
        return $this->facts->design->applied->stops > 0
            && ($this->facts->design->applied->turnsOver
                ?? in_array(
                    $this->facts->item->garment,
                    [Garment::Bag, Garment::Stocking, Garment::Pocket],
                    true,
                ));
    }

    public function access(): Access
    {
        return Access::of($this->facts->item, $this->driver());
    }

    /** In how many hoopings it is sewn, moving along a tube. */
    public function hoopings(): int
    {
        $along = $this->facts->along($this->house);

        return match (true) {
            $along === null => 1,
            $this->fit !== null => $this->fit->times(),
            $this->driver() === Driver::Cylinder => $along->usually($this->facts->design->heightMm),
            default => 1,
        };
    }

    /**
     * Where the cross goes at each of several hoopings, in words; nothing where there is one, or where the motifs have
     * places of their own.
     *
     * @return list<Text>
     */
    public function marks(): array
    {
        $hoopings = $this->fit->hoopings->hoopings ?? [];
        if (count($hoopings) < 2) {
            return [];
        }
        $bottom = min(array_map(static fn(Hooping $one): float => $one->fromMm, $hoopings));
        $top = max(array_map(static fn(Hooping $one): float => $one->toMm, $hoopings));
        // A band reaches from where its first stitch begins, which is no point that is sewn: up to a stitch more.
        if ($top - $bottom > $this->facts->design->heightMm + self::STITCH_MM) {
            return [];
        }
        $from = abs($this->placement->downMm);

        return array_map(
            fn(Hooping $one): Text => match ($this->placement->edge) {
                Edge::Upper => $this->fromDatum($from + $top - $one->markMm),
                Edge::Lower => $this->fromDatum($from + $one->markMm - $bottom),
                Edge::Middle => new Text($one->markMm < ($bottom + $top) / 2 ? 'setup.tube.below' : 'setup.tube.above', [
                    'length' => $this->units()->length(abs($one->markMm - ($bottom + $top) / 2)),
                ]),
            },
            $hoopings,
        );
    }

    private function fromDatum(float $mm): Text
    {
        return new Text('setup.tube.from', [
            'length' => $this->units()->length($mm),
            'datum' => $this->placement->datum->label(),
        ]);
    }

    /** Seconds that hands take for one piece until it can be sewn: hooping, and a seam opened and closed again. */
    public function handsS(): float
    {
        return $this->hoopings() * $this->facts->item->hoopS($this->house) + $this->access()->handsS($this->house);
    }
}
