<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Needles\BatchNeedles;

/** What is changed on a machine before a batch. */
final readonly class Changes
{
    /**
     * @param BatchNeedles $cones   to load, and the needle of each block
     * @param int          $needles exchanged for others of another size or point, on each head
     * @param bool         $goesOn  with the design of the batch before it
     * @param bool         $style   the strap is set for another style of cap
     */
    public function __construct(
        public bool $driver,
        public bool $frame,
        public BatchNeedles $cones,
        public int $needles = 0,
        public bool $goesOn = false,
        public bool $style = false,
    ) {}
}
