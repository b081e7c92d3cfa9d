<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Bound;
use Hakama\Plan\Changeover;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Internal\Pricer;
use Hakama\Plan\Keep;
use Hakama\Plan\Lane;
use Hakama\Plan\People;
use Hakama\Plan\Promise;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Unfit;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is against a batch on a machine, and what it costs to move what is prepared, weigh in the plan. */
final class KeptAndUnfitTest extends TestCase
{
    #[Test]
    public function as_a_hand_works_it_out(): void
    {
        // Two machines, one batch of four pieces: 4 × 100 s and a changeover of 3 min; M2 is worth 30 min less.
        $workload = self::shop(
            ['M2' => [new Unfit(20.0), new Unfit(10.0)]],
            new Keep('M1', 600, 7.0),
            new Weights(10, 1, 0, unfit: 2.0),
        );
        $on = static fn(string $machine): array => array_filter(
            Timetable::of($workload, new Sequence([$machine => ['B']]))->totals->parts(),
            static fn(float $part): bool => $part > 0.0,
        );

        // On M1 it begins at 180 s, not at 600: the promise is moved.
        self::assertEqualsWithDelta(['changeover' => 3.0, 'moved' => 7.0], $on('M1'), 1e-9);
        self::assertEqualsWithDelta(['changeover' => 3.0, 'unfit' => 60.0, 'moved' => 7.0], $on('M2'), 1e-9);
        self::assertSame('M1', Search::of($workload, 1, 100)->run(100)->best()->machineOf('B'));
        // Within a minute of the time it was promised for it is where it was.
        foreach ([[180, 0.0], [239, 0.0], [240, 7.0], [121, 0.0], [120, 7.0]] as [$at, $cost]) {
            self::assertEqualsWithDelta($cost, (new Keep('M1', $at, 7.0))->costAt('M1', 180), 1e-9, (string) $at);
        }
        self::assertEqualsWithDelta(0.0, (new Keep('M1', null, 7.0))->costAt('M1', 99), 1e-9);
        self::assertEqualsWithDelta(7.0, (new Keep('M1', null, 7.0))->costAt('M2', 99), 1e-9);
    }

    #[Test]
    public function a_machine_that_is_worth_less_gets_it_all_the_same_where_it_would_be_later_elsewhere(): void
    {
        // Late by an hour on M1, which runs it at half the speed, against 30 min on M2.
        $workload = self::shop(['M2' => [new Unfit(30.0)]], null, new Weights(10, 1, 0), 7200, 1800);
        self::assertSame('M2', Search::of($workload, 1, 100)->run(100)->best()->machineOf('B'));
        $dear = self::shop(['M2' => [new Unfit(1e5)]], null, new Weights(10, 1, 0), 7200, 1800);
        self::assertSame('M1', Search::of($dear, 1, 100)->run(100)->best()->machineOf('B'));
    }

