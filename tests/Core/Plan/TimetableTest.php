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
use Hakama\Plan\Dispatch;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Placed;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Wait;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class TimetableTest extends TestCase
{
    /** Eight in the morning, seconds of the day; tests count on from there. */
    private const EIGHT = 8 * 3600;

    /** @return list<array{int}> */
    public static function pricedCases(): array
    {
        return [[1], [2], [3]];
    }

    #[Test]
    #[DataProvider('pricedCases')]
    public function plans_priced_by_another_program_agree_to_the_second(int $case): void
    {
        $folder = __DIR__.'/../../fixtures/plans';
        $priced = json_decode((string) file_get_contents("{$folder}/case-{$case}.priced.json"), true);
        $timetable = Timetable::of(SharedCase::workload($case), SharedCase::sequence($case));

        self::assertCount(count($priced['placed']), $timetable->placed);
        foreach ($priced['placed'] as $true) {
            $placed = $timetable->find($true['batch']);
            self::assertNotNull($placed);
            self::assertSame($true['machine'], $placed->machine);
            self::assertSame(
                [$true['setup_start'], $true['start'], $true['end']],
                array_map(static fn(int $t): string => gmdate('Y-m-d\TH:i:s', $t), [
                    $placed->changeoverStart,
                    $placed->start(),
                    $placed->end(),
                ]),
            );
            self::assertEqualsWithDelta($true['setup_min'], $placed->changeoverS / 60, 1e-9);
            self::assertSame(
                [$true['thread_changes'], $true['driver_change'], $true['frame_change']],
                [count($placed->changes->cones->load), $placed->changes->driver, $placed->changes->frame],
            );
            self::assertEqualsWithDelta($true['late_min'], $placed->lateS() / 60, 0.001);
        }
        self::assertEqualsWithDelta($priced['totals']['cost'], $timetable->totals->cost, 0.0015);
        self::assertEqualsWithDelta($priced['totals']['flow_min'], $timetable->totals->flowMin, 0.001);
        self::assertSame($priced['totals']['driver_changes'], $timetable->totals->driverChanges);
    }

    #[Test]
    public function a_set_up_is_what_differs_from_what_stands_there(): void
    {
        $workload = self::workload([self::batch('a'), self::batch('b', frame: 'cap', threads: ['white', 'red'])]);
        $timetable = Timetable::of($workload, new Sequence(['M' => ['a', 'b']]));

        // a: 3 min to load. b: 3 + frame 4 + driver 15 + one thread 2.5.
        self::assertSame(
            [180, (int) (24.5 * 60)],
            array_map(static fn(Placed $p): int => $p->changeoverS, $timetable->on('M')),
        );
        self::assertSame(self::EIGHT + 180, $timetable->find('a')?->start());
    }

    #[Test]
    public function needles_of_another_size_or_point_are_exchanged_for_every_thread_that_is_sewn(): void
    {
        $batch = static fn(string $id, string $needle): BatchJob => new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 600], 60, 30, 1),
            new Equipment(['white', 'navy', 'white'], 'flat', needle: $needle),
            new Promise(0, 999999),
        );
        $lane = new Lane(
            'M',
            2,
            Rack::of(4, [1 => 'white', 2 => 'navy']),
            'flat',
            'flat',
            Hours::of([[self::EIGHT, self::EIGHT + 36000]]),
            fitted: array_fill(1, 4, '75/11 sharp'),
        );
        $workload = new Workload(
            self::EIGHT,
            [$lane],
            [new FrameStock('flat', 'flat', 4)],
            [$batch('a', '75/11 sharp'), $batch('b', '75/11 ballpoint'), $batch('c', ''), $batch('d', '80/12 sharp')],
            new Changeover(180, 240, 150, needleS: 90),
            Hands::always(1),
            Weights::of(HouseRules::of()),
        );
        $timetable = Timetable::of($workload, new Sequence(['M' => ['a', 'b', 'c', 'd']]));

        // Two threads on two heads, a minute and a half each; where any needle does, nobody knows what is fitted
        // after it.
        self::assertSame(
            [0, 2, 0, 0],
            array_map(static fn(Placed $p): int => $p->changes->needles, $timetable->placed),
        );
        self::assertSame(
            [180, 180 + 2 * 2 * 90, 180, 180],
            array_map(static fn(Placed $p): int => $p->changeoverS, $timetable->placed),
        );
    }

    #[Test]
    public function where_a_person_goes_a_batch_that_would_run_on_waits_until_one_comes_back(): void
    {
        // Two persons tend one machine each; from 9:00 to 11:00 one of them is away.
        $away = static fn(int $from, int $to): Hands => Hands::of(2, 1, [[$from * 3600, $to * 3600, -1]]);
        $workload = self::workload([self::batch('a'), self::batch('b')], machines: ['M', 'N'], hands: $away(9, 11));
        $sequence = new Sequence(['M' => ['a'], 'N' => ['b']]);
        $alone = Timetable::of(
            self::workload([self::batch('a')], machines: ['M', 'N'], hands: $away(9, 11)),
            new Sequence(['M' => ['a'], 'N' => []]),
        );

        // One load of 690 s after 180 s of changeover is over before nine: both start at once.
        self::assertSame(
            [self::EIGHT, self::EIGHT],
            array_map(static fn(Placed $p): int => $p->changeoverStart, Timetable::of($workload, $sequence)->placed),
        );
        // Somebody is there for one machine all day.
        self::assertSame(self::EIGHT, $alone->find('a')?->changeoverStart);

        // From 8:10 on the second would still run when the person goes: it begins when the first one has ended.
        $timetable = Timetable::of(
            self::workload(
                [self::batch('a'), self::batch('b')],
                machines: ['M', 'N'],
                hands: Hands::of(2, 1, [[self::EIGHT + 600, 11 * 3600, -1]]),
            ),
            $sequence,
        );
        self::assertSame([self::EIGHT, null], [$timetable->find('a')?->changeoverStart, $timetable->find('a')?->wait]);
        self::assertSame(
            [$timetable->find('a')?->end(), Wait::Hands],
            [$timetable->find('b')?->changeoverStart, $timetable->find('b')?->wait],
        );
    }

    #[Test]
    public function where_the_same_design_goes_on_in_the_same_frame_nothing_is_loaded_and_traced(): void
    {
        $batch = static fn(string $id, string $design, string $frame = 'flat'): BatchJob => new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 600], 60, 30, 1),
            new Equipment(['white'], $frame, design: $design),
            new Promise(0, 999999),
        );
        $lane = new Lane(
            'M',
            1,
            Rack::of(4, [1 => 'white']),
            'flat',
            'flat',
            Hours::of([[self::EIGHT, self::EIGHT + 36000]]),
        );
        $workload = new Workload(
            self::EIGHT,
            [$lane],
            [new FrameStock('flat', 'flat', 4), new FrameStock('wide', 'flat', 4)],
            [
                $batch('a', 'loaf'),
                $batch('b', 'loaf'),
                $batch('c', 'loaf', 'wide'),
                $batch('d', 'bell', 'wide'),
                $batch('e', ''),
                $batch('f', ''),
            ],
            new Changeover(180, 240, 150, againS: 60),
            Hands::always(1),
            Weights::of(HouseRules::of()),
        );
        $timetable = Timetable::of($workload, new Sequence(['M' => ['a', 'b', 'c', 'd', 'e', 'f']]));

        // The second goes on; another frame is traced anew, and what nobody knows is too.
        self::assertSame(
            [180, 60, 180 + 240, 180, 180 + 240, 180],
            array_map(static fn(Placed $p): int => $p->changeoverS, $timetable->placed),
        );
        self::assertSame(
            [false, true, false, false, false, false],
            array_map(static fn(Placed $p): bool => $p->changes->goesOn, $timetable->placed),
        );
        self::assertEqualsWithDelta(
            (5 * 180 + 60 + 240) / 60,
            Bound::of($workload)->changeoverMin,
            1e-9,
            'one of the two loaves goes on at best, and the wide frame is put on once',
        );
    }

    #[Test]
    public function what_stands_on_its_machine_already_needs_no_set_up(): void
    {
        $running = new BatchJob(
            'a',
            2,
            new BatchSewing(['M' => 600], 60, 30, 1),
            new Equipment(['white'], 'flat'),
            new Promise(0, 99999),
            alreadySetUp: true,
        );
        $timetable = Timetable::of(self::workload([$running]), new Sequence(['M' => ['a']]));

        self::assertSame(
            [0, self::EIGHT, self::EIGHT + 2 * 690],
            [$timetable->placed[0]->changeoverS, $timetable->placed[0]->start(), $timetable->placed[0]->end()],
        );
    }

    #[Test]
    public function neither_a_set_up_nor_a_load_is_split_over_the_break(): void
    {
        // Loads of 60 min from 8:03; the fourth would end 12:03 and goes to after the break.
        $timetable = Timetable::of(
            self::workload([self::batch('a', pieces: 4, sewS: 3600 - 90)]),
            new Sequence(['M' => ['a']]),
        );
        $loads = $timetable->placed[0]->loads;

        self::assertSame(11 * 3600 + 180, $loads[2][1]);
        self::assertSame(12 * 3600 + 1800, $loads[3][0]);
    }

    #[Test]
    public function nothing_is_sewn_before_the_blanks_are_in_but_the_set_up_may_be_done(): void
    {
        $timetable = Timetable::of(
            self::workload([self::batch('a', readyAt: 10 * 3600)]),
            new Sequence(['M' => ['a']]),
        );

        self::assertSame(
            [self::EIGHT, 10 * 3600],
            [$timetable->placed[0]->changeoverStart, $timetable->placed[0]->start()],
        );
    }

    #[Test]
    public function two_machines_that_share_one_set_of_frames_take_turns(): void
    {
        $workload = self::workload([self::batch('a'), self::batch('b')], machines: ['M', 'N'], frames: 1);
        $timetable = Timetable::of($workload, new Sequence(['M' => ['a'], 'N' => ['b']]));

        self::assertSame($timetable->find('a')?->end(), $timetable->find('b')?->changeoverStart);
        self::assertSame([null, Wait::Frames], [$timetable->find('a')->wait, $timetable->find('b')->wait]);
    }

    #[Test]
    public function one_pair_of_hands_tends_one_machine_at_a_time(): void
    {
        $workload = self::workload([self::batch('a'), self::batch('b')], machines: ['M', 'N'], hands: 1);
        $timetable = Timetable::of($workload, new Sequence(['M' => ['a'], 'N' => ['b']]));

        self::assertSame($timetable->find('a')?->end(), $timetable->find('b')?->changeoverStart);
        self::assertSame(Wait::Hands, $timetable->find('b')?->wait);
        self::assertStringContainsString('waits for people', Said::of(Wait::Hands->words('flat')));
        self::assertStringContainsString('waits for frames flat', Said::of(Wait::Frames->words('flat')));
    }

    #[Test]
    public function what_finds_no_place_is_named_with_its_reason_and_the_rest_goes_on(): void
    {
        $workload = self::workload([
            self::batch('long', sewS: 9 * 3600),
            self::batch('a'),
            self::batch('wide', threads: ['1', '2', '3', '4', '5']),
        ]);
        $timetable = Timetable::of($workload, new Sequence(['M' => ['long', 'a', 'wide']]));

        self::assertSame(['a'], array_map(static fn(Placed $p): string => $p->batch->id, $timetable->placed));
        self::assertSame(['wide', 'long'], array_column($timetable->unplaced, 'batch'));
        self::assertStringContainsString(
            '5 threads do not fit on the needles of M',
            Said::of($timetable->unplaced[0]->reason),
        );
        self::assertStringContainsString(
            'no shift in this plan is long enough',
            Said::of($timetable->unplaced[1]->reason),
        );
    }

    #[Test]
    public function lateness_is_counted_on_the_clock_and_priced(): void
    {
        $workload = self::workload([self::batch('a', dueAt: self::EIGHT)]);
        $timetable = Timetable::of($workload, new Sequence(['M' => ['a']]));
        $minutes = (180 + 690) / 60;

        self::assertSame(1, $timetable->totals->lateBatches);
        self::assertEqualsWithDelta(10 * $minutes + 3 + 0.01 * $minutes, $timetable->totals->cost, 1e-9);
    }

    #[Test]
    public function by_due_time_the_most_urgent_batch_comes_first_and_what_stands_stays(): void
    {
        $workload = self::workload([
            self::batch('late', dueAt: 90000),
            self::batch('soon', dueAt: 40000),
            self::batch('standing', dueAt: 99000),
        ]);

        self::assertSame(
            ['standing', 'soon', 'late'],
            Dispatch::byDue($workload, new Sequence(['M' => ['standing']]))->on('M'),
        );
        self::assertSame(['late', 'soon', 'standing'], Dispatch::asBooked($workload)->on('M'));
    }

    #[Test]
    public function moving_a_batch_loses_and_doubles_none(): void
    {
        $sequence = new Sequence(['M' => ['a', 'b', 'c'], 'N' => ['d']]);

        self::assertSame(['M' => ['c', 'a', 'b'], 'N' => ['d']], $sequence->moved('c', 'M', 0)->batches);
        self::assertSame(['M' => ['a', 'c'], 'N' => ['d', 'b']], $sequence->moved('b', 'N', 99)->batches);
        self::assertSame(['M' => ['b', 'a', 'c'], 'N' => ['d']], $sequence->moved('a', 'M', 1)->batches);
    }

    #[Test]
    public function batches_of_random_plans_never_overlap_on_a_machine(): void
    {
        mt_srand(9);
        for ($round = 0; $round < 25; $round++) {
            $batches = [];
            for ($i = 0; $i < 8; $i++) {
                $batches[] = self::batch(
                    "b{$i}",
                    pieces: mt_rand(1, 6),
                    sewS: mt_rand(100, 1500),
                    frame: mt_rand(0, 1) === 0 ? 'flat' : 'cap',
                    threads: ['t'.mt_rand(0, 5), 't'.mt_rand(0, 5)],
                    readyAt: self::EIGHT + mt_rand(0, 7200),
                );
            }
            $workload = self::workload($batches, machines: ['M', 'N'], frames: mt_rand(1, 3), hands: mt_rand(1, 2));
            $timetable = Timetable::of($workload, Dispatch::asBooked($workload));
            self::assertCount(8, [...$timetable->placed, ...$timetable->unplaced]);
            foreach (['M', 'N'] as $machine) {
                $end = 0;
                foreach ($timetable->on($machine) as $placed) {
                    self::assertGreaterThanOrEqual($end, $placed->changeoverStart);
                    self::assertGreaterThanOrEqual($placed->batch->promise->readyAt, $placed->start());
                    $end = $placed->end();
                }
            }
        }
    }

    /** @param non-empty-list<string> $threads */
    private static function batch(
        string $id,
        int $pieces = 1,
        int $sewS = 600,
        string $frame = 'flat',
        array $threads = ['white'],
        int $readyAt = 0,
        int $dueAt = 999999,
    ): BatchJob {
        return new BatchJob(
            $id,
            $pieces,
            new BatchSewing(['M' => $sewS, 'N' => $sewS], 60, 30, 1),
            new Equipment($threads, $frame),
            new Promise($readyAt, $dueAt),
        );
    }

    /**
     * @param list<BatchJob>  $batches
     * @param list<string> $machines
     */
    private static function workload(
        array $batches,
        array $machines = ['M'],
        int $frames = 4,
        Hands|int $hands = 4,
    ): Workload {
        $hours = [];
        for ($day = 0; $day < 4; $day++) {
            $hours[] = [$day * 86400 + self::EIGHT, $day * 86400 + 12 * 3600];
            $hours[] = [$day * 86400 + 12 * 3600 + 1800, $day * 86400 + 17 * 3600];
        }

        return new Workload(
            self::EIGHT,
            array_map(
                static fn(string $id): Lane => new Lane(
                    $id,
                    1,
                    Rack::of(4, [1 => 'white', 2 => 'navy', 3 => 'grey', 4 => 'green']),
                    'flat',
                    'flat',
                    Hours::of($hours),
                ),
                $machines,
            ),
            [new FrameStock('flat', 'flat', $frames), new FrameStock('cap', 'cap', $frames)],
            $batches,
            new Changeover(180, 240, 150, ['flat>cap' => 900, 'cap>flat' => 720]),
            is_int($hands) ? Hands::always($hands) : $hands,
            Weights::of(HouseRules::of()),
        );
    }

    #[Test]
    public function where_people_come_and_go_no_frame_is_in_two_places_and_nothing_starts_before_what_came_first(): void
    {
        // 35, 46 and 170 are shops in which a batch was once put beside another that held its frame.
        foreach ([35, 46, 170, ...range(200, 260)] as $seed) {
            mt_srand($seed);
            $workload = RandomWorkload::of(
                mt_rand(3, 14),
                mt_rand(1, 4),
                hands: mt_rand(1, 4),
                fine: $seed % 2 === 0,
                goes: true,
            );
            foreach ([Dispatch::byDue($workload), Dispatch::asBooked($workload)] as $sequence) {
                $placed = Timetable::of($workload, $sequence)->placed;
                foreach ($placed as $i => $one) {
                    self::assertGreaterThanOrEqual(
                        $placed[max(0, $i - 1)]->changeoverStart,
                        $one->changeoverStart,
                        "seed {$seed}",
                    );
                    $held = 0;
                    foreach ($placed as $other) {
                        if (
                            $other->batch->equipment->frame === $one->batch->equipment->frame
                            && $other->changeoverStart <= $one->changeoverStart
                            && $other->end() > $one->changeoverStart
                        ) {
                            $held += $workload->lanes[$other->machine]->heads * $other->batch->sewing->framesPerHead;
                        }
                    }
                    self::assertLessThanOrEqual(
                        $workload->frames[$one->batch->equipment->frame]->count,
                        $held,
                        "seed {$seed}, {$one->batch->id}",
                    );
                }
            }
        }
    }
}
