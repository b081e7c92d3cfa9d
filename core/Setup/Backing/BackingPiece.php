<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\FrameSpec;

/** How large a piece of backing has to be cut, mm: a piece that only just reaches the frame's edge slips. */
final readonly class BackingPiece
{
    private function __construct(public float $widthMm, public float $heightMm) {}

    /** What closes on the machine holds an off-cut as large as its jaws; any other frame wants it larger than itself. */
    public static function of(FrameSpec $frame, HouseRules $house): self
    {
        $jaw = 2 * $house->value(HouseRule::MagnetBar);

        return $frame->kind->closesOnMachine()
            ? new self($frame->window->widthMm + $jaw, $frame->window->heightMm + $jaw)
            : self::under($frame, $house->value(HouseRule::BackingOverlap));
    }

    /** @param float $overlapMm beyond the frame's outer edge, on every side */
    public static function under(FrameSpec $frame, float $overlapMm): self
    {
        return new self($frame->outerWidthMm + 2 * $overlapMm, $frame->outerHeightMm + 2 * $overlapMm);
    }
}
