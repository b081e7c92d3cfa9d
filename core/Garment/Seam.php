<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Stitch\Point;
use Hakama\Words\Text;

/** A line on a garment that a person can see and measure from. */
final readonly class Seam
{
    /** @param string $name a code: `garment.part` says it */
    public function __construct(public string $name, public Point $from, public Point $to) {}

    public function label(): Text
    {
        return new Text("garment.part.{$this->name}");
    }
}
