<?php

declare(strict_types=1);

namespace App\Needles;

use Carbon\CarbonImmutable;
use Hakama\Plan\Placed;

/** The cones that are fetched together: for all changeovers that begin within one hour. */
final readonly class Walk
{
    /**
     * @param non-empty-list<Placed> $changeovers by time
     * @param array<array-key, int>  $fetch  thread => cones, one for each head; in the order of the shelf
     */
    public function __construct(public CarbonImmutable $hour, public array $changeovers, public array $fetch) {}

    public function cones(): int
    {
        return array_sum($this->fetch);
    }
}
