<?php

declare(strict_types=1);

namespace App\Shop\Events;

use Hakama\House\HouseRules;
use Illuminate\Foundation\Events\Dispatchable;

/** House rules have other values now. Whoever listens compares what follows from them, not where they stand on a form. */
final readonly class RuleChanged
{
    use Dispatchable;

    public function __construct(public HouseRules $before, public HouseRules $now) {}
}
