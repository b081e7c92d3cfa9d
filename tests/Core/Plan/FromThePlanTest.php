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
use Hakama\Plan\Lane;
use Hakama\Plan\Placed;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Takeover;
use Hakama\Plan\ThreadWanted;
use Hakama\Plan\Timetable;
use Hakama\Plan\Walk;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use Hakama\Thread\ThreadUse;
use Hakama\Thread\ThreadUseRules;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * What follows from a plan: thread by day, walks to the shelf, and a found plan taken over. One machine of two heads,
 * eight hours a day from midnight; a load takes 4000 s, a changeover 180 s and 30 s a cone.
 */
final class FromThePlanTest extends TestCase
{
    private const DAY = 86400;

    #[Test]
    public function a_batch_that_goes_on_the_next_day_wants_its_thread_on_both(): void
    {
        // Eight hours hold 28 800 s: after the changeover seven loads of 4000 s. Nine loads carry 17 pieces.
        $timetable = Timetable::of(self::workload(self::batch('a', 17, ['ink'])), new Sequence(['M' => ['a']]));
        // A hand-made rule: 1 mm a mm and 2 mm a stitch, no waste: 1000 mm and 500 stitches are 2 m; bobbin a third.
        $use = ThreadUse::of(1000.0, 500, new ThreadUseRules(1.0, 2.0, 1 / 3, 2 / 3, 0.0));

        $wanted = ThreadWanted::of($timetable, ['a' => [$use]], ['a' => 1001], ['ink' => 30.0], 5.0);

        self::assertEqualsWithDelta(
            ['1970-01-01' => ['ink' => 28.0], '1970-01-02' => ['ink' => 6.0]],
            $wanted->byDay,
            1e-9,
        );
        self::assertEqualsWithDelta([1001 => ['ink' => 34.0]], $wanted->byOrder, 1e-9);
        self::assertEqualsWithDelta(['ink' => -4.0], $wanted->forecast->left, 1e-9);
        // 14 × 2/3 m and 3 × 2/3 m from bobbins of 5 m.
        self::assertSame(
            [2, 1, 3],
            [$wanted->bobbins('1970-01-01'), $wanted->bobbins('1970-01-02'), $wanted->bobbinsInAll()],
        );
    }

    #[Test]
    public function what_has_no_place_is_wanted_after_every_day(): void
    {
        $workload = self::workload(self::batch('a', 2, ['ink']), self::batch('b', 3, ['ink']));
        $use = ThreadUse::of(1000.0, 0, new ThreadUseRules(1.0, 0.0, 0.3, 0.0, 0.0));
        $wanted = ThreadWanted::of(
            Timetable::of($workload, new Sequence(['M' => ['a']])),
            ['a' => [$use], 'b' => [$use]],
            ['a' => 1001, 'b' => 1002],
            [],
            5.0,
        );

        self::assertSame(['1970-01-01', ThreadWanted::NOT_PLANNED], array_keys($wanted->byDay));
        self::assertEqualsWithDelta(3.0, $wanted->byDay[ThreadWanted::NOT_PLANNED]['ink'], 1e-9);
    }

    #[Test]
    public function cones_of_one_hour_are_fetched_in_one_walk_in_the_order_of_the_shelf(): void
    {
        // One load each, of 4000 s: the third changeover begins in the third hour.
        $timetable = Timetable::of(
            self::workload(
                self::batch('a', 1, ['ink', 'wick'], 900),
                self::batch('b', 1, ['moss'], 900),
                self::batch('c', 1, ['rust', 'ink'], 9000),
            ),
            new Sequence(['M' => ['a', 'b', 'c']]),
        );
        $walks = Walk::all($timetable, ['ink' => 'B2', 'wick' => 'A1', 'moss' => 'A2', 'rust' => 'C1'], self::DAY);

        self::assertSame(
            [[0, ['a', 'b', 'c'], ['wick' => 2, 'moss' => 2, 'ink' => 2, 'rust' => 2]]],
            array_map(
                static fn(Walk $walk): array => [
                    $walk->hour,
                    array_map(static fn(Placed $one): string => $one->batch->id, $walk->changeovers),
                    $walk->fetch,
                ],
                $walks,
            ),
            'two heads want two cones of each thread, and ink is on the machine when c comes',
        );
        self::assertSame(8, $walks[0]->cones());
        self::assertSame([], Walk::all($timetable, [], 0), 'what begins later is not fetched yet');
    }

    #[Test]
    public function a_plan_taken_whole_leaves_what_runs_first_and_gives_what_has_come_since_a_place(): void
    {
        $workload = self::workload(
            self::batch('runs', 2, ['ink']),
            self::batch('a', 2, ['ink']),
            self::batch('b', 2, ['ink']),
            self::batch('new', 2, ['ink']),
        );
        $takeover = new Takeover($workload, new Sequence(['M' => ['runs', 'a', 'b', 'new']]), ['runs']);

        $whole = $takeover->whole(new Sequence(['M' => ['b', 'done', 'runs', 'a']]));

        self::assertSame(['runs', 'b', 'a'], array_values(array_diff($whole->on('M'), ['new'])));
        self::assertContains('new', $whole->on('M'));
        self::assertNotContains('done', $whole->on('M'));
    }

    #[Test]
    public function a_plan_taken_in_part_moves_only_what_was_ticked_and_nothing_before_what_runs(): void
    {
        $workload = self::workload(
            ...array_map(static fn(string $id): BatchJob => self::batch($id, 2, ['ink']), ['runs', 'a', 'b', 'c']),
        );
        $takeover = new Takeover($workload, new Sequence(['M' => ['runs', 'a', 'b', 'c']]), ['runs']);
        $found = new Sequence(['M' => ['c', 'b', 'a', 'runs']]);

        self::assertSame(['runs', 'c', 'a', 'b'], $takeover->partly($found, ['c'])->on('M'));
        self::assertSame(['runs', 'a', 'b', 'c'], $takeover->partly($found, [])->on('M'));
        self::assertSame(['runs', 'a', 'b', 'c'], $takeover->partly($found, ['runs', 'done'])->on('M'));
    }

    /** @param list<string> $threads */
    private static function batch(string $id, int $pieces, array $threads, int $sewS = 4000): BatchJob
    {
        return new BatchJob(
            $id,
            $pieces,
            new BatchSewing(['M' => $sewS], 0, 0, 2),
            new Equipment($threads, 'F'),
            new Promise(0, 9 * self::DAY),
        );
    }

    private static function workload(BatchJob ...$batches): Workload
    {
        $days = array_map(static fn(int $day): array => [$day * self::DAY, $day * self::DAY + 8 * 3600], range(0, 9));

        return new Workload(
            0,
            [new Lane('M', 2, Rack::of(6), 'flat', 'F', Hours::of($days))],
            [new FrameStock('F', 'flat', 9)],
            array_values($batches),
            new Changeover(180, 240, 30),
            Hands::always(4),
            Weights::of(HouseRules::of()),
        );
    }
}
