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
     * @param float $shortShare   a larger share of short stitches is a finding (0 to 1)
     * @param int   $densePerMm2  needle points in one square millimetre
     * @param float $longJumpMm   thread carried further than this without a cut is a finding
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
