<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** What holds the garment on the machine. */
final readonly class FrameSpec
{
    /**
     * @param string $id       the shop's own name for it
     * @param float  $offsetX  of the window's middle from what the machine takes for the centre, mm
     * @param int    $count    how many the shop has
     */
    public function __construct(
        public string $id,
        public FrameKind $kind,
        public Driver $driver,
        public float $outerWidthMm,
        public float $outerHeightMm,
        public Window $window,
        public float $offsetX = 0.0,
        public float $offsetY = 0.0,
        public int $count = 1,
    ) {}

    /** Whether the machine is wrong about where the middle of its window is. */
    public function isOffCentre(): bool
    {
        return abs($this->offsetX) + abs($this->offsetY) > 0.0;
    }
}
