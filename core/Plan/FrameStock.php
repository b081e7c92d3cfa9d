<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** One kind of frame: which driver carries it, and how many there are in the shop. */
final readonly class FrameStock
{
    public function __construct(public string $id, public string $driver, public int $count) {}
}
