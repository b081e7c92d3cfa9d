<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\HandsEased;
use Hakama\Plan\Lane;
use Hakama\Plan\People;
use Hakama\Plan\Promise;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Hands that are wanted and not in: what they cost, and a plan that goes out of their way. */
final class HandsEasedTest extends TestCase
{
    #[Test]
    public function each_minute_of_hands_that_are_not_in_is_priced_where_the_house_wants_it(): void
    {
        // Both machines are changed over for 180 s and hooped at for 90: one person, two wanted for 270 s, 4.5 minutes.
        $apart = new Sequence(['M' => ['a'], 'N' => ['b']]);
        $plan = Timetable::of(self::workload(10.0, 1), $apart);
        self::assertSame(4.5, $plan->totals->beyondMin);
        self::assertSame(45.0, $plan->totals->parts()['beyond']);
        $free = Timetable::of(self::workload(0.0, 1), $apart);
        self::assertEqualsWithDelta(45.0, $plan->totals->cost - $free->totals->cost, 1e-9);
        self::assertSame(0.0, $free->totals->beyondMin);
        self::assertSame(0.0, Timetable::of(self::workload(10.0, 2), $apart)->totals->beyondMin, 'there are two');
        self::assertSame(0.0, Timetable::of(self::workload(10.0, null), $apart)->totals->beyondMin, 'nobody has said');
        self::assertEqualsWithDelta(
            $plan->totals->cost,
            array_sum($plan->totals->parts()),
            1e-9,
            'the cost is the sum of its parts',
        );
    }

    #[Test]
    public function two_that_want_the_same_hands_go_one_after_the_other(): void
    {
        $apart = new Sequence(['M' => ['a'], 'N' => ['b']]);
        $eased = HandsEased::of(self::workload(10.0, 1), $apart, 1);
        self::assertSame(0.0, Timetable::of(self::workload(10.0, 1), $eased)->totals->beyondMin);
        self::assertSame(2, max(array_map(count(...), $eased->batches)), 'on one machine');
        self::assertSame($apart, HandsEased::of(self::workload(0.0, 1), $apart, 1), 'for nothing it goes nowhere');
        self::assertSame($apart, HandsEased::of(self::workload(10.0, 2), $apart, 1));
        $asked = 0;
        $never = static function () use (&$asked): bool {
            $asked++;

            return false;
        };
        $stopped = HandsEased::of(self::workload(10.0, 1), $apart, 1, $never);
        self::assertEquals([$apart, 1], [$stopped, $asked], 'nobody wants it any more');
    }

    #[Test]
    public function it_is_never_dearer_and_mostly_the_cheapest_of_all_orders(): void
    {
        $cheapest = 0;
        for ($seed = 1; $seed <= 12; $seed++) {
            mt_srand($seed);
            $drawn = RandomWorkload::of(4, 2, 2);
            $workload = new Workload(
                $drawn->now,
                array_values($drawn->lanes),
                array_values($drawn->frames),
                array_values($drawn->batches),
                $drawn->changeover,
                $drawn->hands,
                new Weights(10.0, 1.0, 0.01, beyond: 5.0),
                $drawn->needs,
                new People(Hands::always(1)),
            );
            $found = Search::of($workload, 1, 500)->run(500);
            self::assertFalse($found->isProven(), 'hands are not in what it looked at');
            $before = Timetable::of($workload, $found->best());
            $eased = HandsEased::of($workload, $found->best(), $seed);
            $after = Timetable::of($workload, $eased);
            self::assertLessThanOrEqual($before->totals->cost + 1e-9, $after->totals->cost);
            self::assertLessThanOrEqual($after->totals->cost + 1e-6, $found->bound(), 'the bound lies below');
            self::assertCount(count($before->placed), $after->placed);
            self::assertEquals(
                $eased,
                HandsEased::of($workload, $found->best(), $seed),
                'the same seed, the same plan',
            );
            $least = INF;
            foreach (self::orders(array_keys($workload->batches), array_keys($workload->lanes)) as $order) {
                $one = Timetable::of($workload, $order);
                if (self::leavesStanding($order, $eased, $workload) && count($one->placed) === count($after->placed)) {
                    $least = min($least, $one->totals->cost);
                }
            }
            self::assertGreaterThan($least - 1e-6, $after->totals->cost);
            $cheapest += $after->totals->cost < $least + 1e-6 ? 1 : 0;
        }
        // One batch at a time is moved, so now and then it stays where two would have to go at once.
        self::assertGreaterThanOrEqual(11, $cheapest);
    }

    /** What is set up already stays where it is. */
    private static function leavesStanding(Sequence $order, Sequence $found, Workload $workload): bool
    {
        foreach ($workload->batches as $batch) {
            $machine = (string) $found->machineOf($batch->id);
            $rank = static fn(Sequence $in): int|false => array_search($batch->id, $in->on($machine), true);
            if ($batch->alreadySetUp && $rank($order) !== $rank($found)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array-key> $batches
     * @param list<array-key> $machines
     *
     * @return iterable<Sequence> every order of all batches on all machines
     */
    private static function orders(array $batches, array $machines): iterable
    {
        if ($batches === []) {
            yield new Sequence([]);

            return;
        }
        $last = (string) array_pop($batches);
        foreach (self::orders($batches, $machines) as $order) {
            foreach ($machines as $machine) {
                for ($rank = 0; $rank <= count($order->on((string) $machine)); $rank++) {
                    yield $order->moved($last, (string) $machine, $rank);
                }
            }
        }
    }

    private static function workload(float $beyond, ?int $people): Workload
    {
        $batch = static fn(string $id): BatchJob => new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 600, 'N' => 600], 60, 30, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, 36000),
        );
        $lane = static fn(string $id): Lane => new Lane(
            $id,
            1,
            Rack::of(2, [1 => 'white']),
            'flat',
            'F',
            Hours::of([[0, 36000]]),
        );

        return new Workload(
            0,
            [$lane('M'), $lane('N')],
            [new FrameStock('F', 'flat', 4)],
            [$batch('a'), $batch('b')],
            new Changeover(180, 240, 150),
            Hands::always(4),
            Weights::of(HouseRules::of(['hands_beyond_cost' => $beyond])),
            people: new People($people === null ? null : Hands::always($people)),
        );
    }
}
