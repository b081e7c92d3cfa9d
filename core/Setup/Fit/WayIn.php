<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Garment\Garment;
use Hakama\Garment\Girth;
use Hakama\Garment\Panel;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Stitch\Turn;

/** One thing on one driver: how the machine gets at it, what of frame and arm goes in, and whether the frame lies on it. */
final readonly class WayIn
{
    /** What goes into a tube has to move in it. */
    private const CLEARANCE_MM = 1.0;

    public Access $access;

    /** How far round it is where it is sewn; null where nothing limits what goes in, or nobody has measured it. */
    public ?Girth $girth;

    /** @param MarkedPlacement|null $marked where the design lies on it */
    public function __construct(
        private Item $item,
        public Driver $driver,
        private HouseRules $house,
        private ?MarkedPlacement $marked = null,
    ) {
        $this->access = Access::of($item, $driver);
        $this->girth = Girth::of(
            $item->garment,
            $item->position,
            $item->measures,
            $marked === null ? null : -$marked->centre->y,
        );
    }

    /** Whether a frame is for such a thing at all: what is not cannot be mounted, whatever somebody wants. */
    public static function mayHold(Item $item, FrameSpec $frame): bool
    {
        return match (true) {
            $item->isOnCap() => $frame->driver === Driver::Cap
                ? $frame->kind->turnsCaps()
                : $item->structure === Structure::Unstructured && ! $frame->kind->closesOnMachine(),
            $frame->kind->turnsCaps() => false,
            $frame->kind->entersPockets() => $item->isClamped() || $item->garment === Garment::Other,
            default => true,
        };
    }

    /** Flat width of what the frame has to lie in; null where nothing limits it or nobody has measured it. */
    public function openingMm(): ?float
    {
        return $this->access === Access::OpenedSeam ? null : $this->girth?->flatMm();
    }

    /** Whether a frame goes into the tube it has to lie in; null where there is none, or nobody has measured it. */
    public function entry(FrameSpec $frame, Turn $turn): ?Passage
    {
        if ($this->girth === null || $this->access === Access::OpenedSeam || $this->item->isStuckOn()) {
            return null;
        }
        $isQuarter = in_array($turn, [Turn::Quarter, Turn::ThreeQuarters], true);
        $bar = $this->house->value($frame->kind->isScrewed() ? HouseRule::ScrewBar : HouseRule::MagnetBar);
        $outer = $isQuarter ? $frame->outerHeightMm : $frame->outerWidthMm;
        $window = $isQuarter ? $frame->window->heightMm : $frame->window->widthMm;

        return Passage::of(
            $this->girth,
            // Of what closes on the machine only the lower jaw goes in.
            $frame->kind->closesOnMachine() ? min($outer, $window + 2 * $bar) : $outer,
            $bar,
            $this->stretch(),
        );
    }

    /** Whether a closed tube goes over the sewing arm; null where there is none, or one of the two is not known. */
    public function arm(?float $armWidthMm): ?Passage
    {
        return $this->access !== Access::ClosedTube || $this->girth === null || $armWidthMm === null
            ? null
            : Passage::of($this->girth, $armWidthMm, self::CLEARANCE_MM, $this->stretch());
    }

    public function takesArm(?float $armWidthMm): bool
    {
        return $this->arm($armWidthMm)?->goesIn() ?? true;
    }

    /** How a frame lies on the cloth; null where it does not lie on it, or nobody has measured it. */
    public function hold(Fit $fit): ?Hold
    {
        $frame = $fit->frame;
        $liesOn = $frame->driver === Driver::Flat && ! $frame->kind->closesOnMachine() && ! $this->item->isStuckOn();
        $isQuarter = in_array($fit->turn, [Turn::Quarter, Turn::ThreeQuarters], true);
        [$width, $height] = $isQuarter
            ? [$frame->outerHeightMm, $frame->outerWidthMm]
            : [$frame->outerWidthMm, $frame->outerHeightMm];
        if (! $liesOn || $this->marked === null) {
            return null;
        }
        if ($this->access === Access::OpenedSeam) {
            return $this->girth === null ? null : Hold::onStrip($this->girth->mm, $width);
        }
        $panel = $this->marked->shape->panel;
        if (! in_array($panel, [Panel::Front, Panel::Back, Panel::Flat], true) || $this->item->garment === Garment::Glove) {
            return null;
        }
        // From the design's middle to the frame's, seen upright on the garment.
        $off = $fit->centre->turned(self::back($fit->turn));
        $room = max(0.0, $fit->clearMm - $fit->marginMm);

        return Hold::of(
            $this->marked->shape->cloth(),
            $this->marked->centre->moved(-$off->x, -$off->y),
            $width,
            $height,
            $frame->window->round,
            $frame->kind->pullsByMagnets() && $panel !== Panel::Flat,
            new Slack($room, $room, $room, $room),
        );
    }

    private static function back(Turn $turn): Turn
    {
        return match ($turn) {
            Turn::None => Turn::None,
            Turn::Quarter => Turn::ThreeQuarters,
            Turn::Half => Turn::Half,
            Turn::ThreeQuarters => Turn::Quarter,
        };
    }

    /** Share by which the cloth gives when something goes in. */
    private function stretch(): float
    {
        return match ($this->item->cloth->stretch()) {
            Stretch::None => 0.0,
            Stretch::Low => $this->house->value(HouseRule::StretchLow) / 100,
            Stretch::High => $this->house->value(HouseRule::StretchHigh) / 100,
        };
    }
}
