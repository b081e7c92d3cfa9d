<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** What the shop calls a trim, a short stitch, a long one, a long jump and dense. */
final readonly class MeasuringRules
{
    /**
     * @param int   $trimJumps    so many jumps in a row are a trim
     * @param float $shortMm      below it thread and needle suffer
     * @param float $longMm       above it stitches catch
     * @param float $shortShare   this share of short stitches is worth a word (0 to 1)
     * @param int   $densePerMm2  needle points in one square millimetre
     * @param float $longJumpMm   thread carried further than this without a cut is worth a word
     */
    public function __construct(
        public int $trimJumps,
        public float $shortMm,
        public float $longMm,
        public float $shortShare,
        public int $densePerMm2,
        public float $longJumpMm,
    ) {}
}
