<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Stitch\Point;

/** A line on a garment that a person can see and measure from. */
final readonly class Seam
{
    public function __construct(public string $name, public Point $from, public Point $to) {}
}
