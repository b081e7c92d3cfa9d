<?php

declare(strict_types=1);

namespace App\Orders;

/** How far an order has come, by its pieces; nobody types it. */
enum OrderState: string
{
    case Unplanned = 'unplanned';
    case Planned = 'planned';
    case BlanksShort = 'blanks_short';
    case Begun = 'begun';
    case Sewing = 'sewing';
    case Done = 'done';
    case Cancelled = 'cancelled';
}
