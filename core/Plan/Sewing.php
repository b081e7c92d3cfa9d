<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** How long a batch keeps a machine and the hands at it. */
final readonly class Sewing
{
    /** @param array<string, int> $sewS machine => run time of a load, seconds; a machine not named cannot run it */
    public function __construct(
        public array $sewS,
        public int $hoopS,
        public int $swapS,
        public int $framesPerHead,
    ) {}
}
