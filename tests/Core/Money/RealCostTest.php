<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Hakama\House\HouseRules;
use Hakama\Money\Cost;
use Hakama\Money\CostCategory;
use Hakama\Money\CostLine;
use Hakama\Money\Coverage;
use Hakama\Money\Done;
use Hakama\Money\HandRates;
use Hakama\Money\Job;
use Hakama\Money\Materials;
use Hakama\Money\Rates;
use Hakama\Money\Spoilage;
use Hakama\Money\StitchGuess;
use Hakama\Money\Work;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Worked out by hand. */
final class RealCostTest extends TestCase
{
    #[Test]
    public function a_job_that_was_sewn_is_costed_by_what_it_took(): void
    {
        $work = new Work('left chest', 6000, new Materials(30.0, 13.0, 433.0), 410.0, 1, 90.0, 60.0, 20.0);
        $job = new Job(24, 2300, 2300, 4500, [$work]);
        // 24 came out and 2 did not; the machine ran 3 h 30 min.
        $real = Cost::real($job, self::rates(), [new Done($work, 24, 2, 12_600.0)]);
        self::assertSame(
            [
                [CostCategory::Blank, 55_200], // 24 · 2300
                [CostCategory::TopThread, 140], // 30 m · 26 · 1.80 a km = 140.4
                [CostCategory::BobbinThread, 20], // 13 m · 26 · 0.60 a km = 20.28
                [CostCategory::Backing, 169], // 433 cm² · 26 · 1.50 a m² = 168.87
                [CostCategory::Topper, 0],
                [CostCategory::Applique, 0],
                [CostCategory::Machine, 6_900], // 20 min + 3 h 30 min = 3.8333 h at 18.00
                [CostCategory::Hands, 3_400], // 20 min + 26 · 150 s = 1 h 25 min at 24.00
                [CostCategory::Artwork, 4_500],
                [CostCategory::Spoilage, 4_600], // 2 · 2300
                [CostCategory::Overhead, 7_493], // 10 % of 74 929
            ],
            array_map(static fn(CostLine $line): array => [$line->about, $line->cents], $real->lines),
        );
        self::assertSame(82_422, $real->cents());
        self::assertSame(6_900, $real->of(CostCategory::Machine, 'left chest'));
        self::assertSame(0, $real->of(CostCategory::Machine, 'full back'));
    }

    #[Test]
    public function hardware_is_paid_for_every_piece_that_was_sewn(): void
    {
        // Two snaps at 18 cents and a ring at 42 are 78 cents; 24 came out and 2 did not: 26 · 78.
        $work = new Work('front', 6000, new Materials(hardware: 78), 410.0, 1, 90.0, 60.0, 20.0);
        $job = new Job(24, 0, 0, 0, [$work]);

        self::assertSame(24 * 78, Cost::planned($job, self::rates())->of(CostCategory::Applique, 'front'));
        self::assertSame(
            26 * 78,
            Cost::real($job, self::rates(), [new Done($work, 24, 2, 0.0)])->of(CostCategory::Applique, 'front'),
        );
    }

    #[Test]
    public function what_went_as_planned_costs_what_was_planned_but_for_the_allowance(): void
    {
        mt_srand(16);
        for ($round = 0; $round < 200; $round++) {
            $work = new Work(
                'a',
                1,
                new Materials(mt_rand(0, 90), mt_rand(0, 40), mt_rand(0, 900), mt_rand(0, 900), mt_rand(0, 90)),
                mt_rand(60, 900),
                mt_rand(1, 6),
                mt_rand(0, 200),
                mt_rand(0, 90),
                mt_rand(0, 60),
            );
            $pieces = mt_rand(1, 80);
            $job = new Job($pieces, mt_rand(0, 5000), mt_rand(0, 9000), mt_rand(0, 5000), [$work]);
            $loads = (int) ceil($pieces / $work->perLoad);
            $planned = Cost::planned($job, self::rates());
            $real = Cost::real($job, self::rates(), [new Done($work, $pieces, 0, $loads * $work->sewS)]);
            foreach (CostCategory::cases() as $about) {
                if ($about !== CostCategory::Spoilage && $about !== CostCategory::Overhead) {
                    foreach ([null, 'a'] as $of) {
                        self::assertSame($planned->of($about, $of), $real->of($about, $of), $about->value);
                    }
                }
            }
            self::assertSame(0, $real->of(CostCategory::Spoilage, null));
            self::assertSame(
                $real->cents(),
                array_sum(array_map(static fn(CostLine $line): int => $line->cents, $real->lines)),
            );
        }
    }

    #[Test]
    public function stitches_are_guessed_from_size_and_fill(): void
    {
        // 8 by 5 cm, filled all over: 40 cm² · 0.95 · 75 = 2850, a third either way.
        $guess = StitchGuess::of(80, 50, Coverage::Full, 75);
        self::assertSame([1910, 2850, 3791], [$guess->least, $guess->likely, $guess->most]);
        self::assertSame(300, StitchGuess::of(80, 50, Coverage::Outline, 75)->likely);
    }

    #[Test]
    public function the_rates_are_the_house_s(): void
    {
        $rates = Rates::ofHouse(HouseRules::of(['hand_hour_cents' => 3000, 'overhead_percent' => 12.5]));
        self::assertSame(
            [1800, 3000, 180, 12.5],
            [$rates->machineH, $rates->hands->setupH, $rates->threadKm, $rates->overhead],
        );
    }

    private static function rates(): Rates
    {
        return new Rates(1800, HandRates::same(2400), 180, 60, 150, 90, 900, 10.0, Spoilage::ofAll(2.0));
    }
}
