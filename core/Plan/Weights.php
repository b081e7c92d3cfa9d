<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/**
 * What a plan is judged by: the price of a minute late, of a minute of changeover, and of a minute until a batch is
 * done, and of work that people have done in vain.
 */
final readonly class Weights
{
    /** @param float $moved what it costs to take a batch elsewhere for which people have prepared a machine */
    public function __construct(
        public float $late,
        public float $changeover,
        public float $flow,
        public float $moved = 0.0,
    ) {}

    public static function of(HouseRules $house): self
    {
        return new self(
            $house->value(HouseRule::LateCost),
            $house->value(HouseRule::ChangeoverCost),
            $house->value(HouseRule::FlowCost),
            $house->value(HouseRule::MovedCost),
        );
    }
}
