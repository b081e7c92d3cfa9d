<?php

declare(strict_types=1);

namespace App\Machine\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** What a machine can do changed, or a machine is new: whatever was timed on machines is timed anew. */
final readonly class MachineChanged
{
    use Dispatchable;
}
