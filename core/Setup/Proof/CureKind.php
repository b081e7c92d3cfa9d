<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

/** What can be done about a stop, with the minutes it usually takes. */
enum CureKind: string
{
    case MovePlace = 'move_place';
    case OtherMachine = 'other_machine';
    case OpenSeam = 'open_seam';
    case SmallerDesign = 'smaller_design';
    case OtherCap = 'other_cap';

    /** Once for the batch, before anything is sewn. */
    public function minutes(): float
    {
        return match ($this) {
            self::MovePlace => 2.0,
            self::OtherMachine => 15.0,
            self::OpenSeam => 20.0,
            self::SmallerDesign => 45.0,
            self::OtherCap => 60.0,
        };
    }
}
