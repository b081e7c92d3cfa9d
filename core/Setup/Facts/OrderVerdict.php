<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Stitch\Figures\Verdict;

/** Whether a design is sewn as caps want it; null where nobody knows. */
final readonly class OrderVerdict
{
    public function __construct(public ?Verdict $centreOut = null, public ?Verdict $bottomUp = null) {}
}
