<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Size;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Placement\Placement;
use Hakama\Stitch\Turn;

/** One size of a run, with the advice for it. */
final readonly class SizeRow
{
    /**
     * @param Facts      $facts    of this size
     */
    public function __construct(public Size $size, public int $pieces, public Facts $facts, public Advice $advice) {}

    /** @return non-empty-list<Turn> the ways round that would do, best first */
    public function turns(): array
    {
        return $this->advice->turns;
    }

    public function placement(): Placement
    {
        return $this->advice->placement;
    }

    /** @return list<string> frames that hold the design and go into the garment, best first */
    public function frames(): array
    {
        return array_values(
            array_map(
                static fn(RankedFrame $one): string => $one->fit->frame->id,
                array_filter($this->advice->ranked, static fn(RankedFrame $one): bool => $one->fits()),
            ),
        );
    }

    /** How wide a design may be, neck first; null where no neck limits it. */
    public function travelMm(): ?float
    {
        return $this->facts->travelMm();
    }
}
