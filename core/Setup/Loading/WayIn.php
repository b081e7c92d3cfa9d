<?php

declare(strict_types=1);

namespace Hakama\Setup\Loading;

use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Panel;
use Hakama\Garment\Structure;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Item;

/** One thing on one driver: how the machine gets at it, and what of frame and arm goes in. */
final readonly class WayIn
{
    public Access $access;

    public function __construct(private Item $item, public Driver $driver)
    {
        $this->access = Access::of($item, $driver);
    }

    /** Whether a frame is for such a thing at all. */
    public static function mayHold(Item $item, FrameSpec $frame): bool
    {
        return match (true) {
            $item->isOnCap() => $frame->driver === Driver::Cap
                ? $frame->kind->turnsCaps()
                : $item->structure === Structure::Unstructured && ! $frame->kind->entersPockets(),
            $frame->kind->turnsCaps() => false,
            $frame->kind->entersPockets() => $item->isClamped() || $item->garment === Garment::Other,
            default => true,
        };
    }

    /** Flat width of what the frame has to lie in; null where nothing limits it or nobody has measured it. */
    public function openingMm(): ?float
    {
        $panel = Panel::of($this->item->garment, $this->item->position);

        return match (true) {
            $this->access === Access::OpenedSeam => null,
            $panel === Panel::Leg => $this->item->measures->mm(Measure::LegWidth),
            $panel->isTube(), $this->item->isNarrowTube() => $this->item->measures->mm(Measure::SleeveWidth),
            $panel === Panel::Front, $panel === Panel::Back => $this->item->measures->mm(Measure::ChestWidth),
            $this->item->garment === Garment::Bag => $this->item->measures->mm(Measure::Width),
            default => null,
        };
    }

    public function takesFrame(FrameSpec $frame): bool
    {
        $opening = $this->openingMm();

        return $opening === null || $frame->outerWidthMm <= $opening;
    }

    /** Whether a closed tube is wider than the arm it is slipped over, as far as both are known. */
    public function takesArm(?float $armWidthMm): bool
    {
        $opening = $this->openingMm();

        return $this->access !== Access::ClosedTube
            || $opening === null
            || $armWidthMm === null
            || $opening > $armWidthMm;
    }
}
