<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Item;

/** A frame as it would have to be to hold a design, where none is there. */
final class SampleFrame
{
    private const ROOM_MM = 30.0;
    private const BAR_MM = 15.0;

    /** A small one that moves along a tube. */
    public static function along(): FrameSpec
    {
        return new FrameSpec(
            'another',
            FrameKind::Cylinder,
            Driver::Cylinder,
            75.0,
            100.0,
            Window::rectangle(60.0, 90.0),
        );
    }

    public static function of(Driver $driver, Item $item, Design $design): FrameSpec
    {
        [$width, $height] = [$design->widthMm + self::ROOM_MM, $design->heightMm + self::ROOM_MM];
        $kind = match (true) {
            $item->isOnCap() && $driver === Driver::Cap => FrameKind::Cap,
            $driver === Driver::Cap => FrameKind::Pocket,
            $driver === Driver::Cylinder => FrameKind::Cylinder,
            $driver === Driver::Clamp => FrameKind::Clamp,
            default => FrameKind::Magnetic,
        };

        return new FrameSpec(
            'another',
            $kind,
            $driver,
            $width + self::BAR_MM,
            $height + self::BAR_MM,
            Window::rectangle($width, $height),
        );
    }
}
