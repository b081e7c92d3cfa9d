<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\Dispatch;
use Hakama\Plan\Horizon;
use Hakama\Plan\Promise;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class HorizonTest extends TestCase
{
    private const WEEK_S = 604_800;

    #[Test]
    public function what_begins_and_is_due_later_stays_on_its_machine_in_its_order_behind_the_others(): void
    {
        $found = 0;
        for ($seed = 1; $seed <= 12; $seed++) {
            mt_srand($seed);
            $workload = self::withMonths(RandomWorkload::of(40, 2, hands: 2));
            $inForce = Dispatch::byDue($workload);
            $timed = Timetable::of($workload, $inForce);
            $horizon = Horizon::of($workload, $inForce, 1);
            $far = [];
            foreach ($inForce->batches as $machine => $ids) {
                // By hand: the longest tail of the queue of which nothing begins or is due within the week.
                $i = count($ids);
                for (; $i > 0; $i--) {
                    $placed = $timed->find($ids[$i - 1]);
                    $from = $placed === null ? 0 : min($placed->changeoverStart, $placed->batch->promise->dueAt);
                    if ($from < $workload->now + self::WEEK_S) {
                        break;
                    }
                }
                $far[$machine] = array_slice($ids, $i);
            }
            self::assertSame(count(array_merge(...array_values($far))), $horizon->keeps());
            $found += $horizon->keeps();
            $part = $horizon->part($inForce);
            $best = $horizon->whole(Search::of($horizon->near, 1, 200, $part)->run(200)->best());
            foreach ($far as $machine => $ids) {
                self::assertSame($ids, array_slice($best->on($machine), count($best->on($machine)) - count($ids)));
            }
            $ids = array_merge(...array_values($best->batches));
            self::assertCount(count(array_unique($ids)), $ids, 'none stands twice');
            self::assertEqualsCanonicalizing(array_merge(...array_values($inForce->batches)), $ids);
            self::assertEquals($inForce, $horizon->whole($part));
        }
        self::assertGreaterThan(30, $found, 'some shops reach further');
    }

    /** Every other batch is due three weeks later. */
    private static function withMonths(Workload $workload): Workload
    {
        $batches = array_values($workload->batches);
        foreach ($batches as $i => $batch) {
            if ($i % 2 === 1) {
                $at = $batch->promise;
                $batches[$i] = $batch->promised(new Promise($at->readyAt, $at->dueAt + 3 * self::WEEK_S, $at->weight));
            }
        }

        return $workload->with($batches);
    }

    #[Test]
    public function a_plan_that_ends_before_is_searched_whole(): void
    {
        mt_srand(3);
        $workload = RandomWorkload::of(20, 4, hands: 4);
        $inForce = Dispatch::byDue($workload);
        $horizon = Horizon::of($workload, $inForce, 52);

        self::assertSame(0, $horizon->keeps());
        self::assertSame($workload, $horizon->near);
        self::assertSame(0, Horizon::of($workload, new Sequence([]), 1)->keeps());
    }
}
