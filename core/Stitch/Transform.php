<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** How a pattern is laid down anew: mirrored left to right, then turned, then moved. All of it exact. */
final readonly class Transform
{
    /**
     * @param int $dx to the right, 0.1 mm
     * @param int $dy upwards, 0.1 mm
     */
    public function __construct(
        public Turn $turn = Turn::None,
        public bool $mirrored = false,
        public int $dx = 0,
        public int $dy = 0,
    ) {}

    /** @return array{int, int} */
    public function of(int $x, int $y): array
    {
        $x = $this->mirrored ? -$x : $x;
        [$x, $y] = match ($this->turn) {
            Turn::None => [$x, $y],
            Turn::Quarter => [-$y, $x],
            Turn::Half => [-$x, -$y],
            Turn::ThreeQuarters => [$y, -$x],
        };

        return [$x + $this->dx, $y + $this->dy];
    }
}
