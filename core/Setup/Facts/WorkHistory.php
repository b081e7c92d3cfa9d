<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Machine\FrameKind;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Words\Text;

/** What the shop knows of this work besides: how many there are, what they are worth, what was found before. */
final readonly class WorkHistory
{
    /**
     * @param int|null  $garments  how many are to be sewn
     * @param int|null  $spares    how many there are besides
     * @param bool|null $practised whether this material has been sewn here before, at such a place
     * @param float     $alongMm   of what is sewn before it along the same tube
     * @param list<Text>   $overlaps designs along it that lie over each other
     * @param list<FrameKind>|null $practisedIn the kinds of frame in which it was; null where that is not known
     */
    public function __construct(
        public ?int $garments = null,
        public ?int $spares = null,
        public ?int $unitValueCents = null,
        public ?bool $practised = null,
        public ?FoundPlacement $kept = null,
        public float $alongMm = 0.0,
        public array $overlaps = [],
        public ?array $practisedIn = null,
    ) {}

    public function withKept(?FoundPlacement $kept): self
    {
        return new self(
            $this->garments,
            $this->spares,
            $this->unitValueCents,
            $this->practised,
            $kept,
            $this->alongMm,
            $this->overlaps,
            $this->practisedIn,
        );
    }
}
