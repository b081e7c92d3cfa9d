<?php

declare(strict_types=1);

namespace Tests\Core\Books;

use Hakama\Books\TimeFactor;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class LearnedTest extends TestCase
{
    #[Test]
    public function a_factor_is_worked_out_as_by_hand(): void
    {
        // Two loads reckoned at 100 and 300 s took 120 and 330: 450 over 400, with 3 · 200 put to both: 1050 / 1000.
        $learned = TimeFactor::of([[100.0, 120.0], [300.0, 330.0]]);
        self::assertNotNull($learned);
        self::assertEqualsWithDelta(1.05, $learned->factor, 1e-12);
        self::assertSame(2, $learned->n);
        // 1.2 and 1.1: half their difference, times the root of two.
        self::assertEqualsWithDelta(0.05 * M_SQRT2, $learned->spread, 1e-12);
        self::assertNull(TimeFactor::of([]));
        self::assertNull(TimeFactor::of([[0.0, 50.0]]));
        // Only the last twenty count.
        $many = TimeFactor::of([...array_fill(0, 20, [100.0, 100.0]), ...array_fill(0, 30, [100.0, 900.0])]);
        self::assertSame([1.0, 20], [$many?->factor, $many?->n]);
    }

    #[Test]
    public function truths_made_up_come_back_within_the_spread_that_is_said(): void
    {
        mt_srand(20);
        $within = 0;
        for ($round = 0; $round < 400; $round++) {
            $truth = mt_rand(80, 135) / 100;
            $cv = mt_rand(3, 15) / 100;
            $logged = [];
            for ($i = 0; $i < 20; $i++) {
                $reckoned = (float) mt_rand(120, 1200);
                // About normal: twelve uniform draws.
                $z = array_sum(array_map(static fn(): float => mt_rand() / mt_getrandmax(), range(1, 12))) - 6;
                $logged[] = [$reckoned, $reckoned * $truth * (1 + $cv * $z)];
            }
            $learned = TimeFactor::of($logged);
            self::assertNotNull($learned);
            self::assertEqualsWithDelta($cv * $truth, $learned->spread, 0.6 * $cv * $truth);
            // Three pieces in twenty-three are taken to have gone as reckoned.
            $within += abs($learned->factor - (20 * $truth + 3) / 23) <= $learned->spread ? 1 : 0;
        }
        self::assertGreaterThan(396, $within);
    }

    #[Test]
    public function a_machine_that_slows_down_is_noticed_and_one_that_does_not_is_left_alone(): void
    {
        mt_srand(5);
        $ratio = static fn(float $mean): float => $mean +
            0.05 * (array_sum(array_map(static fn(): float => mt_rand() / mt_getrandmax(), range(1, 12))) - 6);
        $noticed = $false = 0;
        for ($round = 0; $round < 300; $round++) {
            $steady = array_map(static fn(): float => $ratio(1.0), range(1, 20));
            $slower = [...array_map(static fn(): float => $ratio(1.2), range(1, 5)), ...array_slice($steady, 5)];
            $noticed += TimeFactor::hasShifted($slower) ? 1 : 0;
            $false += TimeFactor::hasShifted($steady) ? 1 : 0;
        }
        self::assertGreaterThan(290, $noticed);
        self::assertLessThan(20, $false);
        self::assertFalse(TimeFactor::hasShifted([2.0, 1.0, 1.0]));
    }

    #[Test]
    public function who_goes_otherwise_than_the_others_stands_out(): void
    {
        // Eight about 1 with a standard deviation of √(8 · 0.01 / 7) = 0.1069: five lie within 3 · 0.1069 / √5 = 0.1434.
        $others = [0.9, 1.1, 0.9, 1.1, 0.9, 1.1, 0.9, 1.1];
        self::assertTrue(TimeFactor::standOut(array_fill(0, 5, 1.15), $others), 'somebody new at caps');
        self::assertTrue(TimeFactor::standOut(array_fill(0, 5, 0.85), $others), 'a quick hand');
        self::assertFalse(TimeFactor::standOut(array_fill(0, 5, 1.14), $others));
        self::assertFalse(TimeFactor::standOut([], $others));
        self::assertFalse(TimeFactor::standOut([9.0], array_slice($others, 1)), 'too few to say');
    }
}
