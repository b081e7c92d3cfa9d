<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/** Seconds that hands are wanted for at a machine, whatever it sews. */
final readonly class HandTimes
{
    public function __construct(public float $breakS, public float $swapS, public float $stopS, public float $listS) {}

    public static function of(HouseRules $house): self
    {
        return new self(
            $house->value(HouseRule::BreakTime),
            $house->value(HouseRule::SwapTime),
            $house->value(HouseRule::HandStopTime),
            60 * $house->value(HouseRule::LoadTime),
        );
    }
}
