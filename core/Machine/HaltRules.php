<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** How long hands take at a stop. */
final readonly class HaltRules
{
    /**
     * @param float $handS      at any stop but one for trimming
     * @param float $trimS      for taking the frame out and putting it back, when cloth is trimmed
     * @param float $trimMmPerS along its outline
     */
    public function __construct(public float $handS, public float $trimS, public float $trimMmPerS) {}
}
