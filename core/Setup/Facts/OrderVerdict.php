<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Stitch\Figures\Verdict;

/** Whether a design is sewn as caps want it; null where nobody knows. */
final readonly class OrderVerdict
{
    public function __construct(public ?Verdict $centreOut = null, public ?Verdict $bottomUp = null) {}

    /** Nobody knows, or the objects cannot be told apart: somebody has to look. */
    public function isOpen(bool $wantsBoth): bool
    {
        $known = array_filter(
            [$this->centreOut, $this->bottomUp],
            static fn(?Verdict $one): bool => $one !== null && $one !== Verdict::Unclear,
        );

        return ! $this->spoilsACap($wantsBoth)
            && ($wantsBoth ? count($known) < 2 : ! in_array(Verdict::Yes, $known, true));
    }

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
