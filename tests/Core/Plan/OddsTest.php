<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Odds\Chance;
use Hakama\Plan\Odds\Logged;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Odds\Replay;
use Hakama\Plan\Odds\Spread;
use Hakama\Plan\Placed;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class OddsTest extends TestCase
{
    private const DRAWS = 40_000;

    /** @return iterable<string, array{callable(Chance): float, float, float}> what is drawn, its mean and deviation */
    public static function distributions(): iterable
    {
        yield 'uniform' => [static fn(Chance $chance): float => $chance->uniform(), 0.5, sqrt(1 / 12)];
        yield 'normal' => [static fn(Chance $chance): float => $chance->normal(), 0.0, 1.0];
        yield 'a factor that spreads little' => [
            static fn(Chance $chance): float => $chance->factor(0.08),
            1.0,
            0.08,
        ];
        yield 'a factor that spreads much' => [static fn(Chance $chance): float => $chance->factor(0.3), 1.0, 0.3];
        yield 'breaks, seldom' => [static fn(Chance $chance): float => $chance->poisson(0.3), 0.3, sqrt(0.3)];
        yield 'breaks, often' => [static fn(Chance $chance): float => $chance->poisson(7.2), 7.2, sqrt(7.2)];
        yield 'spoiled pieces' => [
            static fn(Chance $chance): float => $chance->binomial(24, 0.02),
            0.48,
            sqrt(24 * 0.02 * 0.98),
        ];
        yield 'many spoiled' => [static fn(Chance $chance): float => $chance->binomial(10, 0.4), 4.0, sqrt(2.4)];
    }

    /** @param callable(Chance): float $draw */
    #[Test]
    #[DataProvider('distributions')]
    public function what_is_drawn_has_the_mean_and_the_spread_that_it_should(
        callable $draw,
        float $mean,
        float $deviation,
    ): void {
        $chance = new Chance(7);
        $sum = $squares = 0.0;
        for ($i = 0; $i < self::DRAWS; $i++) {
            $one = $draw($chance);
            $sum += $one;
            $squares += ($one - $mean) ** 2;
        }
        // Five standard errors of a mean.
        self::assertEqualsWithDelta($mean, $sum / self::DRAWS, (5 * $deviation) / sqrt(self::DRAWS));
        self::assertEqualsWithDelta($deviation, sqrt($squares / self::DRAWS), 0.03 * $deviation);
    }

    #[Test]
    public function a_poisson_of_a_very_large_mean_is_drawn_in_parts(): void
    {
        $chance = new Chance(3);
        $sum = 0;
        for ($i = 0; $i < 200; $i++) {
            $sum += $chance->poisson(1200.0);
        }
        self::assertEqualsWithDelta(1200.0, $sum / 200, 5 * sqrt(1200 / 200));
        self::assertSame([0, 0], [$chance->poisson(0.0), $chance->binomial(5, 0.0)]);
    }

    #[Test]
    public function without_spread_every_end_is_that_of_the_plan_to_the_second(): void
    {
        $ends = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $workload = RandomWorkload::of(
                mt_rand(3, 16),
                mt_rand(1, 4),
                hands: mt_rand(1, 4),
                fixed: $seed % 3 === 0,
                goes: $seed % 4 === 1,
            );
            $plan = Timetable::of($workload, Dispatch::byDue($workload));
            $odds = Odds::of($plan, new Spread(), runs: 2);
            foreach ($plan->placed as $placed) {
                $one = $odds->batches[$placed->batch->id];
                self::assertSame(
                    [$placed->end(), $placed->end(), $placed->lateS() > 0 ? 0.0 : 1.0],
                    [$one->endP50, $one->endP95, $one->kept],
                    "seed {$seed}, {$placed->batch->id}",
                );
                $ends++;
            }
        }
        self::assertGreaterThan(300, $ends);
    }

    #[Test]
    public function with_other_times_it_ends_as_a_plan_of_work_with_those_times_does(): void
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            mt_srand($seed);
            $workload = RandomWorkload::of(
                mt_rand(4, 14),
                mt_rand(2, 4),
                hands: mt_rand(1, 3),
                goes: $seed % 2 === 0,
            );
            $plan = Timetable::of($workload, Dispatch::byDue($workload));
            if ($plan->unplaced !== []) {
                continue;
            }
            $slower = [];
            foreach ($workload->batches as $id => $batch) {
                $by = mt_rand(70, 140);
                $slower[$id] = new BatchJob(
                    $batch->id,
                    $batch->pieces,
                    new BatchSewing(
                        array_map(static fn(int $s): int => intdiv($s * $by, 100), $batch->sewing->sewS),
                        $batch->sewing->hoopS,
                        $batch->sewing->swapS,
                        $batch->sewing->framesPerHead,
                    ),
                    $batch->equipment,
                    $batch->promise,
                    $batch->alreadySetUp,
                    $batch->fixed,
                );
            }
            $then = Timetable::of($workload->with(array_values($slower)), $plan->sequence);
            // The same order of placing is not needed: ends are asked by batch, in the order of the first plan.
            $changeovers = $loads = $wanted = [];
            foreach ($plan->placed as $placed) {
                $found = $then->find($placed->batch->id);
                self::assertNotNull($found);
                $changeovers[] = $found->changeoverS;
                $loads[] = array_map(static fn(array $load): int => $load[1] - $load[0], $found->loads);
                $wanted[] = $found->end();
            }
            $ends = (new Replay($plan))->ends($changeovers, $loads);
            ksort($ends);
            self::assertSame($wanted, $ends, "seed {$seed}");
        }
    }

    #[Test]
    public function one_batch_alone_is_late_as_often_as_its_distribution_says(): void
    {
        // One load: changeover 600 s, hooping 100 s, swap 100 s, sewing 10 000 s with a spread of 10 %.
        $plan = self::one(pieces: 1, dueAt: 600 + 200 + 10_000, sewS: 10_000);
        $odds = Odds::of($plan, new Spread(sewCv: 0.1), runs: 4000, share: 0.9)->batches['A'];
        // It is kept when the factor is 1 or less: ln f is normal with mean -σ²/2, so P = Φ(σ/2), σ² = ln 1.01.
        self::assertEqualsWithDelta(0.5199, $odds->kept, 5 * sqrt(0.25 / 4000));
        // The median of the factor is e^(-σ²/2) = 0.99504, its 95 % point e^(1.645σ - σ²/2) = 1.1722.
        self::assertEqualsWithDelta(800 + 9950, $odds->endP50, 100);
        self::assertEqualsWithDelta(800 + 11722, $odds->endP95, 150);
        self::assertSame('A', $odds->endangered, 'nothing but itself can make it late');
        self::assertEqualsWithDelta(800 + 11353, $odds->promise, 150, 'kept in 90 of 100: e^(1.2816σ - σ²/2)');
    }

    #[Test]
    public function breaks_and_spoiled_pieces_take_the_time_that_they_take_on_average(): void
    {
        // 20 pieces on one head, one frame: each load 100 + 100 + 400 s.
        $mean = static function (Spread $spread): float {
            $ends = [];
            foreach (range(1, 400) as $seed) {
                $ends[] =
                    Odds::of(self::one(pieces: 20, dueAt: 99_999, sewS: 400), $spread, runs: 1, seed: $seed)->batches[
                        'A'
                    ]->endP50 ?? 0;
            }

            return array_sum($ends) / count($ends);
        };
        $plain = 600 + 20 * 600;
        // 20 × 5 000 stitches × 0.05 / 1000 = 5 breaks of 90 s, spread √5.
        $breaks = new Spread(breaksPer1000: 0.05, breakS: 90, stitches: ['A' => 5000]);
        self::assertEqualsWithDelta($plain + 450, $mean($breaks), (5 * 90 * sqrt(5)) / 20);
        // Counted already: they spread, and the mean stays.
        $counted = new Spread(breaksPer1000: 0.05, breakS: 90, stitches: ['A' => 5000], isCounted: true);
        self::assertEqualsWithDelta($plain, $mean($counted), (5 * 90 * sqrt(5)) / 20);
        // 20 × 5 % = 1 piece of 600 s more, spread √0.95.
        self::assertEqualsWithDelta($plain + 600, $mean(new Spread(spoil: 0.05)), (5 * 600 * sqrt(0.95)) / 20);
    }

    #[Test]
    public function the_same_seed_gives_the_same_odds_and_a_batch_keeps_its_luck_when_others_come(): void
    {
        mt_srand(12);
        $workload = RandomWorkload::of(8, 2, hands: 2);
        $plan = Timetable::of($workload, Dispatch::byDue($workload));
        $spread = new Spread(0.1, 0.2, 0.3);
        self::assertEquals(Odds::of($plan, $spread, 50, 3), Odds::of($plan, $spread, 50, 3));
        self::assertNotEquals(Odds::of($plan, $spread, 50, 3)->batches, Odds::of($plan, $spread, 50, 4)->batches);

        $first = $plan->placed[0]->batch->id;
        $alone = Timetable::of($workload, new Sequence([$plan->placed[0]->machine => [$first]]));
        self::assertEquals(
            Odds::of($plan, $spread, 50, 3)->batches[$first],
            Odds::of($alone, $spread, 50, 3)->batches[$first],
        );
    }

    #[Test]
    public function what_stands_before_a_promise_and_spreads_most_is_named(): void
    {
        $plan = Timetable::of(
            self::shop([
                self::batch('long', pieces: 10, sewS: 2000, dueAt: 999_999),
                self::batch('short', pieces: 1, sewS: 500, dueAt: 600 + 10 * 2200 + 600 + 700),
            ]),
            new Sequence(['M1' => ['long', 'short']]),
        );
        $odds = Odds::of($plan, new Spread(sewCv: 0.2), runs: 500, share: 0.95);
        self::assertSame('long', $odds->batches['short']->endangered);
        self::assertNull($odds->batches['long']->endangered, 'its own promise is safe');
        self::assertSame(1.0, $odds->batches['long']->kept);
    }

    #[Test]
    public function an_order_is_kept_when_all_of_it_is(): void
    {
        // Both end when they are due or before in half of the runs, the second only behind the first on one machine.
        $plan = Timetable::of(
            self::shop([
                self::batch('one', pieces: 1, sewS: 5000, dueAt: 600 + 200 + 5000),
                self::batch('two', pieces: 1, sewS: 5000, dueAt: 2 * (600 + 200 + 5000)),
            ]),
            new Sequence(['M1' => ['one', 'two']]),
        );
        $odds = Odds::of(
            $plan,
            new Spread(sewCv: 0.1),
            runs: 2000,
            orders: ['1' => ['one', 'two'], '2' => ['two'], '3' => ['two', 'nowhere']],
        );
        self::assertSame([1, 2], array_keys($odds->orders));
        // It is due with the first of them: the last ends long after that.
        self::assertSame(0.0, $odds->orders[1]->kept);
        self::assertSame($odds->batches['two']->endP80, $odds->orders[1]->endP80);
        self::assertSame($odds->batches['two']->kept, $odds->orders[2]->kept);
        self::assertEqualsWithDelta(
            $odds->batches['one']->kept + $odds->batches['two']->kept,
            $odds->keptOnAverage(),
            1e-9,
        );
    }

    #[Test]
    public function what_is_logged_has_the_spread_that_a_hand_works_out_once_there_is_enough_of_it(): void
    {
        self::assertNull((new Logged(array_fill(0, 11, 1.0)))->cv());
        // Six of 0.9 and six of 1.1: mean 1, squares 12 × 0.01 over 11.
        self::assertEqualsWithDelta(
            sqrt(0.12 / 11),
            (new Logged([...array_fill(0, 6, 0.9), ...array_fill(0, 6, 1.1)]))->cv(),
            1e-12,
        );
    }

    #[Test]
    public function an_end_past_the_hours_that_are_known_is_kept_in_no_run_and_has_no_time(): void
    {
        $odds = Odds::of(self::one(pieces: 40, dueAt: 99_999, sewS: 2200), new Spread(sewCv: 0.5), runs: 200);
        $one = $odds->batches['A'];
        self::assertNull($one->endP95);
        self::assertNotNull($one->endP50);
        self::assertLessThan(1.0, $one->kept);
    }

    #[Test]
    public function a_spread_below_zero_is_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Spread(sewCvOf: ['A' => -0.1]);
    }

    #[Test]
    public function forty_batches_are_replayed_a_thousand_times_within_three_seconds(): void
    {
        $plan = Timetable::of(SharedCase::workload(4), SharedCase::sequence(4));
        $stitches = array_map(static fn(): int => 6000, SharedCase::workload(4)->batches);
        $begun = hrtime(true);
        $odds = Odds::of($plan, new Spread(0.08, 0.25, 0.3, 0.05, 90, $stitches, 0.02), share: 0.9);
        self::assertLessThan(3.0, (hrtime(true) - $begun) / 1e9);
        self::assertCount(40, $odds->batches);
        self::assertGreaterThan(
            20,
            count(array_filter($plan->placed, static fn(Placed $p): bool => $p->lateS() === 0)),
        );
    }

    private static function one(int $pieces, int $dueAt, int $sewS): Timetable
    {
        return Timetable::of(self::shop([self::batch('A', $pieces, $sewS, $dueAt)]), new Sequence(['M1' => ['A']]));
    }

    private static function batch(string $id, int $pieces, int $sewS, int $dueAt): BatchJob
    {
        return new BatchJob(
            $id,
            $pieces,
            new BatchSewing(['M1' => $sewS], 100, 100, 1),
            new Equipment(["thread {$id}"], 'F'),
            new Promise(0, $dueAt),
        );
    }

    /** @param list<BatchJob> $batches */
    private static function shop(array $batches): Workload
    {
        return new Workload(
            0,
            [
                new Lane(
                    'M1',
                    1,
                    Rack::of(5, [1 => 'thread A', 2 => 'thread long', 3 => 'thread short']),
                    'flat',
                    'F',
                    Hours::of([[0, 100_000]]),
                ),
            ],
            [new FrameStock('F', 'flat', 4)],
            $batches,
            new Changeover(600, 0, 0, []),
            Hands::always(1),
            new Weights(10, 1, 0.01),
        );
    }
}