    #[Test]
    public function small_shops_are_as_cheap_as_any_order_of_their_batches_and_priced_both_ways_alike(): void
    {
        $proven = $kept = $unfit = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            mt_srand(900 + $seed);
            $drawn = RandomWorkload::of(3 + $seed % 3, 2, hands: mt_rand(1, 2), goes: $seed % 4 === 1);
            $workload = self::withMore($drawn);
            $least = self::cheapest($workload);
            if ($least === null) {
                continue;
            }
            $search = Search::of($workload, 1, 2000)->run(2000);
            $totals = Timetable::of($workload, $search->best())->totals;
            self::assertEqualsWithDelta($totals->cost, $search->cost(), 1e-6, "seed {$seed}");
            self::assertGreaterThan($least - 1e-6, $search->cost(), "seed {$seed}");
            self::assertLessThanOrEqual($least + 1e-6, Bound::of($workload)->cost);
            if ($search->isProven()) {
                self::assertEqualsWithDelta($least, $search->cost(), 1e-6, "seed {$seed}");
                $proven++;
            }
            $kept += $totals->movedCost > 0 ? 1 : 0;
            $unfit += $totals->unfitMin > 0 ? 1 : 0;
        }
        self::assertGreaterThan(25, $proven);
        self::assertGreaterThan(5, min($kept, $unfit), 'some of them cost that all the same');
    }

    #[Test]
    public function a_change_is_priced_from_where_it_begins_as_the_whole_plan_would_be(): void
    {
        $priced = 0;
        for ($seed = 1; $seed <= 20; $seed++) {
            mt_srand(700 + $seed);
            $workload = self::withMore(RandomWorkload::of(mt_rand(4, 12), 3, hands: 3));
            $pricer = new Pricer($workload);
            $pricer->keep(Dispatch::byDue($workload));
            for ($k = 0; $k < 20; $k++) {
                $m = (int) array_rand(array_filter($pricer->sequence));
                $lane = $pricer->sequence[$m];
                $at = mt_rand(0, count($lane) - 1);
                [$batch] = array_splice($lane, $at, 1);
                $to = mt_rand(0, count($lane));
                array_splice($lane, $to, 0, [$batch]);
                $pricer->change([$m => $lane], [$m => min($at, $to)]);
                $timetable = Timetable::of($workload, $pricer->kept());
                if ($timetable->unplaced === []) {
                    self::assertEqualsWithDelta($timetable->totals->cost, $pricer->cost, 1e-6, "seed {$seed}, {$k}");
                    $priced++;
                }
            }
        }
        self::assertGreaterThan(250, $priced);
    }

    /** What some of its batches cost on some machines, and where and when some of them were to begin. */
    private static function withMore(Workload $workload): Workload
    {
        $timed = Timetable::of($workload, Dispatch::leastSlack($workload));
        $batches = $keeps = [];
        foreach ($workload->batches as $batch) {
            $of = $batch->sewing;
            $unfit = mt_rand(0, 1) === 0 ? [] : ['M'.mt_rand(1, 2) => [new Unfit((float) mt_rand(5, 200))]];
            $batches[] = new BatchJob(
                $batch->id,
                $batch->pieces,
                new BatchSewing($of->sewS, $of->hoopS, $of->swapS, $of->framesPerHead, $unfit),
                $batch->equipment,
                $batch->promise,
                $batch->alreadySetUp,
                $batch->fixed,
            );
            $placed = $timed->find($batch->id);
            if ($placed !== null && mt_rand(0, 1) === 1) {
                $at = mt_rand(0, 2) === 0 ? null : $placed->start() + 60 * mt_rand(0, 3);
                $keeps[$batch->id] = new Keep($placed->machine, $at, (float) mt_rand(1, 300));
            }
        }

        return new Workload(
            $workload->now,
            array_values($workload->lanes),
            array_values($workload->frames),
            $batches,
            $workload->changeover,
            $workload->hands,
            $workload->weights,
            $workload->needs,
            new People(keeps: $keeps),
        );
    }

    /** The cheapest of all sequences by the timetable itself; null where none holds all batches. */
    private static function cheapest(Workload $workload): ?float
    {
        $least = null;
        foreach (AllOrders::onTwo(array_keys($workload->batches)) as $sequence) {
            $timed = Timetable::of($workload, $sequence);
            if ($timed->unplaced === []) {
                $least = min($least ?? INF, $timed->totals->cost);
            }
        }

        return $least;
    }

    /** @param array<string, list<Unfit>> $unfit */
    private static function shop(
        array $unfit,
        ?Keep $keep,
        Weights $weights,
        int $due = 86_400,
        int $slowS = 100,
    ): Workload {
        $hours = Hours::of([[0, 86_400]]);
        $lane = static fn(string $id): Lane => new Lane($id, 1, Rack::of(2, [1 => 't']), 'flat', 'F', $hours);
        $sewing = new BatchSewing(['M1' => $slowS, 'M2' => 100], 0, 0, 2, $unfit);

        return new Workload(
            0,
            [$lane('M1'), $lane('M2')],
            [new FrameStock('F', 'flat', 4)],
            [new BatchJob('B', 4, $sewing, new Equipment(['t'], 'F'), new Promise(0, $due))],
            new Changeover(180, 240, 150, []),
            Hands::always(2),
            $weights,
            people: new People(keeps: $keep === null ? [] : ['B' => $keep]),
        );
    }
}
