<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** A place on the design where something is to be seen. */
final readonly class Spot
{
    /** @param int $stitch sewn by the time the needle is there; 0 before the first */
    public function __construct(public Point $at, public int $stitch) {}
}
