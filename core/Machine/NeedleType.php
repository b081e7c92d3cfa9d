<?php

declare(strict_types=1);

namespace Hakama\Machine;

final readonly class NeedleType
{
    /** What the shop keeps; thinner for fine thread, thicker for canvas and many layers. */
    public const SIZES = ['65/9', '75/11', '80/12', '90/14'];
    public const POINTS = ['sharp', 'ballpoint'];

    public function __construct(public string $size, public string $point) {}

    public function words(): string
    {
        return "{$this->size} {$this->point}";
    }
}
