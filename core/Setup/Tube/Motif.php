<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

/** One thing to sew on a tube that must not be cut in two: where it begins and ends along the tube, mm from one end. */
final readonly class Motif
{
    public function __construct(public string $name, public float $fromMm, public float $toMm) {}

    public function heightMm(): float
    {
        return $this->toMm - $this->fromMm;
    }
}
