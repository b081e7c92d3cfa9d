<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Garment\Fabric;
use Hakama\Words\Decimal;
use Hakama\Words\Money;
use Hakama\Words\Text;

/** Of what garments are worth and the work on them, how much is reckoned to be spoiled, and whose figure that is. */
final readonly class Spoilage
{
    /** @param Fabric|null $of null where it is the same for every cloth */
    private function __construct(public float $percent, public ?Fabric $of) {}

    public static function ofAll(float $percent): self
    {
        return new self($percent, null);
    }

    /** As it was learned of one cloth. */
    public static function on(Fabric $fabric, float $percent): self
    {
        return new self($percent, $fabric);
    }

    /** @param int $atRisk cents */
    public function line(int $atRisk): CostLine
    {
        return new CostLine(
            CostCategory::Spoilage,
            null,
            Amount::of($atRisk)->percent($this->percent)->cents(),
            new Text($this->of === null ? 'money.cost_from.spoilage' : 'money.cost_from.spoilage_learned', [
                'percent' => new Decimal($this->percent),
                'of' => new Money($atRisk),
                'fabric' => $this->of?->label() ?? '',
            ]),
        );
    }
}
