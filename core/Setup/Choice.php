<?php

declare(strict_types=1);

namespace Hakama\Setup;

/** What a person settles on: as it was advised, or otherwise. */
final readonly class Choice
{
    public function __construct(
        public Fit $fit,
        public Layers $backing,
        public bool $topper,
        public NeedleChoice $needle,
        public int $speedSpm,
    ) {}

    /** All as advised, in this frame and this way round. */
    public static function advised(Advice $advice, Fit $fit): self
    {
        return new self($fit, $advice->backing, $advice->topper, $advice->needle, $advice->speedSpm);
    }
}
