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
use Hakama\Plan\Mending;
use Hakama\Plan\Moves;
use Hakama\Plan\Promise;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\WhatIf;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A plan in which something went wrong is mended with a few moves, and what is about to be set up stays. */
final class MendingTest extends TestCase
{
    private const HOUR = 3600;

    #[Test]
    public function a_machine_that_is_down_gives_up_what_would_be_late_and_no_more(): void
    {
        // Each batch is an hour with its set-up of 3 min: 36 pieces of 95 s. M1 is down for four hours: A would end at
        // five, due at two; M2 has room for it behind C, until two. B is due much later and stays where it is.
        $shop = self::shop(['A' => 2, 'B' => 9, 'C' => 1, 'D' => 9]);
        $inForce = new Sequence(['M1' => ['A', 'B'], 'M2' => ['C', 'D']]);
        self::assertSame([], Mending::of($shop, $inForce, 3)->moved, 'nothing is late');
        $down = (new WhatIf(['M1' => 4 * self::HOUR]))->of($shop);
        $late = static fn(Sequence $plan): int => Timetable::of($down, $plan)->totals->lateBatches;

        $mended = Mending::of($down, $inForce, 3);

        self::assertSame(1, $late($inForce));
        self::assertSame(['A'], $mended->moved);
        self::assertSame(['M1' => ['B'], 'M2' => ['C', 'A', 'D']], $mended->sequence->batches);
        self::assertSame(0, $late($mended->sequence));
        self::assertSame([], Mending::of($down, $inForce, 0)->moved);
        // What saves less than a moved batch costs is not moved: 180 min late at 10 points each.
        foreach ([1799 => ['A'], 1801 => []] as $price => $moved) {
            $dear = self::shop(['A' => 2, 'B' => 9, 'C' => 1, 'D' => 9], $price, 4);
            self::assertSame($moved, Mending::of($dear, $inForce, 3)->moved);
        }
    }

    #[Test]
    public function what_has_no_place_gets_one_first(): void
    {
        $shop = self::shop(['A' => 1, 'B' => 9, 'C' => 1, 'D' => 9]);

        $mended = Mending::of($shop, new Sequence(['M1' => ['B'], 'M2' => ['C', 'D']]), 1);

        self::assertSame(['A'], $mended->moved);
        self::assertSame(['A', 'B'], $mended->sequence->on('M1'));
    }

