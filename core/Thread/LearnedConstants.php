<?php

declare(strict_types=1);

namespace Hakama\Thread;

/**
 * What a millimetre of sewn length and what a stitch takes of a bobbin, from bobbins that ran out: least squares over what
 * each had sewn until then.
 */
final readonly class LearnedConstants
{
    private const LEAST = 4;

    /**
     * @param float $perLength   thread over sewn length
     * @param float $perStitchMm thread a stitch, in mm
     * @param int   $n           bobbins
     * @param float $spreadLength   one standard error of the first
     * @param float $spreadStitchMm and of the second
     */
    private function __construct(
        public float $perLength,
        public float $perStitchMm,
        public int $n,
        public float $spreadLength,
        public float $spreadStitchMm,
    ) {}

    /**
     * @param list<array{float, float, float}> $bobbins sewn length in mm, stitches, thread it held in mm
     * @param float                            $waste   share that goes beside the sewing
     *
     * @return self|null null where there are too few, all of a kind, or where one of the two came out below zero
     */
    public static function of(array $bobbins, float $waste): ?self
    {
        $n = count($bobbins);
        if ($n < self::LEAST) {
            return null;
        }
        $ll = $ls = $ss = $lh = $sh = 0.0;
        foreach ($bobbins as [$length, $stitches, $held]) {
            $of = $held / (1 + $waste);
            $ll += $length * $length;
            $ls += $length * $stitches;
            $ss += $stitches * $stitches;
            $lh += $length * $of;
            $sh += $stitches * $of;
        }
        $det = $ll * $ss - $ls * $ls;
        // Bobbins that all sewed the same kind of stitch cannot tell the two apart.
        if ($det <= 1e-6 * $ll * $ss) {
            return null;
        }
        $perLength = ($lh * $ss - $sh * $ls) / $det;
        $perStitch = ($sh * $ll - $lh * $ls) / $det;
        if ($perLength < 0 || $perStitch < 0) {
            return null;
        }
        $rest = 0.0;
        foreach ($bobbins as [$length, $stitches, $held]) {
            $rest += ($held / (1 + $waste) - $perLength * $length - $perStitch * $stitches) ** 2;
        }
        $variance = $rest / max(1, $n - 2);

        return new self($perLength, $perStitch, $n, sqrt(($variance * $ss) / $det), sqrt(($variance * $ll) / $det));
    }
}
