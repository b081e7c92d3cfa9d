<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Hakama\House\HouseRules;
use Hakama\Money\Bought;
use Hakama\Money\HandRates;
use Hakama\Money\MachineHour;
use Hakama\Money\Rates;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** What an hour and a metre cost, worked out. */
final class RatesTest extends TestCase
{
    #[Test]
    public function a_machine_hour_is_what_it_is_written_off_by_its_power_and_its_care(): void
    {
        // 18 000.00 over eight years of 1 500 hours: 150 cents; 600 W at 30 cents: 18; 900.00 of care: 60.
        $hour = MachineHour::of(1_800_000, 8, 1500, 600, 30, 90_000);
        self::assertSame([150, 18, 60], [$hour->writtenOff->cents(), $hour->power->cents(), $hour->care->cents()]);
        self::assertSame(228, $hour->cents());
        // Half a cent is rounded up: 10 000 cents over 8 000 hours are 1.25, with 0.25 of power 1.5.
        self::assertSame(2, MachineHour::of(10_000, 8, 1000, 10, 25, 0)->cents());
        $this->expectException(InvalidArgumentException::class);
        MachineHour::of(1, 0, 1, 0, 0, 0);
    }

    #[Test]
    public function hands_cost_by_what_they_do(): void
    {
        // Half an hour at 3000, six minutes at 2000, three at 1500: 1500 + 200 + 75.
        $hands = HandRates::of(3000, 2000, 1500);
        self::assertSame(1775, $hands->cents(30, 360, 180)->cents());
        self::assertSame(
            '30.00 an hour for setting up, 20.00 for hooping and 15.00 for finishing',
            Said::of($hands->words()),
        );
        self::assertSame('24.00 an hour', Said::of(HandRates::same(2400)->words()));
        self::assertSame(
            1000,
            Rates::ofHouse(HouseRules::of(['hoop_hour_cents' => 1000.0]))->hands->hoopH,
        );
    }

    #[Test]
    public function a_large_purchase_weighs_more_than_a_small_one(): void
    {
        // 40 km for 72.00 and 10 km for 23.00: 9 500 cents over 50 km are 190 each, between 180 and 230.
        $bought = Bought::of([[40.0, 7200], [10.0, 2300], [0.0, 500]]);
        self::assertSame([190.0, 2, 50.0, 180.0, 230.0], array_values(get_object_vars((object) $bought)));
        self::assertNull(Bought::of([]));
    }
}
