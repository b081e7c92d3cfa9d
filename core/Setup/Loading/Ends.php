<?php

declare(strict_types=1);

namespace Hakama\Setup\Loading;

use Hakama\Garment\Garment as G;
use Hakama\Garment\Panel;
use Hakama\Garment\Position as P;
use Hakama\Setup\Facts\Item;

/** The two ends of what is sewn on: the one at which a design's top lies as it is worn or hung, and the other. */
final readonly class Ends
{
    private function __construct(private End $top, private End $bottom) {}

    public static function of(Item $item): self
    {
        $panel = Panel::of($item->garment, $item->position);

        return match (true) {
            $item->isOnCap() => new self(End::Crown, End::Bill),
            $item->garment === G::KnitHat => new self(End::Crown, End::Opening),
            // Its cuff is worn turned down: laid open, the lower edge of what is sewn on it lies at the opening.
            $item->garment === G::Stocking => new self(End::ClosedEnd, End::Opening),
            in_array($item->garment, [G::Glove, G::Pocket, G::Bag], true) => new self(End::Opening, End::ClosedEnd),
            $item->position === P::Cuff && $item->isUpperBody() => new self(End::Shoulder, End::Cuff),
            $panel === Panel::Leg, $item->garment === G::Trousers => new self(End::Waistband, End::Hem),
            $panel === Panel::Sleeve => new self(End::Shoulder, End::Cuff),
            $item->isUpperBody() => new self(End::Neck, End::Waist),
            default => new self(End::Edge, End::Edge),
        };
    }

    /** The end at the design's top goes to the machine: nothing is turned. */
    public function topFirst(): Loading
    {
        return Loading::topFirst($this->top);
    }

    /** The other end goes to the machine: the design is turned half round. */
    public function bottomFirst(): Loading
    {
        return Loading::bottomFirst($this->bottom);
    }

    /** A side goes to the machine: the design is turned a quarter. */
    public function sideFirst(): Loading
    {
        return Loading::sideFirst();
    }
}
