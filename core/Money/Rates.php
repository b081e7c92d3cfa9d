<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/** What the shop's hours and stuff cost. */
final readonly class Rates
{
    /**
     * @param int   $machineH  cents an hour
     * @param int   $threadKm  cents a kilometre; likewise bobbin thread
     * @param int   $backingM2 cents a square metre; likewise topper and applied cloth
     * @param float $overhead  percent of all lines above it
     */
    public function __construct(
        public int $machineH,
        public HandRates $hands,
        public int $threadKm,
        public int $bobbinKm,
        public int $backingM2,
        public int $topperM2,
        public int $appliqueM2,
        public float $overhead,
        public Spoilage $spoilage,
    ) {}

    /**
     * As the house says.
     *
     * @param Spoilage|null $spoilage null where the cloth has none of its own
     */
    public static function ofHouse(HouseRules $rules, ?Spoilage $spoilage = null): self
    {
        $cents = static fn(HouseRule $rule): int => Amount::of($rules->value($rule))->cents();

        return new self(
            $cents(HouseRule::MachineHour),
            HandRates::of($cents(HouseRule::HandHour), $cents(HouseRule::HoopHour), $cents(HouseRule::FinishHour)),
            $cents(HouseRule::ThreadKm),
            $cents(HouseRule::BobbinKm),
            $cents(HouseRule::BackingM2),
            $cents(HouseRule::TopperM2),
            $cents(HouseRule::ClothM2),
            $rules->value(HouseRule::Overhead),
            $spoilage ?? Spoilage::ofAll($rules->value(HouseRule::QuoteSpoilage)),
        );
    }
}
