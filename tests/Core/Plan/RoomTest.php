<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Room;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Where a plan leaves room, against making each batch longer until something is late. */
final class RoomTest extends TestCase
{
    #[Test]
    public function as_a_hand_works_it_out(): void
    {
        // A ends at 1180, due 5000; B follows at once until 2360, due 3000; C has to wait for its blanks until 9000.
        $timetable = self::timed(['A' => [1000, 0, 5000], 'B' => [1000, 0, 3000], 'C' => [1000, 9000, 10_500]]);
        // A may take as long as B may. C has 500 left.
        self::assertSame(['C' => 500, 'B' => 640, 'A' => 640], Room::of($timetable));
        // With C due at 10 000 it is just in time, and what is before it has the gap.
        $timetable = self::timed(['A' => [1000, 0, 99_000], 'C' => [1000, 9000, 10_000]]);
        self::assertSame(['C' => 0, 'A' => 9000 - 180 - 1180], Room::of($timetable));
        // What is late leaves none before it.
        self::assertSame(['B' => 0, 'A' => 0], Room::of(self::timed(['A' => [1000, 0, 5000], 'B' => [1000, 0, 900]])));
        self::assertSame(70, Hours::of([[0, 50], [100, 150], [200, 250]])->worked(30, 201 - 1));
        self::assertSame(0, Hours::of([[0, 50]])->worked(50, 20));
    }

    #[Test]
    public function a_second_more_than_its_room_breaks_a_promise_and_its_room_breaks_none(): void
    {
        $checked = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $batches = [];
            for ($b = 1; $b <= 6; $b++) {
                $batches["B{$b}"] = [mt_rand(100, 900), mt_rand(0, 3) === 0 ? mt_rand(0, 6000) : 0, mt_rand(900, 9000)];
            }
            $now = self::timed($batches);
            foreach (Room::of($now) as $id => $room) {
                $longer = static fn(int $s): float => self::timed(
                    array_replace($batches, [$id => [$batches[$id][0] + $s, ...array_slice($batches[$id], 1)]]),
                )->totals->weightedLateMin;
                if ($room > 0) {
                    self::assertEqualsWithDelta($now->totals->weightedLateMin, $longer($room), 1e-9, "seed {$seed} {$id}");
                    self::assertGreaterThan($now->totals->weightedLateMin + 0.01, $longer($room + 1), "seed {$seed} {$id}");
                    $checked++;
                }
            }
        }
        self::assertGreaterThan(80, $checked);
    }

    /** @param array<string, array{int, int, int}> $batches id => seconds of its one load, ready, due; in order on one machine */
    private static function timed(array $batches): Timetable
    {
        $jobs = [];
        foreach ($batches as $id => [$seconds, $ready, $due]) {
            $sewing = new BatchSewing(['M1' => $seconds], 0, 0, 2);
            $jobs[] = new BatchJob($id, 1, $sewing, new Equipment(['t'], 'F'), new Promise($ready, $due));
        }
        $lane = new Lane('M1', 1, Rack::of(2, [1 => 't']), 'flat', 'F', Hours::of([[0, 1_000_000]]));
        $workload = new Workload(
            0,
            [$lane],
            [new FrameStock('F', 'flat', 4)],
            $jobs,
            new Changeover(180, 240, 150, []),
            Hands::always(2),
            new Weights(10, 1, 0),
        );

        return Timetable::of($workload, new Sequence(['M1' => array_keys($batches)]));
    }
}
