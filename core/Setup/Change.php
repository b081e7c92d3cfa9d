<?php

declare(strict_types=1);

namespace Hakama\Setup;

/** What has to be changed on the machine before a frame can be used. */
enum Change: int
{
    case Nothing = 0;
    case Frame = 1;
    case Driver = 2;

    public function label(): string
    {
        return match ($this) {
            self::Nothing => 'is mounted now',
            self::Frame => 'change the frame',
            self::Driver => 'change the driver',
        };
    }
}
