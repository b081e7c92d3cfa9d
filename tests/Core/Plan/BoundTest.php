<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Bound;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Internal\Pool;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What no plan can cost less than, worked out by hand. */
final class BoundTest extends TestCase
{
    private const HOUR = 3600;

    #[Test]
    public function machines_share_their_hours_and_nights_bring_nothing(): void
    {
        // One machine from 0 to 2 h and from 10 to 12 h, another from 1 to 3 h.
        $lanes = [self::lane('M', [[0, 2], [10, 12]]), self::lane('N', [[1, 3]])];
        $pool = Pool::ofMachines($lanes, 0, 2);
        // 1 h alone; 2 more by two until 2 h; 1 h alone until 3 h; the fifth hour only in the morning.
        self::assertSame(
            [1.0 * self::HOUR, 2.0 * self::HOUR, 3.0 * self::HOUR, 11.0 * self::HOUR],
            $pool->ends([self::HOUR, 2 * self::HOUR, self::HOUR, self::HOUR]),
        );
        // One at a time is enough from 0 to 3 h.
        self::assertSame([3.0 * self::HOUR], Pool::ofMachines($lanes, 0, 1)->ends([3 * self::HOUR]));
        // From half an hour on, half an hour later.
        self::assertSame([1.5 * self::HOUR], Pool::ofMachines($lanes, 1800, 1)->ends([self::HOUR]));
        // Four frames hold four hours of frames in an hour in which any machine is open.
        self::assertSame(
            [3.0 * self::HOUR, 10.25 * self::HOUR],
            Pool::ofFrames($lanes, 0, 4)->ends([12 * self::HOUR, self::HOUR]),
        );
        self::assertSame(
            [12.0 * self::HOUR],
            Pool::ofMachines($lanes, 0, 2)->ends([99 * self::HOUR]),
            'hours are over',
        );
    }

    #[Test]
    public function nothing_goes_before_what_stands_on_its_machine(): void
    {
        $workload = self::workload(
            [self::lane('M', [[0, 10]])],
            [
                new BatchJob('a', 1, new BatchSewing(['M' => 7200], 60, 30, 1), new Equipment(['white'], 'F'), new Promise(0, 36000), true),
                new BatchJob('b', 1, new BatchSewing(['M' => 600], 60, 30, 1), new Equipment(['white'], 'F'), new Promise(0, 1000)),
            ],
        );
        // Alone b ends after 180 + 690 s. Behind a, which takes 7290, it is 8160 - 1000 late.
        self::assertSame(0.0, Bound::of($workload)->weightedLateMin);
        $bound = Bound::of($workload, new Sequence(['M' => ['a']]));
        self::assertEqualsWithDelta(7160 / 60, $bound->weightedLateMin, 1e-9);
        self::assertEqualsWithDelta(
            Timetable::of($workload, new Sequence(['M' => ['a', 'b']]))->totals->cost,
            $bound->cost,
            1e-6,
            'there is only this plan',
        );
    }

