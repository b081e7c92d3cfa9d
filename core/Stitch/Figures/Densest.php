<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

use Hakama\Stitch\Point;

/** The square millimetre with most needle points in it. */
final readonly class Densest
{
    /** @param Point $where its middle */
    public function __construct(public int $perMm2, public Point $where) {}
}
