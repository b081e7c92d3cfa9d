<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\Rack;
use Hakama\Plan\Batch;
use Hakama\Plan\Bound;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Internal\Pool;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Sewing;
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
        self::assertSame([3.0 * self::HOUR, 10.25 * self::HOUR], Pool::ofFrames($lanes, 0, 4)->ends([12 * self::HOUR, self::HOUR]));
        self::assertSame([12.0 * self::HOUR], Pool::ofMachines($lanes, 0, 2)->ends([99 * self::HOUR]), 'hours are over');
    }

    #[Test]
    public function nothing_goes_before_what_stands_on_its_machine(): void
    {
        $workload = self::workload(
            [self::lane('M', [[0, 10]])],
            [
                new Batch('a', 1, new Sewing(['M' => 7200], 60, 30, 1), new Equipment(['white'], 'F'), new Promise(0, 36000), true),
                new Batch('b', 1, new Sewing(['M' => 600], 60, 30, 1), new Equipment(['white'], 'F'), new Promise(0, 1000)),
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
        $batch = static fn(string $id, string $frame): Batch => new Batch(
            $id,
            1,
            new Sewing(['M' => 3420 - 90, 'N' => 3420 - 90], 60, 30, 1),
            new Equipment(['white'], $frame),
            new Promise(0, self::HOUR),
        );
        $two = [self::lane('M', [[0, 10]]), self::lane('N', [[0, 10]])];
        // An hour each with 180 s before it: on two machines at once both are done in time, with one frame one is an hour late.
        $few = self::workload($two, [$batch('a', 'F'), $batch('b', 'F')], 1);
        self::assertEqualsWithDelta(60.0, Bound::of($few)->weightedLateMin, 1e-9);
        self::assertSame(0.0, Bound::of(self::workload($two, [$batch('a', 'F'), $batch('b', 'F')], 2))->weightedLateMin);
        // Of two kinds there is one each: nobody waits.
        self::assertSame(0.0, Bound::of(self::workload($two, [$batch('a', 'F'), $batch('b', 'G')], 1))->weightedLateMin);
        $least = INF;
        foreach ([['M' => ['a', 'b']], ['M' => ['a'], 'N' => ['b']], ['M' => ['b'], 'N' => ['a']]] as $lanes) {
            $least = min($least, Timetable::of($few, new Sequence($lanes))->totals->weightedLateMin);
        }
        self::assertGreaterThanOrEqual(60.0 - 1e-9, $least);
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
     * @param list<Batch> $batches
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
