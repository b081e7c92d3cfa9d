<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied;

use Hakama\Artwork\StopAction;

/** One thing that is at hand when the machine stops, cut to size beforehand. */
final readonly class Picked
{
    /**
     * @param int        $block after which the machine stops, from 1
     * @param StopAction $action what is done with it there
     * @param int|null   $piece number of the applied piece; null for backing, film, a back or a pocket
     * @param AppliedPiece|null $shape the outline of a back or pocket by the lines it is taped to, and what is cut along
     */
    public function __construct(
        public int $block,
        public StopAction $action,
        public ?int $piece,
        public float $widthMm,
        public float $heightMm,
        public ?AppliedPiece $shape = null,
    ) {}
}
