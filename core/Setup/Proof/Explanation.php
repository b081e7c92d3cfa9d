<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Setup\Advice;
use Hakama\Setup\Outcome;
use Hakama\Setup\Rules\Reason;

/** A piece of advice with what proves it: what would turn each reason, and what would cure a stop. */
final readonly class Explanation
{
    public Advice $advice;
    private Outcome $outcome;

    public function __construct(public SetupCase $case)
    {
        $this->outcome = $case->outcome();
        $this->advice = Advice::from($this->outcome);
    }

    public function turning(Reason $reason): Turning
    {
        return Turning::of($reason, $this->case, $this->outcome);
    }

    /** @return list<Cure> the least work first */
    public function cures(): array
    {
        return Cures::of($this->case, $this->advice);
    }
}
