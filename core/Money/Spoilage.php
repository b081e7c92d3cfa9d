<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Garment\Fabric;

/** Of what garments are worth and the work on them, how much is reckoned to be spoiled, and whose figure that is. */
final readonly class Spoilage
{
    /** @param string $of '' where it is the same for every cloth */
    private function __construct(public float $percent, public string $of) {}

    public static function ofAll(float $percent): self
    {
        return new self($percent, '');
    }

    /** As it was learned of one cloth. */
    public static function on(Fabric $fabric, float $percent): self
    {
        return new self($percent, $fabric->label());
    }

    /** @param int $atRisk cents */
    public function line(int $atRisk): CostLine
    {
        return new CostLine(
            CostCategory::Spoilage,
            null,
            Amount::of($atRisk)->percent($this->percent)->cents(),
            sprintf(
                '%s %% of %d cents: what the garments are worth and the work on them%s',
                $this->percent,
                $atRisk,
                $this->of === '' ? '' : ", as {$this->of} came out here",
            ),
        );
    }
}
