<?php

declare(strict_types=1);

namespace Hakama\Money;

/** How much of its box a design covers, as it is said on the telephone. */
enum Coverage: string
{
    case Outline = 'outline';
    case Letters = 'letters';
    case Half = 'half';
    case Full = 'full';

    public function label(): string
    {
        return match ($this) {
            self::Outline => 'lines only',
            self::Letters => 'letters, or thin shapes',
            self::Half => 'about half of it filled',
            self::Full => 'filled all over',
        };
    }

    /** Share of the box that is covered. */
    public function share(): float
    {
        return match ($this) {
            self::Outline => 0.1,
            self::Letters => 0.35,
            self::Half => 0.6,
            self::Full => 0.95,
        };
    }
}
