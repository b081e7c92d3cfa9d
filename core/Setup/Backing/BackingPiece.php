<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\Machine\FrameSpec;

/** How large a piece of backing has to be cut, mm: a piece that only just reaches the frame's edge slips. */
final readonly class BackingPiece
{
    private function __construct(public float $widthMm, public float $heightMm) {}

    /** @param float $overlapMm beyond the frame's outer edge, on every side */
    public static function under(FrameSpec $frame, float $overlapMm): self
    {
        return new self($frame->outerWidthMm + 2 * $overlapMm, $frame->outerHeightMm + 2 * $overlapMm);
    }
}
