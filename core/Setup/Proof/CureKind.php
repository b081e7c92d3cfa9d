<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Words\Text;

/** What can be done about a stop, with the minutes it usually takes. */
enum CureKind: string
{
    case MovePlace = 'move_place';
    case MoreHoopings = 'more_hoopings';
    case OtherMachine = 'other_machine';
    case OpenSeam = 'open_seam';
    case SmallerDesign = 'smaller_design';
    case OtherCap = 'other_cap';
    case OtherFrame = 'other_frame';

    public function words(): Text
    {
        return new Text("setup.cure_kind.{$this->value}");
    }

    /** Once for the batch, before anything is sewn. */
    public function minutes(): float
    {
        return match ($this) {
            self::MovePlace => 2.0,
            self::OtherMachine => 15.0,
            self::OpenSeam => 20.0,
            self::MoreHoopings => 30.0,
            self::SmallerDesign => 45.0,
            self::OtherCap => 60.0,
            // To be bought or borrowed.
            self::OtherFrame => 90.0,
        };
    }
}
