<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector;

/** How a drawing becomes stitches, and how much of a drawing is taken. */
final readonly class VectorRules
{
    /**
     * @param float $flatMm   curves are followed to within this
     * @param float $stitchMm longer lines are sewn in equal stitches of at most this
     * @param int   $bytes    longest file
     * @param int   $stitches most stitches that may come of it
     * @param int   $lines    most lines in it: between any two the thread is cut
     * @param float $reachMm  furthest anything may lie from anything else
     */
    public function __construct(
        public float $flatMm = 0.1,
        public float $stitchMm = 3.0,
        public int $bytes = 4_194_304,
        public int $stitches = 300_000,
        public int $lines = 10_000,
        public float $reachMm = 2000.0,
    ) {}
}
