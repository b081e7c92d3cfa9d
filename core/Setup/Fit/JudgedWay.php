<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\House\Units;

/** One way in, judged with the best frame there is for it. */
final readonly class JudgedWay
{
    /** @param float $handsS that hands take for one piece until it can be sewn */
    public function __construct(
        public WayIn $way,
        public RankedFrame $best,
        public bool $takesArm,
        public float $handsS,
    ) {}

    public function works(): bool
    {
        return $this->best->fits() && $this->takesArm;
    }

    public function because(Units $units = Units::Millimetres): string
    {
        return match (true) {
            ! $this->takesArm => 'The tube is narrower than the arm.',
            default => "{$this->best->fit->frame->id}: ".
                ($this->best->obstacle($units) ?? $this->best->fit->because($units)),
        };
    }
}
