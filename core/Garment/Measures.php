<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Decimal;
use Hakama\Words\Text;

/** What is known of a garment's measures in one size, mm, and from where; what is not in it is not known. */
final readonly class Measures
{
    /** @var array<string, Provenance> measure => where its figure comes from */
    private array $from;

    /**
     * @param array<string, float>                 $mm   measure => mm
     * @param Provenance|array<string, Provenance> $from of all of them, or of each
     *
     * @throws UnfitMeasure when a measure is unknown or no garment has it
     */
    public function __construct(private array $mm = [], Provenance|array $from = Provenance::Typed)
    {
        foreach ($mm as $name => $value) {
            $measure = Measure::tryFrom($name);
            if ($measure === null) {
                throw new UnfitMeasure(new Text('garment.refused.no_measure', ['name' => $name]));
            }
            if ($value < $measure->leastMm() || $value > Measure::MOST_MM) {
                throw new UnfitMeasure(
                    new Text('garment.refused.outside', [
                        'measure' => $measure->label(),
                        'least' => new Decimal($measure->leastMm(), 0),
                        'most' => new Decimal(Measure::MOST_MM, 0),
                        'given' => (string) $value,
                    ]),
                );
            }
        }
        $this->from = is_array($from) ? $from : array_fill_keys(array_keys($mm), $from);
    }

    public function mm(Measure $measure): ?float
    {
        return $this->mm[$measure->value] ?? null;
    }

    public function from(Measure $measure): Provenance
    {
        return $this->from[$measure->value] ?? Provenance::Unknown;
    }

    /** These, and where they say nothing the others. */
    public function orElse(self $others): self
    {
        return new self([...$others->mm, ...$this->mm], [...$others->from, ...$this->from]);
    }

    public function hasGuesses(): bool
    {
        return in_array(Provenance::Estimated, $this->from, true);
    }

    /** What somebody measured, typed or catalogued. */
    public function withoutGuesses(): self
    {
        $mm = array_filter(
            $this->mm,
            fn(string $name): bool => $this->from[$name] !== Provenance::Estimated,
            ARRAY_FILTER_USE_KEY,
        );

        return new self($mm, array_intersect_key($this->from, $mm));
    }

    /** @return array<string, float> measure => mm */
    public function all(): array
    {
        return $this->mm;
    }
}
