<?php

declare(strict_types=1);

namespace App\Orders;

/** How far a list of orders is that the worker takes in. */
enum ImportState: string
{
    case Checking = 'checking';
    /** Something is wrong in it; nothing was stored. */
    case Wrong = 'wrong';
    case Storing = 'storing';
    case Done = 'done';
    /** Somebody stopped it, or what was right when it was looked through is not any more: the orders before stay. */
    case Stopped = 'stopped';

    public function isOver(): bool
    {
        return $this !== self::Checking && $this !== self::Storing;
    }
}
