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
use Hakama\Plan\Dispatch;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Simple rules against the same rules done slowly, and against sums done by hand. */
final class DispatchTest extends TestCase
{
    private const HOUR = 3600;

    #[Test]
    public function as_booked_each_batch_goes_to_the_machine_that_ends_it_soonest(): void
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            mt_srand($seed);
            $workload = RandomWorkload::of(
                mt_rand(3, 12),
                mt_rand(1, 4),
                hands: mt_rand(1, 4),
                goes: $seed % 3 === 0,
            );

            self::assertSame(
                $this->slowly($workload, array_keys($workload->batches)),
                array_filter(Dispatch::asBooked($workload)->batches),
                "seed {$seed}",
            );
        }
    }

    #[Test]
    public function by_due_time_the_same_is_done_in_another_order(): void
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            mt_srand(500 + $seed);
            $workload = RandomWorkload::of(mt_rand(3, 12), mt_rand(1, 3), hands: 3);
            $order = array_map(static fn(BatchJob $batch): int => $batch->promise->dueAt, $workload->batches);
            asort($order);

            self::assertSame(
                $this->slowly($workload, array_keys($order)),
                array_filter(Dispatch::byDue($workload)->batches),
                "seed {$seed}",
            );
        }
    }

    #[Test]
    public function slack_is_the_time_that_is_left_once_the_work_is_taken_off(): void
    {
        // Due after 10, 9 and 9.5 hours with work of 1, 4 and 0.1 hours: 9, 5 and 9.4 hours of slack.
        $workload = self::workload([self::batch('a', 10, 1), self::batch('b', 9, 4), self::batch('c', 9.5, 0.1)]);

        self::assertSame(['b', 'c', 'a'], Dispatch::byDue($workload)->on('M'));
        self::assertSame(['b', 'a', 'c'], Dispatch::leastSlack($workload)->on('M'));
        self::assertSame(['a', 'b', 'c'], Dispatch::asBooked($workload)->on('M'));
    }

    #[Test]
    public function what_presses_comes_first_and_among_equals_what_is_set_up_quickest_or_weighs_most(): void
    {
        // All else the same, the one whose frame is mounted.
        $workload = self::workload([self::batch('a', 9, 1, frame: 'G'), self::batch('b', 9, 1)]);
        self::assertSame(['b', 'a'], Dispatch::pressing($workload)->on('M'));
        // A due time that comes near outweighs the frame.
        $workload = self::workload([self::batch('a', 1.2, 1, frame: 'G'), self::batch('b', 40, 1)]);
        self::assertSame(['a', 'b'], Dispatch::pressing($workload)->on('M'));
        // Of two that are as near, the one that weighs more; of two that weigh the same, the shorter.
        self::assertSame(
            ['b', 'a'],
            Dispatch::pressing(self::workload([self::batch('a', 1, 1), self::batch('b', 1, 1, weight: 3)]))->on('M'),
        );
        self::assertSame(
            ['b', 'a'],
            Dispatch::pressing(self::workload([self::batch('a', 0.2, 3), self::batch('b', 0.2, 1)]))->on('M'),
        );
    }

    #[Test]
    public function what_stands_already_is_added_to_by_every_rule_and_all_that_can_be_placed_is(): void
    {
        mt_srand(3);
        $workload = RandomWorkload::of(15, 3, hands: 3);
        $lane = array_values(
            array_filter(
                $workload->lanes,
                static fn(Lane $lane): bool => $workload->obstacle($workload->batches['B2'], $lane) === null,
            ),
        )[0]->id;
        foreach (
            [Dispatch::asBooked(...), Dispatch::byDue(...), Dispatch::leastSlack(...), Dispatch::pressing(...)] as $rule
        ) {
            $sequence = $rule($workload, new Sequence([$lane => ['B2']]));
            self::assertSame('B2', $sequence->on($lane)[0]);
            self::assertEqualsCanonicalizing(
                array_keys($workload->batches),
                array_merge(...array_values($sequence->batches)),
            );
        }
    }

    /**
     * The same by timing the whole plan anew for every machine that a batch could go to.
     *
     * @param list<string> $order
     *
     * @return array<array-key, list<string>>
     */
    private function slowly(Workload $workload, array $order): array
    {
        $sequence = new Sequence([]);
        foreach ($order as $id) {
            $ends = [];
            foreach (array_keys($workload->lanes) as $machine) {
                $timetable = Timetable::of($workload, $sequence->appended($machine, $id));
                if ($timetable->unplaced === []) {
                    $ends[$machine] = (int) $timetable->find($id)?->end();
                }
            }
            if ($ends !== []) {
                $sequence = $sequence->appended((string) array_search(min($ends), $ends, true), $id);
            }
        }
        $inOrder = [];
        foreach (array_keys($workload->lanes) as $machine) {
            $inOrder[$machine] = $sequence->on($machine);
        }

        return array_filter($inOrder);
    }

    private static function batch(
        string $id,
        float $dueH,
        float $workH,
        string $frame = 'F',
        float $weight = 1.0,
    ): BatchJob {
        return new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => (int) ($workH * self::HOUR)], 0, 0, 1),
            new Equipment(['white'], $frame),
            new Promise(0, (int) ($dueH * self::HOUR), $weight),
        );
    }

    /** @param list<BatchJob> $batches */
    private static function workload(array $batches): Workload
    {
        return new Workload(
            0,
            [new Lane('M', 1, Rack::of(2, [1 => 'white']), 'flat', 'F', Hours::of([[0, 100 * self::HOUR]]))],
            [new FrameStock('F', 'flat', 2), new FrameStock('G', 'flat', 2)],
            $batches,
            new Changeover(180, 240, 150),
            Hands::always(2),
            Weights::of(HouseRules::of()),
        );
    }
}
