<?php

declare(strict_types=1);

namespace Hakama\Plan;

final readonly class Unplaced
{
    public function __construct(public string $batch, public string $reason) {}
}
