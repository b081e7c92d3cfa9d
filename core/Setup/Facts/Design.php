<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Machine\NeedleType;
use Hakama\Stitch\Band;

/** What is sewn. What is null is not known, and nothing is concluded from it. */
final readonly class Design
{
    /**
     * @param int        $copies pieces that one frame of it holds
     * @param list<Band> $bands of its height in which something is sewn; none where nobody has looked
     */
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public int $stitches,
        public int $threadWeight,
        public int $colours = 1,
        public Letters $letters = new Letters(),
        public Applied $applied = new Applied(),
        public OrderVerdict $order = new OrderVerdict(),
        public array $bands = [],
        public int $copies = 1,
    ) {}

    /** Over the design's box. */
    public function stitchesPerCm2(): float
    {
        return $this->stitches / max(0.01, ($this->widthMm * $this->heightMm) / 100);
    }

    public function hasSmallLetters(float $belowMm): bool
    {
        return $this->letters->smallestMm !== null && $this->letters->smallestMm < $belowMm;
    }

    /** Thread and needle of all of it go by the thread that is chosen, and by small letters that may be anywhere. */
    public function isFine(float $smallLetterMm): bool
    {
        return NeedleType::isFine($this->threadWeight)
            || (! $this->letters->apart && $this->hasSmallLetters($smallLetterMm));
    }

    /**
     * One of its blocks by itself.
     *
     * @param float|null $letterMm height of the smallest letters in it; null where there are none
     */
    public function block(int $threadWeight, ?float $letterMm): self
    {
        return new self(
            $this->widthMm,
            $this->heightMm,
            $this->stitches,
            $threadWeight,
            1,
            new Letters($letterMm),
            $this->applied,
            $this->order,
            $this->bands,
            $this->copies,
        );
    }
}
