<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** What a person measures from. */
enum Datum: string
{
    case ShoulderAtNeck = 'shoulder seam at the neck';
    case NeckSeam = 'neck seam';
    case CollarSeam = 'collar seam';
    case BillSeam = 'bill seam';
    case SweatbandSeam = 'sweatband seam';
    case StrapOpening = 'edge of the strap opening';
    case CuffFold = 'upper fold of the cuff';
    case Hem = 'hem';
    case Waistband = 'waistband';
    case CornerInside = 'corner inside the edging';
    case PocketEdge = 'upper edge of the pocket';
    case Middle = 'middle of the piece, half its measured height and width';
}
