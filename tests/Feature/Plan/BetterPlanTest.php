<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Floor\Actions\AppendEvent;
use App\Floor\Models\FloorEvent;
use App\Foundation\Clock\ShopClock;
use App\Orders\Models\Piece;
use App\Plan\Jobs\FindPlan;
use App\Plan\Models\PlanChange;
use App\Plan\Models\Proposal;
use App\Plan\OpenBatch;
use App\Plan\Queries\Comparison;
use App\Plan\Queries\PayingSplit;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Plan\WhatIfForm;
use App\Shop\Figure;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Database\Factories\OrderFactory;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\PieceState;
use Hakama\House\HouseRule;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\WhatIf;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Proposals, what-ifs, questions, fixed and split batches, undo. */
final class BetterPlanTest extends FeatureTestCase
{
    #[Test]
    public function a_better_plan_is_proposed_beside_the_one_in_force_and_taken_whole_and_undone(): void
    {
        $before = self::board()->sequence()->batches;
        $proposal = $this->proposed();
        self::assertSame($before, self::board()->sequence()->batches, 'nothing is changed by looking');
        self::assertSame(['ready', 1500], [$proposal->state, $proposal->done]);
        self::assertLessThan($proposal->start_cost, $proposal->cost);
        self::assertLessThanOrEqual($proposal->cost, $proposal->bound);
        $this->get("/plan/proposals/{$proposal->id}")
            ->assertOk()
            ->assertSee('In order of arrival')
            ->assertSee('Use this plan')
            ->assertSee(' of changeover')
            ->assertSee('could still be saved')
            ->assertDontSee('Proven');
        $bound = $proposal->bound;
        $proposal->update(['bound' => $proposal->cost]);
        $this->get("/plan/proposals/{$proposal->id}")->assertSee('Proven: no plan costs less.');
        $proposal->update(['bound' => $bound]);

        $this->post("/plan/proposals/{$proposal->id}/take", ['whole' => 1, 'version' => PlanBoard::version()])
            ->assertRedirect('/plan')
            ->assertSessionHas('done');
        $board = self::board();
        self::assertEqualsWithDelta($proposal->cost, $board->timetable()->totals->cost, 1e-6);
        self::assertEqualsCanonicalizing(
            array_merge(...array_values($before)),
            array_merge(...array_values($board->sequence()->batches)),
            'no batch is lost or doubled',
        );
        $this->post("/plan/proposals/{$proposal->id}/take", [
            'whole' => 1,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('problem');

        $this->post('/plan/undo', ['version' => PlanBoard::version()])
            ->assertSessionMissing('problem')
            ->assertSessionHas('done', static fn(?string $text): bool => str_contains((string) $text, 'proposal used'));
        self::assertEquals(new Sequence($before), self::board()->sequence());
        $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionHas(
            'problem',
            static fn(string $text): bool => str_contains($text, 'othing to undo'),
        );
    }

    #[Test]
    public function in_a_small_shop_all_plans_are_looked_through_and_the_page_says_the_found_one_is_the_cheapest(): void
    {
        Piece::query()
            ->open()
            ->whereNotIn(
                'decoration_id',
                array_map(
                    static fn(OpenBatch $batch): int => $batch->decorationId,
                    array_slice(self::board()->batches(), 0, 7),
                ),
            )
            ->update(['state' => PieceState::Done]);
        self::assertCount(7, self::board()->batches());
        $proposal = $this->proposed(20_000);

        self::assertLessThan(20_000, $proposal->done, 'it does not look on for what cannot be there');
        self::assertEqualsWithDelta($proposal->cost, $proposal->bound, 0.001);
        $this->get("/plan/proposals/{$proposal->id}")
            ->assertSee('Proven: no plan costs less.')
            ->assertDontSee('could still be saved');
    }

    #[Test]
    public function as_booked_against_proposed_a_third_of_the_set_up_is_saved_and_no_order_is_later_than_booked(): void
    {
        $proposal = $this->proposed(6000);
        $board = self::board();
        $comparison = Comparison::of(
            $board,
            new Sequence($proposal->sequence ?? []),
            new WhatIf(),
            app(ShopOdds::class),
        );

        self::assertLessThanOrEqual(
            ($comparison->booked->totals->changeoverMin * 2) / 3,
            $comparison->then->totals->changeoverMin,
        );
        foreach ($board->batches() as $code => $batch) {
            $late = $comparison->then->find($code)?->lateS();
            self::assertLessThanOrEqual(
                max(0, $comparison->booked->find($code)?->lateS() ?? PHP_INT_MAX),
                $late,
                "{$code} is no later than as it was booked",
            );
        }
    }

    #[Test]
    public function a_proposal_is_taken_in_part_and_the_rest_stays(): void
    {
        $proposal = $this->proposed();
        $board = self::board();
        $comparison = Comparison::of(
            $board,
            new Sequence($proposal->sequence ?? []),
            new WhatIf(),
            app(ShopOdds::class),
        );
        $moving = array_values(array_filter($comparison->rows, static fn(array $row): bool => $row[3]));
        self::assertGreaterThan(
            0,
            $comparison->beyondS($comparison->now),
            'three machines at times want more than two people',
        );
        $this->get("/plan/proposals/{$proposal->id}")
            ->assertSee('Short of people, h')
            ->assertSee(
                '<td class="num">'.Figure::words($comparison->beyondS($comparison->then) / 3600, 1).'</td>',
                false,
            );
        self::assertGreaterThan(1, count($moving));
        $one = $moving[0][0]->code;
        $others = $board->sequence()->without($one)->batches;
        $this->post("/plan/proposals/{$proposal->id}/take", [
            'codes' => [],
            'version' => PlanBoard::version(),
        ])->assertSessionHasErrors('codes');
        $this->post("/plan/proposals/{$proposal->id}/take", [
            'codes' => [$one],
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done', static fn(string $text): bool => str_contains($text, $one));

        $after = self::board()->sequence();
        self::assertSame((new Sequence($proposal->sequence ?? []))->machineOf($one), $after->machineOf($one));
        self::assertEquals(
            new Sequence(array_filter($others)),
            new Sequence(array_filter($after->without($one)->batches)),
            'the others keep their order',
        );
    }

    #[Test]
    public function two_people_at_one_plan_are_told_of_each_other_before_a_proposal_is_taken(): void
    {
        $aprons = self::batchOf(self::aprons())->code;
        $proposal = $this->proposed();
        $seen = PlanBoard::version();
        $this->post('/plan/moves', [
            'batch' => $aprons,
            'machine' => 'M1',
            'rank' => 1,
            'version' => $seen,
        ])->assertSessionHas('done');
        $before = self::board()->sequence()->batches;
        $this->post("/plan/proposals/{$proposal->id}/take", ['whole' => 1, 'version' => $seen])->assertSessionHas(
            'problem',
            static fn(string $text): bool => str_contains($text, 'else changed the plan'),
        );
        self::assertSame($before, self::board()->sequence()->batches);
        self::assertSame('ready', $proposal->refresh()->state, 'and it is still to be had');
        $this->get("/plan/proposals/{$proposal->id}")->assertSee('changed after this was found');
    }

    #[Test]
    public function a_search_shows_how_far_it_is_and_stops_when_it_is_asked_to_with_the_best_it_has(): void
    {
        Queue::fake();
        $this->post('/plan/proposals', ['iterations' => 50000])->assertRedirect();
        Queue::assertPushed(FindPlan::class);
        $proposal = Proposal::query()->latest('id')->firstOrFail();
        $this->get("/plan/proposals/{$proposal->id}")
            ->assertSee('Waiting to start.')
            ->assertSee('Stop and keep the best');
        $this->get("/plan/proposals/{$proposal->id}", ['HX-Request' => 'true'])
            ->assertSee('data-hx-trigger="every 1s"', false)
            ->assertDontSee('<main', false);
        $this->post("/plan/proposals/{$proposal->id}/stop")->assertRedirect();
        (new FindPlan($proposal->id))->handle(self::board(), app(House::class), app(ShopOdds::class));
        $proposal->refresh();

        self::assertSame('ready', $proposal->state);
        $this->get("/plan/proposals/{$proposal->id}", ['HX-Request' => 'true'])->assertHeader('HX-Refresh', 'true');
        self::assertLessThan(50000, $proposal->done);
        self::assertNotNull($proposal->sequence);
        $this->delete("/plan/proposals/{$proposal->id}")->assertRedirect('/plan');
        self::assertSame('left', $proposal->refresh()->state);
    }

    #[Test]
    public function a_search_whose_worker_was_killed_goes_on_from_the_best_that_was_kept(): void
    {
        Queue::fake();
        $this->post('/plan/proposals', ['iterations' => 3000])->assertRedirect();
        Queue::assertPushedOn(FindPlan::QUEUE, FindPlan::class);
        $proposal = Proposal::query()->latest('id')->firstOrFail();
        // So far it had come when it was killed: all but 400 of its iterations, with a plan of its own.
        $board = self::board();
        $found = Search::of($board->prepared()->holding($board->held()), 5, 3000, $board->sequence())->run(3000);
        $proposal->update([
            'state' => 'searching',
            'done' => 2600,
            'cost' => $found->cost(),
            'sequence' => $found->best()->batches,
        ]);
        (new FindPlan($proposal->id))->handle(self::board(), app(House::class), app(ShopOdds::class));
        $proposal->refresh();
        self::assertSame(['ready', 3000], [$proposal->state, $proposal->done]);
        self::assertLessThanOrEqual($found->cost() + 1e-6, $proposal->cost);
    }

    #[Test]
    public function hands_that_are_not_in_are_priced_where_the_house_wants_it_and_the_proposal_says_how_much(): void
    {
        Queue::fake();
        // One person, so that two machines want what one can give.
        app(House::class)->change([
            HouseRule::BeyondCost->value => 4.0,
            HouseRule::People->value => 1.0,
        ]);
        app()->forgetScopedInstances();
        $workload = self::board()->prepared();
        $before = Timetable::of($workload, self::board()->sequence())->totals;
        self::assertGreaterThan(0.0, $before->beyondMin);
        self::assertEqualsWithDelta(4 * $before->beyondMin, $before->parts()['beyond'], 1e-9);
        $this->post('/plan/proposals', ['iterations' => 1000])->assertRedirect();
        $proposal = Proposal::query()->latest('id')->firstOrFail();
        (new FindPlan($proposal->id))->handle(self::board(), app(House::class), app(ShopOdds::class));
        $proposal->refresh();
        $totals = Timetable::of($workload, new Sequence($proposal->sequence ?? []))->totals;
        self::assertSame(['ready', false], [$proposal->state, $proposal->isProven()]);
        self::assertEqualsWithDelta($totals->cost, (float) $proposal->cost, 0.01);
        // Nothing that the search without them found is cheaper, with the same price for hands.
        $search = Search::of($workload, $proposal->seed, 1000, self::board()->sequence())->run(1000);
        self::assertLessThanOrEqual(Timetable::of($workload, $search->best())->totals->cost + 0.01, $totals->cost);
        $this->get("/plan/proposals/{$proposal->id}")->assertOk()->assertSee('People missing');
        app(House::class)->change([HouseRule::BeyondCost->value => 0.0]);
        app()->forgetScopedInstances();
        $this->get("/plan/proposals/{$proposal->id}")->assertOk()->assertDontSee('People missing');
    }

    #[Test]
    public function a_proposal_that_is_left_while_it_is_looked_for_stays_left(): void
    {
        Queue::fake();
        $this->post('/plan/proposals', ['iterations' => 3000])->assertRedirect();
        $proposal = Proposal::query()->latest('id')->firstOrFail();
        $asked = 0;
        DB::listen(function (QueryExecuted $query) use ($proposal, &$asked): void {
            // In the middle of the search somebody leaves it.
            if (str_contains($query->sql, 'select `stop`') && ++$asked === 2) {
                $this->delete("/plan/proposals/{$proposal->id}")->assertRedirect('/plan');
            }
        });
        (new FindPlan($proposal->id))->handle(self::board(), app(House::class), app(ShopOdds::class));
        self::assertGreaterThanOrEqual(2, $asked);
        self::assertSame('left', $proposal->refresh()->state);
        self::assertNull($proposal->found_at);
    }

    /** A batch is begun, halts two and a half thousand times, and one of its pieces is counted. */
    #[Test]
    public function a_proposal_is_timed_anew_over_what_five_thousand_events_changed_and_none_of_them_is_lost(): void
    {
        Queue::fake();
        $this->post('/plan/proposals', ['iterations' => 2000])->assertRedirect();
        $proposal = Proposal::query()->latest('id')->firstOrFail();
        $batch = self::batchOf(self::polos());
        $machine = $batch->machine ?? self::fail('it stands on a machine');
        $left = self::board()->batches()[$batch->code]->left;
        $piece = (int) $batch->pieces()->orderBy('pieces.id')->value('pieces.id');
        $tell = static fn(EventKind $kind, int $stitch = 0): BatchRun => app(AppendEvent::class)->append(
            $machine,
            $batch,
            new Event(
                Str::uuid()->toString(),
                $kind,
                $batch->id,
                $kind === EventKind::PreflightDone ? 0 : 1,
                $stitch,
                (float) $stitch,
                $kind === EventKind::PreflightDone ? [] : [$piece],
            ),
            'machine',
        );
        $before = FloorEvent::query()->count();
        $asked = $told = 0;
        DB::listen(static function (QueryExecuted $query) use (&$asked, &$told, $tell): void {
            if (! str_contains($query->sql, 'select `stop`') || ++$asked !== 2) {
                return;
            }
            $tell(EventKind::PreflightDone);
            $tell(EventKind::LoadStarted);
            self::stopAndGoOn(2498, $tell);
            $tell(EventKind::Sewn, 1200);
            $tell(EventKind::PieceDone, 1200);
            $told = 5000;
        });
        (new FindPlan($proposal->id))->handle(self::board(), app(House::class), app(ShopOdds::class));
        app()->forgetScopedInstances();

        self::assertSame(5000, $told);
        self::assertSame($before + 5000, FloorEvent::query()->count());
        self::assertSame('ready', $proposal->refresh()->state);
        $this->get("/plan/proposals/{$proposal->id}")->assertOk();
        $all = self::board()->batches();
        self::assertSame([$left - 1, true], [$all[$batch->code]->left, $all[$batch->code]->started]);
        $this->post("/plan/proposals/{$proposal->id}/take", [
            'whole' => 1,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        app()->forgetScopedInstances();
        $lanes = self::board()->sequence()->batches;
        self::assertEqualsCanonicalizing(array_keys($all), array_merge(...array_values($lanes)));
        self::assertSame($batch->code, $lanes[$machine->code][0] ?? null, 'what was begun meanwhile stays where it is');
        self::assertCount(count($all), self::board()->timetable()->placed);
    }

    /**
     * So many stops on a load, each gone on from. The first and the last are told one by one; those between are written
     * as they would have been, as each leaves the run where the last leaves it.
     *
     * @param \Closure(EventKind, int): BatchRun $tell
     */
    private static function stopAndGoOn(int $times, \Closure $tell): void
    {
        $rows = [];
        foreach ([EventKind::Stopped, EventKind::Resumed] as $kind) {
            $tell($kind, 1);
            $rows[] = FloorEvent::query()->latest('seq')->firstOrFail()->getAttributes();
        }
        $written = [];
        for ($i = 2; $i < $times; $i++) {
            foreach ($rows as $row) {
                $stitch = min(1000, $i);
                $written[] = [
                    ...array_diff_key($row, ['seq' => 0]),
                    'event_id' => Str::uuid()->toString(),
                    'stitch' => $stitch,
                    'clock_s' => $stitch,
                ];
            }
        }
        foreach (array_chunk($written, 500) as $some) {
            FloorEvent::query()->insert($some);
        }
        $tell(EventKind::Stopped, 1000);
        $tell(EventKind::Resumed, 1000);
    }

    #[Test]
    public function what_a_worker_left_that_was_killed_is_taken_up_when_the_next_one_starts(): void
    {
        $left = [
            'queue' => FindPlan::QUEUE,
            'payload' => '{"displayName":"Nothing","job":"nothing","data":[]}',
            'attempts' => 1,
            'reserved_at' => now()->getTimestamp() - 5,
            'available_at' => now()->getTimestamp() - 10,
            'created_at' => now()->getTimestamp() - 10,
        ];
        $id = DB::table('jobs')->insertGetId($left);
        $other = DB::table('jobs')->insertGetId([...$left, 'queue' => 'default']);
        config(['queue.default' => 'database']);
        $this->artisan('shop:work', ['queue' => FindPlan::QUEUE, '--once' => true])
            ->expectsOutputToContain('Taken up again: 1.')
            ->assertOk();
        self::assertFalse(
            DB::table('jobs')->where('id', $id)->where('attempts', 1)->exists(),
            'its worker has had it in hand',
        );
        self::assertNotNull(
            DB::table('jobs')->where('id', $other)->value('reserved_at'),
            'another queue is not its own',
        );
    }

    #[Test]
    public function what_if_a_machine_is_down_is_worked_out_beside_the_plan_and_kept_or_thrown_away(): void
    {
        $before = self::board()->sequence()->batches;
        $this->post('/plan/proposals', [
            'machine' => 'M1',
            'until' => '2026-03-05T12:00',
            'iterations' => 300,
        ])->assertSessionHasNoErrors();
        $proposal = Proposal::query()->latest('id')->firstOrFail();
        $this->get("/plan/proposals/{$proposal->id}")
            ->assertSee('What if: M1 is down until Thu 5 Mar 12:00')
            ->assertSee('Current, after that');
        self::assertGreaterThan(
            self::board()->timetable()->totals->cost,
            $proposal->start_cost,
            'the plan in force suffers from it',
        );
        $this->get('/plan/ask')->assertSee('M1 is down until Thu 5 Mar 12:00');
        $this->delete("/plan/proposals/{$proposal->id}");
        $this->get('/plan/ask')->assertDontSee('M1 is down until');
        $this->post('/plan/proposals', [
            'hands' => 2,
            'frame' => 'K-1',
            'frames' => 4,
            'iterations' => 200,
        ])->assertSessionHasNoErrors();
        $this->get('/plan/ask')->assertSee('2 machines more can be tended at once and 4 more of frame K-1');
        self::assertSame($before, self::board()->sequence()->batches);
        $this->post('/plan/proposals', [
            'machine' => 'M9',
            'until' => 'soon',
            'hands' => 'many',
            'frame' => 'none',
            'frames' => '1.5',
        ])->assertSessionHasErrors(['machine', 'until', 'hands', 'frame', 'frames']);
        $this->post('/plan/proposals', [
            'hands' => 1,
            'from' => '2026-03-05T09:00',
            'to' => '2026-03-05T13:00',
            'iterations' => 200,
        ])->assertSessionHasNoErrors();
        $this->get('/plan/ask')->assertSee(
            '1 machine more can be tended at once from Thu 5 Mar 09:00 to Thu 5 Mar 13:00',
        );
        $helped = WhatIfForm::read(Proposal::query()->latest('id')->firstOrFail()->what_if ?? [])->of(
            self::board()->workload(),
        )->hands;
        self::assertSame(
            [6, 7, 6],
            array_map(static fn(string $at): int => $helped->at(ShopClock::seconds(CarbonImmutable::parse($at))), [
                '2026-03-05 08:59',
                '2026-03-05 09:00',
                '2026-03-05 13:00',
            ]),
        );
        $this->post('/plan/proposals', [
            'from' => '2026-03-05T09:00',
            'to' => '2026-03-05T08:00',
        ])->assertSessionHasErrors(['hands' => 'Enter how many more, or fewer, machines can be tended.', 'to']);
        $this->post('/plan/proposals', ['machine' => 'M1'])->assertSessionHasErrors([
            'until' => 'Enter until when it is down.',
        ]);
    }

    #[Test]
    public function a_day_that_has_to_end_early_says_what_is_not_done_and_who_is_to_be_told(): void
    {
        $this->post('/plan/proposals', ['closes' => '2026-03-04T11:00', 'iterations' => 200])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
        $proposal = Proposal::query()->latest('id')->firstOrFail();
        $workload = WhatIfForm::read($proposal->what_if ?? [])->of(self::board()->workload());
        $at = static fn(string $time): int => ShopClock::seconds(CarbonImmutable::parse($time));
        foreach ($workload->lanes as $lane) {
            foreach ($lane->hours->spans as [$from, $to]) {
                self::assertFalse(
                    $from < $at('2026-03-05 00:00') && $to > $at('2026-03-04 11:00'),
                    "{$lane->id} is not worked on after eleven",
                );
            }
        }
        $page = (string) $this->get("/plan/proposals/{$proposal->id}")
            ->assertOk()
            ->assertSee('the shop closes Wed 4 Mar 11:00')
            ->assertSee('In figures')
            ->assertSee('Tell these customers')
            ->getContent();
        // The running caps are due today at five and cannot be done by then any more.
        self::assertStringContainsString('Your order no. 1004 was promised for Wednesday 4 March at 17:00.', $page);
        $this->post('/plan/proposals', ['closes' => 'soon'])->assertSessionHasErrors('closes');
    }

    #[Test]
    public function the_parts_of_a_cost_come_to_the_whole(): void
    {
        $totals = self::board()->timetable()->totals;
        self::assertEqualsWithDelta($totals->cost, array_sum($totals->parts()), 1e-9);
        self::assertGreaterThan(0, $totals->parts()['late']);
    }

    #[Test]
    public function when_it_can_be_ready_is_answered_with_and_without_moving_others(): void
    {
        $like = self::batchOf(self::polos())->code;
        $this->get("/plan/ask?like={$like}&pieces=12&due=2026-03-04T15:00")
            ->assertOk()
            ->assertSee('Without moving other orders')
            ->assertSee('Nothing else ends later.')
            ->assertSee('As a rush order, whatever it delays')
            ->assertSee('Ready');
        $this->get('/plan/ask?like=B-999&pieces=none')->assertSessionHasErrors(['like', 'pieces']);
        self::assertNull(self::board()->timetable()->find('asked'), 'asking books nothing');
    }

    #[Test]
    public function a_move_says_what_it_brings_before_it_is_made(): void
    {
        $loaf = self::batchOf(self::aprons())->code;
        $before = self::board()->sequence()->batches;
        $said = (string) $this->get("/plan/consequence?batch={$loaf}&machine=M1&rank=1")
            ->assertOk()
            ->getContent();
        self::assertStringContainsString("{$loaf} would end", $said);
        self::assertSame($before, self::board()->sequence()->batches);
        $this->post(
            '/plan/moves',
            ['batch' => $loaf, 'machine' => 'M1', 'rank' => 1, 'version' => PlanBoard::version()],
            ['HX-Request' => 'true'],
        )->assertSee(str_replace('would end', 'ends', explode('.', $said)[0]));
        $this->get('/plan/consequence?batch='.self::batchOf(self::running('M1'))->code.'&machine=M2&rank=0')
            ->assertOk()
            ->assertSee('was not moved');
        $this->get('/plan/consequence?batch=&machine=M9&rank=-1')->assertStatus(422);
        $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionHas(
            'done',
            static fn(string $text): bool => str_contains($text, $loaf),
        );
        self::assertEquals(
            new Sequence(array_filter($before)),
            new Sequence(array_filter(self::board()->sequence()->batches)),
        );
    }

    #[Test]
    public function why_a_batch_is_there_is_what_the_next_best_place_would_cost(): void
    {
        $loaf = self::batchOf(self::aprons())->code;
        $this->get("/plan/batches/{$loaf}")
            ->assertOk()
            ->assertSee('All 8 places')
            ->assertSee('is there now');
        $this->get('/plan/batches/'.self::batchOf(self::running('M1'))->code)->assertSee('A running batch is not moved.');
        $this->get('/plan/batches/B-999')->assertNotFound();
        // Four threads, and all but one of the needles of M2 pinned: they do not go on at once.
        DB::table('needles')
            ->where('machine_id', self::machine('M2')->id)
            ->where('number', '<', 6)
            ->update(['pinned' => true]);
        $this->get("/plan/batches/{$loaf}")
            ->assertSee('Where it cannot go')
            ->assertSee('at the stops of every piece');
    }

    #[Test]
    public function what_is_fixed_keeps_its_start_when_all_else_is_planned_anew(): void
    {
        $hoodies = self::batchOf(self::hoodies())->code;
        $start = self::board()->timetable()->find($hoodies)?->start();
        self::assertNotNull($start);
        $this->put("/plan/batches/{$hoodies}/fixed", [
            'fixed' => 1,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        $proposal = $this->proposed();
        self::assertSame(
            $start,
            Timetable::of(
                self::board()->workload(),
                self::board()->takeover()->whole(new Sequence($proposal->sequence ?? [])),
            )
                ->find($hoodies)
                ?->start(),
        );
        $this->post('/plan/due', ['version' => PlanBoard::version()]);
        self::assertSame('M1', self::board()->sequence()->machineOf($hoodies));
        $this->get("/plan/batches/{$hoodies}")->assertSee('Unfix');
        $this->put("/plan/batches/{$hoodies}/fixed", [
            'fixed' => 0,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        $this->put('/plan/batches/'.self::batchOf(self::running('M1'))->code.'/fixed', [
            'fixed' => 1,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('problem', static fn(string $text): bool => str_contains($text, 'it is already running'));
    }

    #[Test]
    public function a_batch_is_split_run_apart_and_put_together_again(): void
    {
        [$hoodies, $polos] = [self::batchOf(self::hoodies()), self::batchOf(self::polos())->code];
        $pieces = static fn(): array => DB::table('pieces')
            ->where('order_id', self::hoodies()->id)
            ->orderBy('id')
            ->get(['id', 'size', 'number', 'state'])
            ->map(static fn(object $row): array => (array) $row)
            ->all();
        [$before, $sequence] = [$pieces(), self::board()->sequence()->batches];
        $this->post("/plan/batches/{$hoodies->code}/split", [
            'pieces' => 6,
            'version' => PlanBoard::version(),
        ])->assertSessionHasNoErrors();
        $board = self::board();
        $lane = $board->sequence()->on('M1');
        $new = $lane[(int) array_search($hoodies->code, $lane, true) + 1];
        self::assertSame([9, 6], [$board->batches()[$hoodies->code]->left, $board->batches()[$new]->left]);
        self::assertSame($before, $pieces(), 'the order has the same pieces');
        self::assertSame(
            $board->batches()[$hoodies->code]->batch->equipment->threads,
            $board->batches()[$new]->batch->equipment->threads,
        );
        self::assertSame(
            [],
            $board->timetable()->find($new)?->changes->cones->load,
            'behind the rest of it nothing is to be loaded',
        );
        $this->get('/orders/'.self::hoodies()->number)
            ->assertOk()
            ->assertSee('0 / 9')
            ->assertSee('0 / 6');
        $this->post('/plan/moves', [
            'batch' => $new,
            'machine' => 'M3',
            'rank' => 9,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        $this->get("/plan/batches/{$new}")
            ->assertOk()
            ->assertSee("Combine with {$hoodies->code}, 9 pieces on M1");
        // Set up anew, a part says which others go on as they were.
        $setup = DB::table('setups')
            ->join('frames', 'frames.id', '=', 'setups.frame_id')
            ->where('decoration_id', $hoodies->decoration_id)
            ->first(['frames.code', 'turn_deg']);
        $this->post("/setup/{$hoodies->decoration_id}", ['frame' => $setup?->code, 'turn' => $setup?->turn_deg])
            ->assertSessionHasNoErrors()
            ->assertSessionHas(
                'done',
                static fn(string $said): bool => str_contains($said, "keep their own setup: {$new}."),
            );

        $this->post("/plan/batches/{$new}/merge", [
            'into' => $polos,
            'version' => PlanBoard::version(),
        ])->assertSessionHas(
            'problem',
            static fn(string $text): bool => str_contains($text, 'not the same decoration'),
        );
        $this->post("/plan/batches/{$new}/merge", [
            'into' => $hoodies->code,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        self::assertEquals(
            new Sequence(array_filter($sequence)),
            new Sequence(array_filter(self::board()->sequence()->batches)),
        );
        self::assertSame([15, $before], [self::board()->batches()[$hoodies->code]->left, $pieces()]);
        self::assertSame(
            1,
            DB::table('decorations')
                ->where('order_line_id', self::decoration(self::hoodies())->order_line_id)
                ->count(),
            'nothing of it is left behind',
        );
    }

    #[Test]
    public function what_splitting_and_putting_together_would_bring_is_said_before_and_comes_true(): void
    {
        $hoodies = self::batchOf(self::hoodies())->code;
        $before = self::board()->sequence()->batches;
        $said = (string) $this->get("/plan/batches/{$hoodies}/splitting?pieces=6")
            ->assertOk()
            ->getContent();
        self::assertMatchesRegularExpression(
            "~Now: The 6 pieces would go on M1, after {$hoodies}, and end (\\w+ \\d\\d:\\d\\d), on ".
            "time\\..*Changeovers take 1 min more~",
            $said,
        );
        self::assertStringContainsString('Cheapest after a move:', $said);
        self::assertSame($before, self::board()->sequence()->batches);
        foreach (['0', '15', 'all'] as $pieces) {
            $this->get("/plan/batches/{$hoodies}/splitting?pieces={$pieces}")->assertSee(
                'You can split off 1 to 14 pieces.',
            );
        }
        $this->get('/plan/batches/B-999/splitting?pieces=2')->assertNotFound();

        $this->post("/plan/batches/{$hoodies}/split", ['pieces' => 6, 'version' => PlanBoard::version()]);
        $new = (string) DB::table('batches')->orderByDesc('id')->value('code');
        preg_match('~and end (\w+ \d\d:\d\d)~', $said, $promised);
        self::assertSame(
            $promised[1],
            ShopClock::words(ShopClock::time((int) self::board()->timetable()->find($new)?->end())),
        );
        $page = (string) $this->get("/plan/batches/{$new}")
            ->assertOk()
            ->getContent();
        self::assertSame(1, preg_match("~{$hoodies} would end (\w+ \d\d:\d\d) on M1~", $page, $joined));
        $this->post("/plan/batches/{$new}/merge", [
            'into' => $hoodies,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        self::assertSame(
            $joined[1],
            ShopClock::words(ShopClock::time((int) self::board()->timetable()->find($hoodies)?->end())),
        );
    }

    #[Test]
    public function a_late_batch_is_run_on_two_machines_at_once_where_that_pays(): void
    {
        $batch = array_values(array_filter(
            self::board()->batches(),
            static fn(OpenBatch $one): bool => PayingSplit::of(self::board(), $one) !== null,
        ))[0];
        $before = self::board()->timetable();
        $page = (string) $this->get("/plan/batches/{$batch->code}")->assertSee('On two machines at once')->getContent();
        self::assertSame(1, preg_match('~value="(\\d+)"><input type="hidden" name="elsewhere"~', $page, $pieces));
        $sentence = "~The {$pieces[1]} pieces would go on (M\\d).*? and end (\\w+ \\d\\d:\\d\\d)~";
        self::assertSame(1, preg_match($sentence, $page, $said));

        $this->post("/plan/batches/{$batch->code}/split", [
            'pieces' => $pieces[1],
            'elsewhere' => 1,
            'version' => PlanBoard::version(),
        ])->assertSessionHasNoErrors();

        $new = (string) DB::table('batches')->orderByDesc('id')->value('code');
        $board = self::board();
        $part = $board->timetable()->find($new);
        self::assertSame($said[1], $part?->machine);
        self::assertSame($said[2], ShopClock::words(ShopClock::time($part->end())));
        self::assertSame($batch->left, $board->batches()[$new]->left + $board->batches()[$batch->code]->left);
        self::assertLessThan($before->find($batch->code)?->end(), $board->timetable()->find($batch->code)?->end());
        self::assertLessThan($before->totals->cost - 30, $board->timetable()->totals->cost);
        $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionMissing('problem');
        self::assertSame($batch->left, self::board()->batches()[$batch->code]->left);
    }

    #[Test]
    public function what_has_the_same_design_is_run_together_and_hardly_set_up(): void
    {
        // The bakery's loaf stands in two orders, one behind the other but for a batch between.
        $more = self::batchOf(OrderFactory::new()->aprons(8)->nextAt('M1')->create())->code;
        self::hoodies();
        $loaf = self::batchOf(OrderFactory::new()->aprons()->nextAt('M1')->create())->code;
        $page = (string) $this->get("/plan/batches/{$more}")
            ->assertOk()
            ->assertSee("Run together with {$loaf}")
            ->getContent();
        self::assertSame(
            1,
            preg_match(
                "~name=\"batch\" value=\"{$more}\"><input type=\"hidden\" name=\"machine\" value=\"(M\\d)\"><input ".
                "type=\"hidden\" name=\"rank\" value=\"(\\d+)\">(?:(?!</form>).)*?Run together with {$loaf}~",
                $page,
                $form,
            ),
        );
        $this->post('/plan/moves', [
            'batch' => $more,
            'machine' => $form[1],
            'rank' => (int) $form[2],
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        $placed = self::board()->timetable()->find($more);
        self::assertSame([true, 60], [$placed?->changes->goesOn, $placed?->changeoverS]);
        $this->get("/plan/batches/{$more}")
            ->assertSee('same design continues')
            ->assertDontSee("Run together with {$loaf}");
        $this->get('/plan?zoom=week')->assertSee('Same design as before.');
        $this->put('/shop/rules', ['again_min' => '3'])->assertSessionHasNoErrors();
        self::assertSame(
            180,
            self::board()->timetable()->find($more)?->changeoverS,
            'a house that traces anew says so',
        );
    }

    #[Test]
    public function only_what_is_not_begun_is_split_off_and_the_eldest_may_go_too(): void
    {
        $caps = self::batchOf(self::running('M1'))->code;
        foreach (['0', '11', 'some'] as $pieces) {
            $this->post("/plan/batches/{$caps}/split", [
                'pieces' => $pieces,
                'version' => PlanBoard::version(),
            ])->assertSessionHasErrors('pieces');
        }
        // One of eleven is on the machine, one is hooped: the run goes on with what is left to it.
        $this->post("/plan/batches/{$caps}/split", [
            'pieces' => '5',
            'version' => PlanBoard::version(),
        ])->assertSessionHasNoErrors();
        self::assertSame(6, self::board()->batches()[$caps]->left);
        $this->get('/floor/M1')->assertOk();
        $this->artisan('floor:recount')->assertExitCode(0);
        self::assertSame(6, self::board()->batches()[$caps]->left, 'recounted from the events it is the same');

        $hoodies = self::batchOf(self::hoodies())->code;
        $this->post("/plan/batches/{$hoodies}/split", ['pieces' => 4, 'version' => PlanBoard::version()]);
        $lane = self::board()->sequence()->on('M1');
        $new = $lane[(int) array_search($hoodies, $lane, true) + 1];
        $this->post("/plan/batches/{$hoodies}/merge", [
            'into' => $new,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        self::assertSame(15, self::board()->batches()[$new]->left);
        self::assertArrayNotHasKey($hoodies, self::board()->batches());
        $this->post("/plan/batches/{$new}/split", ['pieces' => 4, 'version' => 0])->assertSessionHasErrors('pieces');
    }

    #[Test]
    public function fixing_splitting_and_putting_together_are_undone_like_a_move_one_after_the_other(): void
    {
        $hoodies = self::batchOf(self::hoodies())->code;
        PlanChange::query()->delete();
        $rows = static fn(): array => array_map(
            static fn(string $table): array => DB::table($table)
                ->orderBy($table === 'setups' ? 'decoration_id' : 'id')
                ->get()
                ->map(static fn(object $row): array => (array) $row)
                ->all(),
            ['decorations', 'setups', 'batches', 'pieces'],
        );
        $undo = fn(string $what) => $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionHas(
            'done',
            static fn(string $said): bool => str_contains($said, $what),
        );
        $kept = [$rows()];
        $this->put("/plan/batches/{$hoodies}/fixed", ['fixed' => 1, 'version' => PlanBoard::version()]);
        $kept[] = $rows();
        $this->post("/plan/batches/{$hoodies}/split", ['pieces' => 6, 'version' => PlanBoard::version()]);
        $new = (string) DB::table('batches')->orderByDesc('id')->value('code');
        $kept[] = $rows();
        // The eldest of the two goes, and with it its fixed start.
        $this->post("/plan/batches/{$hoodies}/merge", [
            'into' => $new,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        self::assertArrayNotHasKey($hoodies, self::board()->batches());

        $undo("{$hoodies} combined with {$new}");
        self::assertEquals($kept[2], $rows());
        $undo("6 pieces of {$hoodies} split off as {$new}");
        self::assertEquals($kept[1], $rows());
        $undo("{$hoodies} fixed");
        self::assertEquals($kept[0], $rows());
        $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionHas('problem');
    }

    #[Test]
    public function what_was_put_together_stays_so_once_its_pieces_are_begun(): void
    {
        $hoodies = self::batchOf(self::hoodies())->code;
        $this->post("/plan/batches/{$hoodies}/split", ['pieces' => 6, 'version' => PlanBoard::version()]);
        $new = (string) DB::table('batches')->orderByDesc('id')->value('code');
        $this->post("/plan/batches/{$new}/merge", ['into' => $hoodies, 'version' => PlanBoard::version()]);
        DB::table('pieces')
            ->where('decoration_id', self::batchOf(self::hoodies())->decoration_id)
            ->orderByDesc('id')
            ->limit(1)
            ->update(['state' => 'done']);
        $before = self::board()->sequence();

        $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionHas(
            'problem',
            static fn(string $text): bool => str_contains($text, 'are started'),
        );
        self::assertEquals($before, self::board()->sequence());
        self::assertSame(14, self::board()->batches()[$hoodies]->left);
    }

    #[Test]
    public function what_a_minute_weighs_is_a_rule_of_the_house(): void
    {
        $cost = self::board()->timetable()->totals;
        $this->put('/shop/rules', ['late_cost' => '3'])->assertSessionHasNoErrors();
        $this->put('/shop/rules', ['flow_cost' => '0']);
        $cheaper = self::board()->timetable()->totals->cost;

        self::assertGreaterThan(0, $cost->walks);
        self::assertEqualsWithDelta(3 * $cost->weightedLateMin + $cost->changeoverMin + $cost->walks, $cheaper, 1e-6);
        $this->put('/shop/rules', ['walk_min' => '2.5']);
        self::assertEqualsWithDelta($cheaper + 1.5 * $cost->walks, self::board()->timetable()->totals->cost, 1e-6);
        $this->get('/plan/batches/'.self::batchOf(self::aprons())->code)
            ->assertSee('3 for each minute a batch is late')
            ->assertSee('#late_cost', false);
    }

    #[Test]
    public function a_batch_that_waits_for_hands_or_frames_is_drawn_with_what_it_waits_for(): void
    {
        $this->put('/shop/rules', ['people' => '1'])->assertSessionHasNoErrors();
        $this->put('/shop/rules', ['machines_per_person' => '1'])->assertSessionHasNoErrors();
        $this->get('/plan?zoom=week')
            ->assertSee('class="held"', false)
            ->assertSee('waits for people: as many machines run as they can tend');
    }

    #[Test]
    public function as_booked_is_worked_out_after_what_runs(): void
    {
        $board = self::board();
        $booked = Timetable::of(
            $board->workload(),
            Dispatch::asBooked(
                $board->workload(),
                new Sequence([
                    'M1' => [self::batchOf(self::running('M1'))->code],
                    'M3' => [self::batchOf(self::running('M3'))->code],
                ]),
            ),
        );
        self::assertSame(0, $booked->find(self::batchOf(self::running('M1'))->code)?->changeoverS);
    }

    private function proposed(int $iterations = 1500): Proposal
    {
        $this->post('/plan/proposals', ['iterations' => $iterations])
            ->assertSessionHasNoErrors()
            ->assertRedirect();

        return Proposal::query()->latest('id')->firstOrFail();
    }
}
