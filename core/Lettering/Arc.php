<?php

declare(strict_types=1);

namespace Hakama\Lettering;

/** A circle that letters stand on, over a badge, or follow at its foot, under one. They read from left to right on both. */
final readonly class Arc
{
    private function __construct(public float $radiusMm, public bool $over) {}

    /** The text rises in its middle, as over a badge. */
    public static function over(float $radiusMm): self
    {
        return new self($radiusMm, true);
    }

    /** The text sinks in its middle, as under a badge. */
    public static function under(float $radiusMm): self
    {
        return new self($radiusMm, false);
    }

    /**
     * Where a place of a straight line comes to lie.
     *
     * @param float $x along the base line from its middle, mm
     * @param float $y over it, mm
     *
     * @return array{float, float}
     */
    public function bent(float $x, float $y): array
    {
        $angle = $x / $this->radiusMm;
        $from = $this->over ? $this->radiusMm + $y : $this->radiusMm - $y;

        return [$from * sin($angle), ($this->over ? 1 : -1) * ($from * cos($angle) - $this->radiusMm)];
    }
}
