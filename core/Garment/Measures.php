<?php

declare(strict_types=1);

namespace Hakama\Garment;

use InvalidArgumentException;

/** What is known of a garment's measures in one size, mm; what is not in it is not known. */
final readonly class Measures
{
    /**
     * @param array<string, float> $mm measure => mm
     *
     * @throws InvalidArgumentException when a measure is unknown or no garment has it
     */
    public function __construct(private array $mm = [])
    {
        foreach ($mm as $name => $value) {
            if (Measure::tryFrom($name) === null) {
                throw new InvalidArgumentException("\"{$name}\" is no measure of a garment");
            }
            if ($value < Measure::LEAST_MM || $value > Measure::MOST_MM) {
                throw new InvalidArgumentException(
                    sprintf('%s is %s to %s mm, not %s', $name, Measure::LEAST_MM, Measure::MOST_MM, $value),
                );
            }
        }
    }

    public function mm(Measure $measure): ?float
    {
        return $this->mm[$measure->value] ?? null;
    }

    /** These, and where they say nothing the others. */
    public function orElse(self $others): self
    {
        return new self([...$others->mm, ...$this->mm]);
    }

    /** @return array<string, float> measure => mm */
    public function all(): array
    {
        return $this->mm;
    }
}