    #[Test]
    public function frames_of_which_there_are_few_are_held_one_batch_after_the_other(): void
    {
        $batch = static fn(string $id, string $frame): BatchJob => new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 3420 - 90, 'N' => 3420 - 90], 60, 30, 1),
            new Equipment(['white'], $frame),
            new Promise(0, self::HOUR),
        );
        $two = [self::lane('M', [[0, 10]]), self::lane('N', [[0, 10]])];
        // An hour each with 180 s before it: on two machines at once both are done in time, with one frame one is an hour late.
        $few = self::workload($two, [$batch('a', 'F'), $batch('b', 'F')], 1);
        self::assertEqualsWithDelta(60.0, Bound::of($few)->weightedLateMin, 1e-9);
        self::assertSame(
            0.0,
            Bound::of(self::workload($two, [$batch('a', 'F'), $batch('b', 'F')], 2))->weightedLateMin,
        );
        // Of two kinds there is one each: nobody waits.
        self::assertSame(
            0.0,
            Bound::of(self::workload($two, [$batch('a', 'F'), $batch('b', 'G')], 1))->weightedLateMin,
        );
        $least = INF;
        foreach ([['M' => ['a', 'b']], ['M' => ['a'], 'N' => ['b']], ['M' => ['b'], 'N' => ['a']]] as $lanes) {
            $least = min($least, Timetable::of($few, new Sequence($lanes))->totals->weightedLateMin);
        }
        self::assertGreaterThanOrEqual(60.0 - 1e-9, $least);
    }

    #[Test]
    public function what_many_want_at_the_same_time_has_a_price(): void
    {
        // Two of two hours are due after two hours, one of them ends two hours late; a third, that hardly counts, has time.
        $batch = static fn(string $id, int $due, float $weight): BatchJob => new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 7200 - 180 - 90], 60, 30, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, $due * self::HOUR, $weight),
        );
        $batches = [$batch('a', 2, 1.0), $batch('b', 2, 1.0), $batch('c', 20, 0.1)];
        $workload = self::workload([self::lane('M', [[0, 10]])], $batches);
        $bound = Bound::of($workload);
        $late = $workload->weights->late;
        $other = $workload->weights->changeover * 9 + $workload->weights->flow * (120 + 240 + 360);

        // Without prices the lightest weight counts for all: a tenth of two hours.
        self::assertEqualsWithDelta(12.0, $bound->weightedLateMin, 1e-9);
        self::assertGreaterThan($late * 40 + $other, $bound->cost, 'a third of the two hours at least');
        self::assertLessThanOrEqual($late * 120 + $other + 1e-6, $bound->cost);
        $true = Timetable::of($workload, new Sequence(['M' => ['a', 'b', 'c']]))->totals;
        self::assertEqualsWithDelta($late * 120 + $other, $true->cost, 1e-6);

        // One frame on two machines is as one machine.
        $two = static fn(string $id, int $due): BatchJob => new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 7200 - 180 - 90, 'N' => 7200 - 180 - 90], 60, 30, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, $due * self::HOUR, $due === 2 ? 1.0 : 0.1),
        );
        $lanes = [self::lane('M', [[0, 10]]), self::lane('N', [[0, 10]])];
        $three = [$two('a', 2), $two('b', 2), $two('c', 20)];
        self::assertGreaterThan($late * 40, Bound::of(self::workload($lanes, $three, 1))->cost);
        self::assertLessThan($late, Bound::of(self::workload($lanes, $three, 2))->cost - $other);
    }

    #[Test]
    public function no_plan_of_a_small_shop_costs_less_whoever_comes_and_goes_and_whatever_is_fixed(): void
    {
        $raised = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            mt_srand(7700 + $seed);
            $workload = RandomWorkload::of(
                5,
                2,
                hands: mt_rand(1, 2),
                fixed: $seed % 4 === 0,
                fine: $seed % 2 === 0,
                goes: $seed % 5 < 2,
            );
            $least = INF;
            foreach (self::sequences(array_keys($workload->batches), array_keys($workload->lanes)) as $sequence) {
                $timetable = Timetable::of($workload, $sequence);
                if ($timetable->unplaced === []) {
                    $least = min($least, $timetable->totals->cost);
                }
            }
            $bound = Bound::of($workload);
            self::assertLessThanOrEqual($least + 1e-6, $bound->cost, "seed {$seed}");
            $weights = $workload->weights;
            $without =
                $weights->late * $bound->weightedLateMin +
                $weights->changeover * $bound->changeoverMin +
                $weights->flow * $bound->flowMin;
            $raised += $bound->cost > $without + 1e-6 ? 1 : 0;
        }
        self::assertGreaterThan(5, $raised, 'prices find more in some');
    }

    /**
     * Every order of the batches, cut into the machines at every place.
     *
     * @param list<string> $batches
     * @param list<string> $machines two
     *
     * @return iterable<Sequence>
     */
    private static function sequences(array $batches, array $machines): iterable
    {
        foreach (self::orders($batches) as $order) {
            for ($cut = 0; $cut <= count($order); $cut++) {
                yield new Sequence([
                    $machines[0] => array_slice($order, 0, $cut),
                    $machines[1] => array_slice($order, $cut),
                ]);
            }
        }
    }

    /**
     * @param list<string> $batches
     *
     * @return iterable<list<string>>
     */
    private static function orders(array $batches): iterable
    {
        if ($batches === []) {
            yield [];
        }
        foreach ($batches as $i => $first) {
            $rest = $batches;
            array_splice($rest, $i, 1);
            foreach (self::orders($rest) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /** @param list<array{int, int}> $hours */
    private static function lane(string $id, array $hours): Lane
    {
        return new Lane(
            $id,
            1,
            Rack::of(2, [1 => 'white']),
            'flat',
            'F',
            Hours::of(array_map(static fn(array $one): array => [$one[0] * self::HOUR, $one[1] * self::HOUR], $hours)),
        );
    }

    /**
     * @param list<Lane>  $lanes
     * @param list<BatchJob> $batches
     */
    private static function workload(array $lanes, array $batches, int $frames = 4): Workload
    {
        return new Workload(
            0,
            $lanes,
            [new FrameStock('F', 'flat', $frames), new FrameStock('G', 'flat', $frames)],
            $batches,
            new Changeover(180, 240, 150),
            Hands::always(4),
            Weights::of(HouseRules::of()),
        );
    }
}
