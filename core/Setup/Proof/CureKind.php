<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

/** What can be done about a stop, with the minutes it usually takes. */
enum CureKind: string
{
    case MovePlace = 'move_place';
    case OtherFrame = 'other_frame';
    case OtherDriver = 'other_driver';
    case OtherMachine = 'other_machine';
    case QuarterTurn = 'quarter_turn';
    case OpenSeam = 'open_seam';
    case MoreHoopings = 'more_hoopings';
    case SmallerDesign = 'smaller_design';
    case OtherCap = 'other_cap';
    case LoadOtherEnd = 'load_other_end';

    /** Once for the batch, before anything is sewn. */
    public function minutes(): float
    {
        return match ($this) {
            self::LoadOtherEnd, self::QuarterTurn => 1.0,
            self::MovePlace => 2.0,
            self::OtherFrame => 4.0,
            self::MoreHoopings => 10.0,
            self::OtherDriver, self::OtherMachine => 15.0,
            self::OpenSeam => 20.0,
            self::SmallerDesign => 45.0,
            self::OtherCap => 60.0,
        };
    }
}
