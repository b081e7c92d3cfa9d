<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Words\Text;

/** How much of its box a design covers, as it is said on the telephone. */
enum Coverage: string
{
    case Outline = 'outline';
    case Letters = 'letters';
    case Half = 'half';
    case Full = 'full';

    public function label(): Text
    {
        return new Text("money.coverage.{$this->value}");
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
