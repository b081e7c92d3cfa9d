<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

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

    public function words(): string
    {
        return match ($this) {
            self::MovePlace => 'The design goes somewhere else on the garment.',
            self::MoreHoopings => 'The design is divided along the tube, each part hooped by itself.',
            self::OtherMachine => 'A machine with a driver that this one does not have, and for which there are frames.',
            self::OpenSeam => 'The seam is opened, and it is sewn flat.',
            self::SmallerDesign => 'The design is made smaller by whole percents, no more than it has to be.',
            self::OtherCap => 'The lowest cap that takes it, or a soft one.',
            self::OtherFrame => 'A frame that the shop does not have.',
        };
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
