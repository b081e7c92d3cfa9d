<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Garment\Measures;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Setup\Tube\AlongTube;
use Hakama\Setup\Tube\Motifs;
use Hakama\Words\Text;

/** One decoration before it is set up: a design on an item on a machine, and what the shop knows of it. */
final readonly class Facts
{
    public function __construct(
        public Design $design,
        public Item $item,
        public OnMachine $machine,
        public WorkHistory $history = new WorkHistory(),
        public ?Motifs $motifs = null,
    ) {}

    /** Where it was found, or written down, to go; null where the house says. */
    public function placed(): ?FoundPlacement
    {
        $length = $this->tubeMm();

        return $this->history->kept ?? (
            $this->motifs === null || $length === null
                ? null
                : $this->motifs->first($length, $this->item->isMeasuredFromTop())
        );
    }

    /** @return list<Text> designs along one tube that lie over each other or beyond its end */
    public function overlaps(): array
    {
        return [...$this->history->overlaps, ...$this->motifs?->wrongs($this->tubeMm()) ?? []];
    }

    /** How long the tube is that it goes along; null where it is none, or nobody knows. */
    private function tubeMm(): ?float
    {
        $measure = Panel::of($this->item->garment, $this->item->position)->length();

        return $measure === null ? null : $this->item->measures->mm($measure);
    }

    /**
     * The same decoration on one size of the run.
     *
     * @param Measures|null $measured in this size, as the catalogue has it
     */
    public function onSize(Size $size, HouseRules $house, ?Measures $measured = null, ?FoundPlacement $kept = null): self
    {
        return new self(
            $this->design,
            $this->item->withSize($size, $house, $measured),
            $this->machine->withArm($house->value(HouseRule::ArmWidth)),
            $this->history->withKept($kept),
            $this->motifs,
        );
    }

    /** The same decoration on one machine. */
    public function onMachine(OnMachine $machine): self
    {
        return new self(
            $this->design,
            $this->item,
            $machine->withArm($this->machine->armWidthMm),
            $this->history,
            $this->motifs,
        );
    }

    /** The design along a narrow tube, where it goes along one. */
    public function along(HouseRules $house): ?AlongTube
    {
        return $this->item->along($this->design->bands, $house);
    }

    public function isDense(HouseRules $house): bool
    {
        return $this->design->stitchesPerCm2() > $house->value(HouseRule::Dense);
    }

    /**
     * How far a design can go to the sides before the neck holds the frame back, loaded neck first: the opening laid
     * flat less the arm. Null where there is no neck, or nobody has measured it.
     */
    public function travelMm(): ?float
    {
        $neckMm = $this->item->neckOpeningMm();

        return $neckMm === null ? null : $neckMm - ($this->machine->armWidthMm ?? 0.0);
    }

    /** A design wider than that. */
    public function neckIsTight(): bool
    {
        return in_array($this->item->position, [Position::FullFront, Position::FullBack], true)
            && $this->travelMm() !== null
            && $this->design->widthMm > $this->travelMm();
    }
}
