<?php

declare(strict_types=1);

namespace Hakama\Money;

/** A design as it is said on the telephone: about so large, so many stitches and colours, sewn in so many places. */
final readonly class SaidDesign
{
    /** @param float $widthMm 0 where only its stitches were said; likewise the height */
    public function __construct(
        public StitchGuess $stitches,
        public int $colours,
        public int $places,
        public float $widthMm,
        public float $heightMm,
    ) {}

    /** "in two places, about 5 400 stitches in 3 colours each" */
    public function words(): string
    {
        return sprintf(
            'in %s, %s%d stitches in %d %s%s',
            $this->places === 1 ? 'one place' : "{$this->places} places",
            $this->stitches->isKnown ? '' : 'about ',
            $this->stitches->likely,
            $this->colours,
            $this->colours === 1 ? 'colour' : 'colours',
            $this->places === 1 ? '' : ' each',
        );
    }
}
