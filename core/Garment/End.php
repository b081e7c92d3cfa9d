<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** An end of a garment that can go towards the machine. */
enum End: string
{
    case Neck = 'neck';
    case Waist = 'waist';
    case Waistband = 'waistband';
    case Hem = 'hem';
    case Cuff = 'cuff';
    case Shoulder = 'shoulder';
    case Opening = 'opening';
    case ClosedEnd = 'closed_end';
    case Crown = 'crown';
    case Bill = 'bill';
    case Edge = 'edge';

    public function label(): Text
    {
        return new Text("garment.end.{$this->value}");
    }
}
