<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** Where a machine stands in its batch. */
enum Stage: string
{
    case Preflight = 'preflight';
    case Ready = 'ready';
    case Sewing = 'sewing';
    case Halted = 'halted';
    case Sewn = 'sewn';
    case Finished = 'finished';
}
