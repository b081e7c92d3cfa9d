<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** One thing that may be behind what is seen, and what to do about it. */
final readonly class Remedy
{
    public function __construct(public string $cause, public string $do) {}
}
