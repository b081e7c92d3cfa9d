<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Foundation\Http\ReadList;

/** Orders as a file. */
final class ReadOrders extends ReadList
{
    protected const MOST_MB = 20;
}
