<?php

declare(strict_types=1);

namespace App\Shop;

use App\Foundation\Clock\ShopClock;
use Hakama\Calendar\Day;
use Hakama\House\HouseRule;

/** When what is delivered can be used. */
final readonly class Deliveries
{
    /** Seconds of the day at which it is unpacked. */
    private int $unpackS;

    public function __construct(House $house)
    {
        $this->unpackS = (int) (3600 * $house->rules()->value(HouseRule::DeliveryHour));
    }

    /** What comes on a day: "2026-03-05"; seconds of local time. */
    public function on(string $day): int
    {
        return ShopClock::day($day) + $this->unpackS;
    }

    /** What is ordered now and takes so many days. */
    public function within(float $days): int
    {
        $now = ShopClock::now();

        return $now - $now % Day::SECONDS + (int) ceil($days) * Day::SECONDS + $this->unpackS;
    }
}
