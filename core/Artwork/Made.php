<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Machine\RunTime;
use Hakama\Machine\RunTimeRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Pattern;

/** A pattern that was made from another, and what the making saved. */
final readonly class Made
{
    /**
     * @param PatternFigures $before  the same copies in file order
     * @param list<int>      $origins per block, the block of the pattern it was made from, from 1
     */
    public function __construct(
        public Pattern $pattern,
        public PatternFigures $before,
        public PatternFigures $after,
        public array $origins,
    ) {}

    public function changesSaved(): int
    {
        return $this->before->counts->changes - $this->after->counts->changes;
    }

    public function trimsSaved(): int
    {
        return $this->before->counts->trims - $this->after->counts->trims;
    }

    /** By run time on one head at the speed that is set, breaks left out. */
    public function secondsSaved(float $setSpm, RunTimeRules $rules): float
    {
        $seconds = static fn(PatternFigures $figures): float => RunTime::ofFigures(
            $figures,
            $setSpm,
            SpeedCurve::usual($setSpm),
            $rules,
        )->seconds();

        return $seconds($this->before) - $seconds($this->after);
    }
}
