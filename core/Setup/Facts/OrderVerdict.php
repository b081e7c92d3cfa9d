<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Stitch\Figures\Verdict;

/** Whether a design is sewn as caps want it; null where nobody knows. */
final readonly class OrderVerdict
{
    public function __construct(public ?Verdict $centreOut = null, public ?Verdict $bottomUp = null) {}

    /**
     * Whether slack is pushed into the design. Either way round pushes it out; side to side is the fault.
     *
     * @param bool $wantsBoth by the house's school
     */
    public function spoilsACap(bool $wantsBoth): bool
    {
        $both = [$this->centreOut, $this->bottomUp];

        return in_array(Verdict::No, $both, true) && ($wantsBoth || ! in_array(Verdict::Yes, $both, true));
    }
}
