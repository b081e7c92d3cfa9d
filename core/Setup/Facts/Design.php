<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Stitch\Band;

/** What is sewn. What is null is not known, and nothing is concluded from it. */
final readonly class Design
{
    /**
     * @param int        $appliqueStops stops at which a hand has something to do
     * @param list<Band> $bands         of its height in which something is sewn; none where nobody has looked
     */
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public int $stitches,
        public int $threadWeight,
        public int $colours = 1,
        public ?float $smallestLetterMm = null,
        public int $appliqueStops = 0,
        public OrderVerdict $order = new OrderVerdict(),
        public array $bands = [],
    ) {}

    /** Over the design's box. */
    public function stitchesPerCm2(): float
    {
        return $this->stitches / max(0.01, ($this->widthMm * $this->heightMm) / 100);
    }

    public function hasSmallLetters(float $belowMm): bool
    {
        return $this->smallestLetterMm !== null && $this->smallestLetterMm < $belowMm;
    }
}
