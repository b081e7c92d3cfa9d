<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\House\Units;
use Hakama\Words\Text;

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

    public function because(Units $units = Units::Millimetres): Text
    {
        return $this->takesArm
            ? new Text('setup.fit.frame_because', [
                'frame' => $this->best->fit->frame->id,
                'why' => $this->best->obstacle($units) ?? $this->best->fit->because($units),
            ])
            : new Text('setup.fit.narrower_than_arm');
    }
}
