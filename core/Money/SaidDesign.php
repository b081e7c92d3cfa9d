<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Words\Text;

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
    public function words(): Text
    {
        return new Text($this->stitches->isKnown ? 'money.said_design.known' : 'money.said_design.about', [
            'places' => $this->places,
            'stitches' => $this->stitches->likely,
            'colours' => $this->colours,
        ]);
    }
}
