<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Copies\Grid;

/** One way to sew so many patches: copies in a frame, how many sheets, how long, how much backing. */
final readonly class Sheet
{
    /**
     * @param string $frame   code
     * @param int    $over    copies that are left over on the last sheet
     * @param float  $seconds of all sheets, hooping and swaps among them, on one head
     * @param float  $cm2     of backing
     */
    public function __construct(
        public string $frame,
        public Grid $grid,
        public int $sheets,
        public int $over,
        public float $seconds,
        public float $cm2,
    ) {}
}
