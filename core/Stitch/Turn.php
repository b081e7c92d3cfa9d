<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** How far the design is turned in the frame, degrees counter-clockwise. Turned is never mirrored. */
enum Turn: int
{
    case None = 0;
    case Quarter = 90;
    case Half = 180;
    case ThreeQuarters = 270;
}
