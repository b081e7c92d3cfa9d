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
use Hakama\Plan\Handwork;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class HandworkTest extends TestCase
{
    #[Test]
    public function a_machine_wants_hands_for_set_up_hooping_and_swapping_and_none_while_it_sews(): void
    {
        // Two pieces, one after the other in one frame: 180 s changeover; 60 hoop, 30 swap, 600 sew, twice.
        $work = self::work([
            new BatchJob(
                'a',
                2,
                new BatchSewing(['M' => 600], 60, 30, 1),
                new Equipment(['white'], 'F'),
                new Promise(0, 9999),
            ),
        ]);

        self::assertSame([[0, 270, 1], [870, 960, 1]], $work->steps);
        self::assertSame([360, 70, 0], [$work->seconds(0, 5000), $work->seconds(200, 860), $work->seconds(300, 800)]);
    }

    #[Test]
    public function with_two_frames_the_next_piece_is_hooped_while_one_sews(): void
    {
        // The second is hooped from 270 on, and only swapped at 870.
        self::assertSame(
            [[0, 330, 1], [870, 900, 1]],
            self::work([
                new BatchJob(
                    'a',
                    2,
                    new BatchSewing(['M' => 600], 60, 30, 2),
                    new Equipment(['white'], 'F'),
                    new Promise(0, 9999),
                ),
            ])->steps,
        );
        // Hooping that takes longer than sewing goes on while the machine waits.
        self::assertSame(
            [[0, 180 + 200 + 30 + 100 + 100 + 30, 1]],
            self::work([
                new BatchJob(
                    'a',
                    2,
                    new BatchSewing(['M' => 100], 200, 30, 2),
                    new Equipment(['white'], 'F'),
                    new Promise(0, 9999),
                ),
            ])->steps,
        );
    }

    #[Test]
    public function what_two_machines_want_at_once_is_more_than_one_person_has(): void
    {
        $work = self::work(
            [
                new BatchJob(
                    'a',
                    1,
                    new BatchSewing(['M' => 600], 60, 30, 1),
                    new Equipment(['white'], 'F'),
                    new Promise(0, 9999),
                ),
                new BatchJob(
                    'b',
                    1,
                    new BatchSewing(['N' => 600], 120, 30, 1),
                    new Equipment(['white'], 'F'),
                    new Promise(0, 9999),
                ),
            ],
            ['M', 'N'],
        );

        self::assertSame([[0, 270, 2], [270, 330, 1]], $work->steps);
        self::assertSame(
            [270, 0, 600],
            [
                $work->beyond(Hands::always(1), 0, 9999),
                $work->beyond(Hands::always(2), 0, 9999),
                $work->seconds(0, 9999),
            ],
        );
        // The second person is there from 100 on.
        self::assertSame(100, $work->beyond(Hands::of(1, 1, [[100, 9999, 1]]), 0, 9999));
        self::assertSame(50, $work->beyond(Hands::of(1, 1, [[100, 9999, 1]]), 50, 9999));
    }

    /**
     * @param list<BatchJob>  $batches
     * @param list<string> $machines
     */
    private static function work(array $batches, array $machines = ['M']): Handwork
    {
        $lanes = array_map(
            static fn(string $id): Lane => new Lane(
                $id,
                1,
                Rack::of(2, [1 => 'white']),
                'flat',
                'F',
                Hours::of([[0, 36000]]),
            ),
            $machines,
        );
        $workload = new Workload(
            0,
            $lanes,
            [new FrameStock('F', 'flat', 4)],
            $batches,
            new Changeover(180, 240, 150),
            Hands::always(4),
            Weights::of(HouseRules::of()),
        );
        $sequence = new Sequence([]);
        foreach ($batches as $batch) {
            $sequence = $sequence->appended((string) array_key_first($batch->sewing->sewS), $batch->id);
        }

        return Handwork::of(Timetable::of($workload, $sequence)->placed, $workload);
    }
}
