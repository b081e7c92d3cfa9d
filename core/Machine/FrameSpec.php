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
     * @param float|null $lowLineMm of a ring for caps: from the bill seam up to the lowest stitch; null where the house's holds
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
        public ?float $lowLineMm = null,
    ) {}

    /**
     * As it is written in files.
     *
     * @return array{id: string, kind: string, driver: string, outer_mm: array{float, float},
     *     window_mm: array{float, float}, round: bool, offset_mm: array{float, float}, count: int,
     *     low_line_mm?: float}
     */
    public function written(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'driver' => $this->driver->value,
            'outer_mm' => [$this->outerWidthMm, $this->outerHeightMm],
            'window_mm' => [$this->window->widthMm, $this->window->heightMm],
            'round' => $this->window->round,
            'offset_mm' => [$this->offsetX, $this->offsetY],
            'count' => $this->count,
            ...$this->lowLineMm === null ? [] : ['low_line_mm' => $this->lowLineMm],
        ];
    }

    /** Whether the machine is wrong about where the middle of its window is. */
    public function isOffCentre(): bool
    {
        return abs($this->offsetX) + abs($this->offsetY) > 0.0;
    }
}
