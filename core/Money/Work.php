<?php

declare(strict_types=1);

namespace Hakama\Money;

/** One decoration as it is costed: figures of a piece, and minutes before the first. */
final readonly class Work
{
    /**
     * @param float $sewS     seconds a load sews
     * @param int   $perLoad  pieces in a load
     * @param float $hoopS    seconds of hands a piece; likewise finishing
     */
    public function __construct(
        public string $name,
        public int $stitches,
        public Materials $materials,
        public float $sewS,
        public int $perLoad,
        public float $hoopS,
        public float $finishS,
        public float $setupMin,
    ) {}

    /** The same on another machine, or in another way. */
    public function sewnIn(float $sewS, int $perLoad): self
    {
        return $this->otherwise(max(0.0, $sewS), $perLoad, $this->setupMin);
    }

    /** The same with other minutes before the first. */
    public function setUpIn(float $min): self
    {
        return $this->otherwise($this->sewS, $this->perLoad, $min);
    }

    private function otherwise(float $sewS, int $perLoad, float $setupMin): self
    {
        return new self(
            $this->name,
            $this->stitches,
            $this->materials,
            $sewS,
            $perLoad,
            $this->hoopS,
            $this->finishS,
            $setupMin,
        );
    }
}
