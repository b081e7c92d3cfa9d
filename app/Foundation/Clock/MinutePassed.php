<?php

declare(strict_types=1);

namespace App\Foundation\Clock;

/** Said about once a minute by the worker, for what is done by itself. */
final class MinutePassed
{
    public const EVERY_S = 60;
}
