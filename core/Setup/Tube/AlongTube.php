<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Stitch\Band;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Turn;

/** That a design goes along a narrow tube: it may be sewn in several hoopings, none of which cuts a motif in two. */
final readonly class AlongTube
{
    /**
     * @param list<Band> $bands   of the design's height in which something is sewn; none where nobody has looked
     * @param bool       $fromTop whether its place is measured to its upper edge: the hoopings are counted from there
     */
    public function __construct(private array $bands, private HouseRules $house, private bool $fromTop = false) {}

    /**
     * The hoopings that a design of this box wants in a frame; null where it is hooped once, or cannot be divided.
     *
     * A design whose bands nobody knows is taken to be an arrangement: it is shared out evenly on the driver that is
     * made for tubes, and on no other.
     */
    public function hoopings(Bounds $box, FrameSpec $frame, Turn $turn): ?Hoopings
    {
        $reach = Hoopings::reachMm($this->house, $frame);
        $across = in_array($turn, [Turn::Quarter, Turn::ThreeQuarters], true);
        $apart = $frame->driver !== Driver::Cylinder && count($this->bands) < 2;
        if ($across || $apart || $reach <= 0.0 || $box->height() <= $reach + 1e-9) {
            return null;
        }

        return $this->fromTop
            ? Hoopings::fromTop($this->motifs($box, $reach), $reach)
            : Hoopings::of($this->motifs($box, $reach), $reach);
    }

    /** How often it is hooped where no frame is known: as the house reaches on the driver that is made for it. */
    public function usually(float $heightMm): int
    {
        return Hoopings::count($heightMm, $this->bands, Hoopings::reachMm($this->house, null));
    }

    /** @return list<Motif> */
    private function motifs(Bounds $box, float $reach): array
    {
        if ($this->bands !== []) {
            return array_map(
                static fn(Band $band): Motif => new Motif('', $band->bottom, $band->top),
                $this->bands,
            );
        }
        $parts = (int) ceil($box->height() / $reach - 1e-9);
        $each = $box->height() / $parts;

        return array_map(
            static fn(int $i): Motif => new Motif('', $box->bottom + $i * $each, $box->bottom + ($i + 1) * $each),
            range(0, $parts - 1),
        );
    }
}
