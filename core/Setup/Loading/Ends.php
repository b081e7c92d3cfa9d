<?php

declare(strict_types=1);

namespace Hakama\Setup\Loading;

use Hakama\Garment\End;
use Hakama\Garment\Garment as G;
use Hakama\Garment\Panel;
use Hakama\Garment\Position as P;
use Hakama\Machine\Driver;
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

    /**
     * The ways round in which it can be mounted at all, whatever somebody wants: a cap in its frame goes on by the bill, a
     * closed shape over the arm by its opening; what is worn on the body does not lie sideways on the arms.
     *
     * @return non-empty-list<Loading>
     */
    public static function mountable(Item $item, Driver $driver): array
    {
        $ends = self::of($item);
        $isLoose = in_array(
            $item->garment,
            [G::Blanket, G::Towel, G::Bag, G::Apron, G::Patch, G::Other],
            true,
        );

        return match (true) {
            $item->isOnCap() && $driver === Driver::Cap, $item->garment === G::Stocking => [$ends->bottomFirst()],
            $item->garment === G::KnitHat, $item->isClamped() => [$ends->topFirst()],
            $isLoose => [$ends->topFirst(), $ends->bottomFirst(), $ends->sideFirst()],
            default => [$ends->topFirst(), $ends->bottomFirst()],
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
