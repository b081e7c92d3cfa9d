<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What a line of the cost is about. */
enum CostCategory: string
{
    case Blank = 'blank';
    case TopThread = 'top_thread';
    case BobbinThread = 'bobbin_thread';
    case Backing = 'backing';
    case Topper = 'topper';
    case Applique = 'applique';
    case Machine = 'machine';
    case Hands = 'hands';
    case Artwork = 'artwork';
    case Spoilage = 'spoilage';
    case Overhead = 'overhead';
}
