<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** Where and when a batch has to start, because somebody said so. */
final readonly class FixedStart
{
    /** @param int $startAt of its first load, seconds of local time */
    public function __construct(public string $machine, public int $startAt) {}
}