    #[Test]
    public function one_move_is_the_best_of_all_and_few_are_no_more_than_allowed(): void
    {
        $same = $tried = $better = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            mt_srand(400 + $seed);
            $workload = RandomWorkload::of(mt_rand(5, 9), 3, hands: 2, goes: $seed % 2 === 0);
            $inForce = Dispatch::asBooked($workload);
            $now = Timetable::of($workload, $inForce);
            if ($now->unplaced !== [] || $now->totals->lateBatches === 0) {
                continue;
            }
            $tried++;
            $one = Timetable::of($workload, Mending::of($workload, $inForce, 1)->sequence);
            $best = self::bestOfOneMove($now);
            $same += abs($best - $one->totals->cost) < 1e-6 ? 1 : 0;
            // What neither is late nor stands before it on its machine or in its frames is not looked at.
            self::assertLessThanOrEqual(1.03 * $best + 30, $one->totals->cost, "seed {$seed}");
            $few = Mending::of($workload, $inForce, 3);
            self::assertLessThanOrEqual(3, count($few->moved));
            self::assertLessThanOrEqual(3, Moves::between($inForce, $few->sequence)->count());
            $mended = Timetable::of($workload, $few->sequence);
            self::assertSame([], $mended->unplaced);
            self::assertLessThanOrEqual($now->totals->cost + 1e-6, $mended->totals->cost);
            $better += $mended->totals->cost < $one->totals->cost - 1e-6 ? 1 : 0;
        }
        self::assertGreaterThan(25, $tried);
        self::assertGreaterThan(10, $same);
        self::assertGreaterThan(2, $better);
    }

    #[Test]
    public function what_is_about_to_be_set_up_is_not_moved_and_the_rest_is_the_cheapest_beside_it(): void
    {
        $proven = $dearer = 0;
        for ($seed = 1; $seed <= 30; $seed++) {
            mt_srand(800 + $seed);
            $workload = RandomWorkload::of(5, 2, hands: 2);
            $inForce = Dispatch::asBooked($workload);
            $now = Timetable::of($workload, $inForce);
            if ($now->unplaced !== []) {
                continue;
            }
            $held = $now->preparedUntil($workload->now + self::HOUR);
            self::assertNotSame([], $held);
            $frozen = $workload->holding($held);
            $search = Search::of($frozen, 1, 2000, $inForce)->run(2000);
            $best = $search->best();
            foreach ($held as $batch => $machine) {
                self::assertSame($machine, $best->machineOf($batch), "seed {$seed}");
            }
            foreach ($inForce->batches as $machine => $ids) {
                $front = array_values(array_intersect($ids, array_keys($held)));
                self::assertSame($front, array_slice($best->on($machine), 0, count($front)), "seed {$seed}");
            }
            if ($search->isProven()) {
                [$least, $free] = self::cheapest($workload, $inForce, $held);
                self::assertEqualsWithDelta($least, $search->cost(), 1e-6, "seed {$seed}");
                $proven++;
                $dearer += $least > $free + 1e-6 ? 1 : 0;
            }
            self::assertSame([], array_intersect(Mending::of($frozen, $inForce, 3)->moved, array_keys($held)));
        }
        self::assertGreaterThan(20, $proven);
        self::assertGreaterThan(3, $dearer, 'to hold it costs something');
    }

    #[Test]
    public function what_people_do_otherwise_is_counted(): void
    {
        $moves = Moves::between(
            new Sequence(['M1' => ['A', 'B', 'C'], 'M2' => ['D', 'E']]),
            new Sequence(['M1' => ['B', 'C', 'A'], 'M2' => ['E'], 'M3' => ['D', 'F']]),
            ['A', 'D', 'E'],
        );

        self::assertSame([['D', 'F'], ['A'], ['D', 'A']], [$moves->elsewhere, $moves->inOrder, $moves->prepared]);
        self::assertSame(3, $moves->count());
        self::assertTrue($moves->has('A'));
        self::assertFalse($moves->has('B'));
    }

    private static function bestOfOneMove(Timetable $now): float
    {
        $least = $now->totals->cost;
        foreach ($now->workload->batches as $batch) {
            foreach ($now->workload->lanes as $lane) {
                if ($now->workload->obstacle($batch, $lane) !== null) {
                    continue;
                }
                $rest = $now->sequence->without($batch->id);
                for ($rank = 0; $rank <= count($rest->on($lane->id)); $rank++) {
                    $then = Timetable::of($now->workload, $rest->moved($batch->id, $lane->id, $rank));
                    $least = $then->unplaced === [] ? min($least, $then->totals->cost) : $least;
                }
            }
        }

        return $least;
    }

    /**
     * @param array<array-key, string> $held
     *
     * @return array{float, float} with what is held in front as it is, and with everything free
     */
    private static function cheapest(Workload $workload, Sequence $inForce, array $held): array
    {
        $least = $free = INF;
        foreach (AllOrders::onTwo(array_keys($workload->batches)) as $sequence) {
            $timed = Timetable::of($workload, $sequence);
            if ($timed->unplaced !== []) {
                continue;
            }
            $free = min($free, $timed->totals->cost);
            foreach ($workload->lanes as $machine => $lane) {
                $front = array_values(array_intersect($inForce->on($machine), array_keys($held)));
                if (array_slice($sequence->on($machine), 0, count($front)) !== $front) {
                    continue 2;
                }
            }
            $least = min($least, $timed->totals->cost);
        }

        return [$least, $free];
    }

    /** @param array<string, int> $due batch => hours */
    private static function shop(array $due, float $moved = 30, int $down = 0): Workload
    {
        $lane = static fn(string $id, int $from): Lane => new Lane(
            $id,
            1,
            Rack::of(2, [1 => 't']),
            'flat',
            'F',
            Hours::of([[$from, 100 * self::HOUR]]),
        );
        $batches = [];
        foreach ($due as $id => $hours) {
            $batches[] = new BatchJob(
                $id,
                36,
                new BatchSewing(['M1' => 95, 'M2' => 95], 0, 0, 2),
                new Equipment(['t'], 'F'),
                new Promise(0, $hours * self::HOUR),
            );
        }

        return new Workload(
            0,
            [$lane('M1', $down * self::HOUR), $lane('M2', 0)],
            [new FrameStock('F', 'flat', 4)],
            $batches,
            new Changeover(180, 240, 150, []),
            Hands::always(2),
            new Weights(10, 1, 0, $moved),
        );
    }
}
