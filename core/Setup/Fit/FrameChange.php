<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

/** What has to be changed on the machine before a frame can be used. */
enum FrameChange: int
{
    case Nothing = 0;
    case Frame = 1;
    case Driver = 2;

    /** As part of a reason. */
    public function words(): string
    {
        return match ($this) {
            self::Nothing => 'mounted now',
            self::Frame => 'the frame has to be changed',
            self::Driver => 'the driver has to be changed',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Nothing => 'is mounted now',
            self::Frame => 'change the frame',
            self::Driver => 'change the driver',
        };
    }
}
