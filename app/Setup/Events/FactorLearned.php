<?php

declare(strict_types=1);

namespace App\Setup\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** What the log says of a machine and a cloth was taken, or taken back. */
final readonly class FactorLearned
{
    use Dispatchable;
}
