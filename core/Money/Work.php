<?php

declare(strict_types=1);

namespace Hakama\Money;

/** One decoration as it is costed: figures of a piece, and minutes before the first. */
final readonly class Work
{
    /**
     * @param float $topM     metres of top thread a piece; likewise bobbin thread
     * @param float $sewS     seconds a load sews
     * @param int   $perLoad  pieces in a load
     * @param float $hoopS    seconds of hands a piece; likewise finishing
     * @param float $backing  cm² a piece; likewise topper and applied cloth
     */
    public function __construct(
        public string $name,
        public int $stitches,
        public float $topM,
        public float $bobbinM,
        public float $sewS,
        public int $perLoad,
        public float $hoopS,
        public float $finishS,
        public float $setupMin,
        public float $backing,
        public float $topper,
        public float $applique,
    ) {}
}
