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
use Hakama\Plan\Newcomers;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Odds\Spread;
use Hakama\Plan\Option;
use Hakama\Plan\Options;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Soonest;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\WhatIf;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class OptionsTest extends TestCase
{
    private const EIGHT = 28800;

    #[Test]
    public function new_work_is_put_behind_what_stands_the_longest_first(): void
    {
        // 3 min to load and 60 of sewing each: a until 63; then long, 3 and 120, until 186, then short until 249.
        $long = new BatchJob(
            'long',
            2,
            new BatchSewing(['M' => 3600], 0, 0, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, 0),
        );
        $workload = self::workload([self::batch('a', 75)]);
        $new = Newcomers::in($workload, new Sequence(['M' => ['a']]), [self::batch('short', 60), $long]);
        self::assertSame(['long', 'short'], $new->ids);
        self::assertSame([], $new->left);
        self::assertSame(
            [63, 186, 249],
            array_map(static fn(string $id): int => intdiv((int) $new->plan->find($id)?->end() - self::EIGHT, 60), [
                'a',
                'long',
                'short',
            ]),
        );
        $odds = Odds::of($new->plan, new Spread(0, 0, 0), 1, orders: ['these' => $new->ids])->orders['these'];
        self::assertSame(self::EIGHT + 249 * 60, $odds->endP50, 'both are done when the last of them is');
        $nowhere = new BatchJob(
            'x',
            1,
            new BatchSewing(['N' => 60], 0, 0, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, 0),
        );
        self::assertSame(['x'], Newcomers::in($workload, new Sequence(['M' => ['a']]), [$nowhere])->left);
    }

    #[Test]
    public function a_rush_is_put_in_front_behind_or_where_no_promise_is_broken(): void
    {
        // Each takes 3 min to load and an hour to sew. a is due after an hour and a quarter, b after three and a half.
        $workload = self::workload([self::batch('a', 75), self::batch('b', 210), self::batch('rush', 60)]);
        $soonest = Soonest::of(Timetable::of($workload, new Sequence(['M' => ['a', 'b']])), 'rush');
        $minutes = static fn(?Option $option): ?float => $option === null ? null : ($option->end - self::EIGHT) / 60;

        self::assertSame(
            [63.0, 126.0, 189.0],
            [
                $minutes($soonest->atAll),
                $minutes($soonest->keeping),
                $minutes($soonest->behind),
            ],
        );
        self::assertSame(['a'], $soonest->atAll?->others->late, 'a then ends after 126 minutes, b after 189');
        self::assertSame(
            [0, 3780],
            [
                $soonest->keeping?->others->later['a'] ?? 0,
                $soonest->keeping?->others->later['b'] ?? 0,
            ],
        );
        self::assertNull(
            Options::of(Timetable::of($workload, new Sequence(['M' => ['a', 'b']])), 'rush')->current,
            'it stands nowhere yet',
        );
    }

    #[Test]
    public function the_soonest_is_what_is_found_among_all_places_each_timed_for_itself(): void
    {
        $timed = $places = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $workload = RandomWorkload::of(4 + $seed % 9, 2 + $seed % 3, 1 + $seed % 3, $seed % 5 === 0, $seed % 4 === 0, $seed % 7 === 0);
            $sequence = Dispatch::asBooked($workload);
            $batch = array_keys($workload->batches)[$seed % count($workload->batches)];
            // Half of them stand somewhere, half are asked for.
            $now = Timetable::of($workload, $seed % 2 === 0 ? $sequence : $sequence->without($batch));
            $all = Options::of($now, $batch)->all;
            $soonest = Soonest::of($now, $batch);
            foreach (
                [
                    [$soonest->atAll, static fn(Option $one): bool => true],
                    [$soonest->keeping, static fn(Option $one): bool => $one->others->late === []],
                    [$soonest->behind, static fn(Option $one): bool => $one->others->pushesNobody()],
                ] as [$found, $holds]
            ) {
                $ends = array_map(
                    static fn(Option $one): array => [$one->end, $one->costMore],
                    array_values(array_filter($all, $holds)),
                );
                self::assertEquals(
                    $ends === [] ? null : min($ends),
                    $found === null ? null : [$found->end, $found->costMore],
                    "seed {$seed}",
                );
            }
            $timed += $soonest->timed;
            $places += count($all);
        }
        self::assertLessThan($places / 2, $timed);
    }

    #[Test]
    public function a_batch_is_where_it_is_because_the_next_best_place_costs_more(): void
    {
        $workload = self::workload([self::batch('a', 75), self::batch('b', 180)]);
        $options = Options::of(Timetable::of($workload, new Sequence(['M' => ['a', 'b']])), 'b');

        self::assertSame(
            ['M', 1, 0.0],
            [$options->current?->machine, $options->current?->rank, $options->current?->costMore],
        );
        self::assertSame(0, $options->nextBest()?->rank);
        // In front a ends after 126 minutes, 51 late at ten a minute; all else is the same.
        self::assertEqualsWithDelta(510.0, $options->nextBest()->costMore, 1e-9);
        self::assertSame($options->current, $options->all[0]);
        $few = Options::of(Timetable::of($workload, new Sequence(['M' => ['a', 'b']])), 'b', 1);
        self::assertCount(2, $few->all, 'the one it has and the cheapest beside it');
        self::assertEquals([$options->current, $options->nextBest()], [$few->current, $few->nextBest()]);
    }

    #[Test]
    public function a_move_says_who_ends_later_who_becomes_late_and_who_is_saved(): void
    {
        $workload = self::workload([self::batch('a', 200), self::batch('b', 70)]);
        $move = Options::move(Timetable::of($workload, new Sequence(['M' => ['a', 'b']])), 'b', 'M', 0);

        self::assertNotNull($move);
        self::assertSame([self::EIGHT + 3780, 0], [$move->end, $move->lateS]);
        self::assertSame(['a' => 3780], $move->others->later);
        self::assertSame([[], []], [$move->others->late, $move->others->saved]);
        $back = Options::move(Timetable::of($workload, new Sequence(['M' => ['b', 'a']])), 'a', 'M', 0);
        self::assertSame(['b'], $back?->others->late);
        self::assertSame(
            ['b'],
            Options::move(Timetable::of($workload, new Sequence(['M' => ['a', 'b']])), 'a', 'M', 1)?->others->saved,
        );
    }

    #[Test]
    public function nothing_goes_before_what_runs_and_a_machine_that_cannot_is_no_option(): void
    {
        $running = new BatchJob(
            'a',
            1,
            new BatchSewing(['M' => 3600], 0, 0, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, 99999999),
            alreadySetUp: true,
        );
        $workload = self::workload([$running, self::batch('b', 500)], machines: ['M', 'N']);
        $places = array_map(
            static fn(Option $option): string => "{$option->machine}{$option->rank}",
            Options::of(Timetable::of($workload, new Sequence(['M' => ['a']])), 'b')->all,
        );

        self::assertSame(['M1'], $places, 'N is not named in its run times');
        self::assertNull(Options::move(Timetable::of($workload, new Sequence(['M' => ['a', 'b']])), 'b', 'N', 0));
    }

    #[Test]
    public function what_if_a_machine_is_down_a_helper_comes_or_frames_are_bought(): void
    {
        $workload = self::workload([self::batch('a', 500)]);
        $end = static fn(Workload $of): int => (int) Timetable::of($of, new Sequence(['M' => ['a']]))
            ->find('a')
            ?->end();
        self::assertSame(self::EIGHT + 3780, $end($workload));
        self::assertSame(self::EIGHT + 7200 + 3780, $end((new WhatIf(['M' => self::EIGHT + 7200]))->of($workload)));
        $other = (new WhatIf(hands: 2, frames: ['F' => -1]))->of($workload);
        self::assertSame([$workload->hands->most() + 2, 3], [$other->hands->most(), $other->frames['F']->count]);
        self::assertSame(
            [0, 1],
            [
                (new WhatIf(frames: ['F' => -9]))->of($workload)->frames['F']->count,
                (new WhatIf(hands: -99))->of($workload)->hands->most(),
            ],
        );
    }

    #[Test]
    public function what_has_the_same_design_may_be_run_right_behind_it(): void
    {
        $of = static fn(string $id, string $design): BatchJob => new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 600, 'N' => 600], 0, 0, 1),
            new Equipment(['white'], 'F', design: $design),
            new Promise(0, 999999),
        );
        $workload = self::workload(
            [$of('a', 'loaf'), $of('b', 'bell'), $of('c', 'loaf'), $of('d', 'loaf'), $of('e', '')],
            ['M', 'N'],
        );
        $sequence = new Sequence(['M' => ['a', 'b', 'c'], 'N' => ['d', 'e']]);
        $places = static fn(string $batch, int $most = 9): array => array_map(
            static fn(Option $one): array => [$one->machine, $one->rank, $one->after()],
            Options::together(Timetable::of($workload, $sequence), $batch, $most),
        );

        self::assertSame([['M', 1, 'a'], ['N', 1, 'd']], $places('c'));
        self::assertSame([['M', 1, 'a']], $places('c', 1));
        self::assertSame([['M', 1, 'a'], ['M', 3, 'c']], $places('d'));
        self::assertSame([[], []], [$places('b'), $places('e')], 'no other has its design, or nobody knows it');
        $behind = new Sequence(['M' => ['a', 'c', 'b'], 'N' => ['d']]);
        self::assertSame(
            ['d'],
            array_map(static fn(Option $one): ?string => $one->after(), Options::together(Timetable::of($workload, $behind), 'c', 9)),
            'behind a it is already',
        );
    }

    #[Test]
    public function hours_lose_what_is_cut_out_of_them(): void
    {
        $hours = Hours::of([[0, 100], [200, 300]]);

        self::assertSame([[0, 50], [250, 300]], $hours->without(50, 250)->spans);
        self::assertSame([[0, 20], [30, 100], [200, 300]], $hours->without(20, 30)->spans);
        self::assertSame($hours->spans, $hours->without(120, 180)->spans);
        self::assertSame($hours->spans, $hours->without(50, 50)->spans);
        self::assertSame([], $hours->without(-10, 1000)->spans);
    }

    #[Test]
    public function a_batch_follows_another_plan_as_near_as_it_can(): void
    {
        $here = new Sequence(['M' => ['a', 'b', 'c'], 'N' => ['d']]);
        $there = new Sequence(['M' => ['c', 'a'], 'N' => ['x', 'd', 'b']]);

        self::assertSame(['M' => ['a', 'c'], 'N' => ['d', 'b']], $here->following($there, 'b')->batches);
        self::assertSame(['M' => ['c', 'a', 'b'], 'N' => ['d']], $here->following($there, 'c')->batches);
        self::assertSame($here->batches, $here->following($there, 'nobody')->batches);
    }

    #[Test]
    public function what_keeps_its_machine_and_its_order_stays_and_the_rest_moves(): void
    {
        $here = new Sequence(['M' => ['a', 'b', 'c', 'd'], 'N' => ['e']]);
        $there = new Sequence(['M' => ['b', 'c', 'a'], 'N' => ['d', 'e']]);

        self::assertSame(['b', 'c', 'e'], array_keys($here->staying($there)));
        self::assertSame(['a', 'b', 'c', 'd', 'e'], array_keys($here->staying($here)));
        self::assertSame([], $here->staying(new Sequence([])));
    }

    private static function batch(string $id, int $dueMin): BatchJob
    {
        return new BatchJob(
            $id,
            1,
            new BatchSewing(['M' => 3600], 0, 0, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, self::EIGHT + 60 * $dueMin),
        );
    }

    /**
     * @param list<BatchJob>  $batches
     * @param list<string> $machines
     */
    private static function workload(array $batches, array $machines = ['M']): Workload
    {
        return new Workload(
            self::EIGHT,
            array_map(
                static fn(string $id): Lane => new Lane(
                    $id,
                    1,
                    Rack::of(2, [1 => 'white']),
                    'flat',
                    'F',
                    Hours::of([[self::EIGHT, self::EIGHT + 36000]]),
                ),
                $machines,
            ),
            [new FrameStock('F', 'flat', 4)],
            $batches,
            new Changeover(180, 240, 150),
            Hands::always(3),
            Weights::of(HouseRules::of()),
        );
    }
}
