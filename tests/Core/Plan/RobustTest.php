<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\Dispatch;
use Hakama\Plan\Odds\ExpectedCost;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Odds\Robust;
use Hakama\Plan\Odds\Spread;
use Hakama\Plan\Search;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The plan that costs least when times spread, beside the one that is cheapest on paper. */
final class RobustTest extends TestCase
{
    private const LUCK = 77;

    #[Test]
    public function without_spread_the_expected_cost_is_the_cost_and_every_promise_is_kept_or_not(): void
    {
        for ($seed = 1; $seed <= 15; $seed++) {
            mt_srand($seed);
            $workload = RandomWorkload::of(mt_rand(4, 14), 3, hands: 3, goes: $seed % 3 === 0);
            $plan = Timetable::of($workload, Dispatch::byDue($workload));
            if ($plan->unplaced !== []) {
                continue;
            }
            $expected = ExpectedCost::of($plan, new Spread(), 3);
            self::assertEqualsWithDelta($plan->totals->cost, $expected->cost, 1e-6, "seed {$seed}");
            self::assertEqualsWithDelta(count($plan->placed) - $plan->totals->lateBatches, $expected->kept, 1e-9);
        }
    }

    #[Test]
    public function it_is_the_mean_of_what_each_run_costs(): void
    {
        // Lateness alone, of one weight: the mean of it follows from the ends, which the odds tell too.
        mt_srand(8);
        $drawn = RandomWorkload::of(12, 3, hands: 3);
        $workload = new Workload(
            $drawn->now,
            array_values($drawn->lanes),
            array_values($drawn->frames),
            array_values($drawn->batches),
            $drawn->changeover,
            $drawn->hands,
            new Weights(0.0, 0.0, 60.0),
        );
        $plan = Timetable::of($workload, Dispatch::byDue($workload));
        $spread = self::spread($workload);
        // A cost of one for each second until a batch is done, in one run: its end is every percentile.
        $ends = array_map(static fn($one): int => (int) $one->endP50, Odds::of($plan, $spread, 1, 5)->batches);
        $sum = array_sum($ends) - count($ends) * $workload->now;
        self::assertEqualsWithDelta($sum, ExpectedCost::of($plan, $spread, 1, 5)->cost, 1e-6);
        self::assertSame(ExpectedCost::of($plan, $spread, 50, 5)->cost, ExpectedCost::of($plan, $spread, 50, 5)->cost);
    }

    #[Test]
    public function under_other_luck_it_costs_no_more_and_on_the_average_less_and_keeps_more_promises(): void
    {
        $plainCost = $robustCost = $plainKept = $robustKept = 0.0;
        $better = 0;
        for ($seed = 1; $seed <= 6; $seed++) {
            mt_srand(300 + $seed);
            $workload = RandomWorkload::of(22, 3, hands: 3);
            $spread = self::spread($workload);
            $robust = Robust::of($workload, $spread, $seed, 800);
            self::assertLessThanOrEqual(
                Search::of($workload, $seed, 800)->run(800)->cost() + 1e-6,
                Search::costOf($workload, $robust->plain),
            );
            self::assertLessThanOrEqual($robust->plainExpected->cost, $robust->expected->cost);
            $other = static fn($of): ExpectedCost => ExpectedCost::of(
                Timetable::of($workload, $of),
                $spread,
                1000,
                self::LUCK,
            );
            [$plain, $best] = [$other($robust->plain), $other($robust->sequence)];
            self::assertLessThan(1.02 * $plain->cost, $best->cost, "seed {$seed}");
            $plainCost += $plain->cost;
            $robustCost += $best->cost;
            $plainKept += $plain->kept;
            $robustKept += $best->kept;
            $better += $best->cost < 0.98 * $plain->cost ? 1 : 0;
        }
        self::assertLessThan(0.95 * $plainCost, $robustCost);
        self::assertGreaterThan($plainKept, $robustKept);
        self::assertGreaterThan(1, $better);
    }

    #[Test]
    public function the_same_seed_comes_to_the_same_plan_and_it_stops_when_it_is_not_wanted(): void
    {
        mt_srand(9);
        $workload = RandomWorkload::of(12, 3, hands: 3);
        $spread = self::spread($workload);
        self::assertEquals(
            Robust::of($workload, $spread, 2, 300)->sequence,
            Robust::of($workload, $spread, 2, 300)->sequence,
        );
        $plain = Search::of($workload, 2, 300)->run(300)->best();
        $stopped = Robust::among($workload, $spread, [$plain], 2, 100_000, isWanted: static fn(): bool => false);
        self::assertLessThanOrEqual($stopped->plainExpected->cost, $stopped->expected->cost);
    }

    private static function spread(Workload $workload): Spread
    {
        return new Spread(0.08, 0.25, 0.3, 0.05, 90, array_map(static fn(): int => 6000, $workload->batches), 0.02);
    }
}
