<?php

declare(strict_types=1);

namespace Hakama\Stitch\Inspection\Internal;

use Hakama\Stitch\Figures\DensityMap;
use Hakama\Stitch\Spot;

/**
 * A thread carried from one place to another, in 0.1 mm.
 *
 * @internal
 */
final readonly class Carried
{
    /**
     * @param int $block that carries it, from 1
     * @param int $sewn  stitches that lie below it
     */
    public function __construct(
        public int $fromX,
        public int $fromY,
        public int $toX,
        public int $toY,
        public int $block,
        public int $sewn,
        public Spot $middle,
    ) {}

    public function length(): float
    {
        return hypot($this->toX - $this->fromX, $this->toY - $this->fromY);
    }

    /** @return list<int> the square millimetres it lies over, looked at every half millimetre */
    public function cells(): array
    {
        $steps = max(1, (int) ceil($this->length() / 5));
        $cells = [];
        for ($step = 0; $step <= $steps; $step++) {
            $column = (int) (($this->fromX + (($this->toX - $this->fromX) * $step) / $steps + DensityMap::FAR) / 10);
            $row = (int) (($this->fromY + (($this->toY - $this->fromY) * $step) / $steps + DensityMap::FAR) / 10);
            $cells[] = $column + $row * DensityMap::ROW;
        }

        return $cells;
    }
}
