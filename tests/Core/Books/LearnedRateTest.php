<?php

declare(strict_types=1);

namespace Tests\Core\Books;

use Hakama\Books\LearnedRate;
use Hakama\Thread\LearnedConstants;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Rates and thread constants that are learned, held against made-up truths. */
final class LearnedRateTest extends TestCase
{
    #[Test]
    public function a_rate_leans_on_what_was_reckoned_until_much_is_logged(): void
    {
        // 12 breaks in 200 thousand stitches, 0.05 a thousand reckoned, 30 thousand as reckoned put to it:
        // (12 + 1.5) / 230.
        $rate = LearnedRate::of(12, 200.0, 0.05, 30.0);
        self::assertEqualsWithDelta(13.5 / 230, $rate?->rate, 1e-12);
        self::assertEqualsWithDelta(sqrt(12) / 200, $rate->spread, 1e-12);
        self::assertNull(LearnedRate::of(0, 0.0, 0.05, 30.0));
        // None at all is no proof that there never will be one.
        self::assertGreaterThan(0.0, LearnedRate::of(0, 10.0, 0.05, 30.0)?->rate);
    }

    #[Test]
    public function a_made_up_rate_is_found_within_its_own_spread(): void
    {
        mt_srand(5);
        $within = 0;
        for ($shop = 1; $shop <= 200; $shop++) {
            $true = mt_rand(2, 30) / 100;
            $happened = 0;
            for ($thousand = 1; $thousand <= 600; $thousand++) {
                $happened += mt_rand() / mt_getrandmax() < $true ? 1 : 0;
            }
            $rate = LearnedRate::of($happened, 600.0, 0.05, 30.0);
            self::assertNotNull($rate);
            // What was reckoned before pulls by at most 30 of 630 of the difference.
            $pull = (abs(0.05 - $true) * 30) / 630;
            $within += abs($rate->rate - $true) <= 2 * $rate->spread + $pull ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(190, $within, 'two standard deviations hold in 95 of 100');
    }

    #[Test]
    public function constants_of_thread_come_back_from_bobbins_that_ran_out(): void
    {
        // 0.6 of the length and 0.2 mm a stitch, a tenth of waste: by hand for a bobbin of 90 m that sewed
        // 100 000 mm in 40 000 stitches it would be (60 000 + 8 000) · 1.1 = 74.8 m.
        $held = static fn(float $length, float $stitches): float => (0.6 * $length + 0.2 * $stitches) * 1.1;
        self::assertEqualsWithDelta(74_800.0, $held(100_000, 40_000), 1e-9);
        $exact = LearnedConstants::of(
            array_map(static fn(array $of): array => [...$of, $held(...$of)], [
                [100_000.0, 40_000.0],
                [120_000.0, 30_000.0],
                [90_000.0, 50_000.0],
                [60_000.0, 45_000.0],
            ]),
            0.1,
        );
        self::assertEqualsWithDelta([0.6, 0.2], [$exact?->perLength, $exact?->perStitchMm], 1e-9);
        self::assertEqualsWithDelta(0.0, $exact?->spreadLength, 1e-9);

        mt_srand(11);
        $within = 0;
        for ($shop = 1; $shop <= 200; $shop++) {
            $bobbins = [];
            for ($i = 1; $i <= 24; $i++) {
                [$length, $stitches] = [mt_rand(60_000, 140_000), mt_rand(20_000, 60_000)];
                // Wound and run out within some metres of what is said.
                $noise =
                    3_000 * (array_sum(array_map(static fn(): float => mt_rand() / mt_getrandmax(), range(1, 12))) - 6);
                $bobbins[] = [(float) $length, (float) $stitches, $held($length, $stitches) + $noise];
            }
            $found = LearnedConstants::of($bobbins, 0.1);
            self::assertNotNull($found);
            $within +=
                abs($found->perLength - 0.6) <= 2 * $found->spreadLength
                && abs($found->perStitchMm - 0.2) <= 2 * $found->spreadStitchMm
                    ? 1
                    : 0;
        }
        self::assertGreaterThanOrEqual(176, $within, 'both within two standard errors in nearly 9 of 10');
    }

    #[Test]
    public function what_cannot_be_told_apart_is_not_told(): void
    {
        self::assertNull(LearnedConstants::of([[1.0, 1.0, 1.0], [2.0, 1.0, 1.0], [3.0, 1.0, 1.0]], 0.1), 'too few');
        $alike = array_fill(0, 9, [100_000.0, 40_000.0, 74_800.0]);
        self::assertNull(LearnedConstants::of($alike, 0.1), 'all of a kind');
        self::assertNull(
            LearnedConstants::of(
                [[100.0, 10.0, 10.0], [10.0, 100.0, 500.0], [50.0, 50.0, 200.0], [120.0, 5.0, 5.0]],
                0.0,
            ),
            'one came out below zero',
        );
    }

    #[Test]
    public function what_breaks_more_often_than_chance_would_have_it_stands_out(): void
    {
        // All three at a tenth of what was sewn: one in a thousand. At an eighth: one in 512.
        self::assertTrue(LearnedRate::standsOut(3, 10.0, 0, 90.0));
        self::assertFalse(LearnedRate::standsOut(3, 10.0, 0, 70.0));
        // Four of five at a sixth: 5 · 5 / 6⁵ and 1 / 6⁵ are 26 / 7776, 0.33 %. Five of five are 1 / 7776.
        self::assertFalse(LearnedRate::standsOut(4, 1.0, 1, 5.0));
        self::assertTrue(LearnedRate::standsOut(5, 1.0, 0, 5.0));
        self::assertFalse(LearnedRate::standsOut(0, 10.0, 40, 90.0));
        self::assertFalse(LearnedRate::standsOut(9, 10.0, 0, 0.0), 'there are no others');
    }

    #[Test]
    public function of_those_alike_hardly_one_is_said_to_stand_out(): void
    {
        mt_srand(14);
        $said = $noticed = 0;
        for ($round = 0; $round < 2000; $round++) {
            [$here, $others, $bad] = [0, 0, 0];
            for ($i = 0; $i < 60; $i++) {
                mt_rand(1, 5) === 1 ? $here++ : $others++;
            }
            // A thread that breaks three times as often: of 84 breaks 36 here, as is to be expected.
            for ($i = 0; $i < 84; $i++) {
                $bad += mt_rand(1, 7) <= 3 ? 1 : 0;
            }
            $said += LearnedRate::standsOut($here, 20.0, $others, 80.0) ? 1 : 0;
            $noticed += LearnedRate::standsOut($bad, 20.0, 84 - $bad, 80.0) ? 1 : 0;
        }
        self::assertLessThan(8, $said, 'thirteen in ten thousand at most');
        self::assertGreaterThan(1800, $noticed);
    }
}
