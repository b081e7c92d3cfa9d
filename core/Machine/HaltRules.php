<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** How long hands take at a stop. */
final readonly class HaltRules
{
    /**
     * @param float $handS      at a stop that has no time of its own
     * @param float $trimS      for taking the frame out and putting it back, when cloth is trimmed
     * @param float $trimMmPerS along its outline
     * @param array<string, float> $ownS what is done at the stop => seconds
     */
    public function __construct(
        public float $handS,
        public float $trimS,
        public float $trimMmPerS,
        public array $ownS = [],
    ) {}
}
