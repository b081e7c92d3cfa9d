<?php

declare(strict_types=1);

namespace Hakama\House;

/** What a house rule means, what it is to start with, and what it may be. */
final readonly class RuleSpec
{
    public function __construct(
        public string $station,
        public string $label,
        public float $default,
        public float $least,
        public float $most,
        public string $unit,
        public string $help,
    ) {}
}
