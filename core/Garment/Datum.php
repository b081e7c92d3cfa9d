<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** What a person measures from. */
enum Datum: string
{
    case ShoulderAtNeck = 'shoulder_at_neck';
    case NeckSeam = 'neck_seam';
    case CollarSeam = 'collar_seam';
    case BillSeam = 'bill_seam';
    case SweatbandSeam = 'sweatband_seam';
    case StrapOpening = 'strap_opening';
    case CuffFold = 'cuff_fold';
    case Hem = 'hem';
    case Waistband = 'waistband';
    case CornerInside = 'corner_inside';
    case PocketEdge = 'pocket_edge';
    case Middle = 'middle';

    public function label(): Text
    {
        return new Text("garment.datum.{$this->value}");
    }
}
