<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Plan\Jobs\FindPlan;
use App\Plan\Models\Proposal;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Plan\Moves;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** After something went wrong the plan is mended first, with few moves, and searched anew second. */
final class MendedPlanTest extends FeatureTestCase
{
    #[Test]
    public function a_plan_in_which_something_is_late_is_mended_with_few_moves_that_people_are_told(): void
    {
        $this->breakDown();
        $before = self::board()->sequence();
        $this->get('/plan')->assertSee('Mend the plan')->assertSee('At most 3 batches move');

        $mended = $this->propose(['mend' => '1']);

        self::assertSame(['ready', 0, 0], [$mended->state, $mended->iterations, $mended->done]);
        self::assertLessThan($mended->start_cost, $mended->cost);
        $sequence = new Sequence($mended->sequence ?? []);
        $moves = Moves::between($before, $sequence)->count();
        self::assertGreaterThan(0, $moves);
        self::assertLessThanOrEqual(3, $moves);
        self::assertEqualsWithDelta(
            Timetable::of(self::board()->prepared(), $sequence)->totals->cost,
            $mended->cost,
            1e-6,
        );
        $this->get("/plan/proposals/{$mended->id}")
            ->assertSee('mended with a few moves')
            ->assertSee('To change: ')
            ->assertSee('Find a better plan')
            ->assertDontSee('steps searched');
        $this->take($mended, [])->assertSessionHas('done');
        self::assertEquals(array_filter($sequence->batches), array_filter(self::board()->sequence()->batches));
        $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionMissing('problem');
        self::assertEquals($before->batches, self::board()->sequence()->batches);
    }

    #[Test]
    public function what_is_mended_can_be_used_while_the_search_goes_on_and_stands_beside_what_it_found(): void
    {
        $this->breakDown();
        $found = $this->propose(['iterations' => '600']);
        $names = array_keys($found->weighed ?? []);
        self::assertSame('mended', $names[0] ?? '');
        self::assertContains(array_slice($names, 1), [['found'], ['kept', 'paper']]);
        self::assertLessThanOrEqual($found->weighed['mended']['cost'] ?? 0.0, $found->cost ?? INF);
        $this->get("/plan/proposals/{$found->id}")->assertSee('Mended, few moves')->assertSee('Batches that move');

        Queue::fake();
        $searching = $this->propose(['iterations' => '600']);
        $searching->update(['state' => 'searching', 'cost' => 1.0, 'start_cost' => 2.0, 'weighed' => [
            'mended' => [...$found->weighed['mended'] ?? [], 'expected' => null, 'kept' => null],
        ]]);
        $this->get("/plan/proposals/{$searching->id}")->assertSee('Mended already')->assertSee('Use the mended plan');
        $this->take($searching, [])->assertSessionHas('problem');
        $this->take($searching, ['plan' => 'mended'])->assertSessionHas('done');
        self::assertEquals(
            array_filter($found->weighed['mended']['sequence'] ?? []),
            array_filter(self::board()->sequence()->batches),
        );
        // The search that was under way does not write over it.
        (new FindPlan($searching->id))->handle(self::board(), app(House::class), app(ShopOdds::class));
        self::assertSame('taken', $searching->refresh()->state);
    }

    #[Test]
    public function what_starts_within_the_frozen_time_is_moved_by_hand_only(): void
    {
        $this->breakDown();
        $free = self::board()->sequence();
        $old = $this->propose(['iterations' => '600']);
        app(House::class)->change([HouseRule::FrozenAhead->value => 72.0]);
        app()->forgetScopedInstances();
        $board = self::board();
        $held = $board->held();
        self::assertGreaterThan(5, count($held));
        $stays = static function (Sequence $of) use ($held): array {
            $lanes = array_map(
                static fn(array $ids): array => array_values(array_intersect($ids, array_keys($held))),
                $of->batches,
            );
            ksort($lanes);

            return $lanes;
        };

        $mended = $this->propose(['mend' => '1']);
        $found = $this->propose(['iterations' => '600']);

        foreach ([$mended, $found] as $one) {
            self::assertSame($stays($free), $stays(new Sequence($one->sequence ?? [])));
        }
        // Neither an older proposal nor due dates move it, a hand does.
        self::assertNotSame($stays($free), $stays(new Sequence($old->sequence ?? [])));
        $this->take($old, [])->assertSessionHas('done');
        self::assertSame($stays($free), $stays(self::board()->sequence()));
        $this->post('/plan/due', ['version' => PlanBoard::version()])->assertRedirect();
        self::assertSame($stays($free), $stays(self::board()->sequence()));
        $first = (string) array_search('M2', $held, true);
        $this->post('/plan/moves', [
            'batch' => $first,
            'machine' => 'M2',
            'rank' => count($held),
            'version' => PlanBoard::version(),
        ])->assertSessionMissing('problem');
        self::assertNotSame($stays($free), $stays(self::board()->sequence()));
    }

    /** M2 stands still until tomorrow evening, and what it was to run is late. */
    private function breakDown(): void
    {
        $this->post('/plan/calendar/down', [
            'machine' => 'M2',
            'from' => now()->format('Y-m-d\TH:i'),
            'to' => now()->addDay()->setTime(17, 0)->format('Y-m-d\TH:i'),
            'what' => 'hook broken',
        ])->assertSessionHasNoErrors();
        self::assertNotSame([], self::board()->late());
    }

    /** @param array<string, string> $asked */
    private function propose(array $asked): Proposal
    {
        app()->forgetScopedInstances();
        $this->post('/plan/proposals', $asked)->assertSessionHasNoErrors();

        return Proposal::query()->latest('id')->firstOrFail();
    }

    /**
     * @param array<string, string> $which
     *
     * @return TestResponse<Response>
     */
    private function take(Proposal $proposal, array $which): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post("/plan/proposals/{$proposal->id}/take", [
            'whole' => '1',
            'version' => PlanBoard::version(),
            ...$which,
        ]);
    }
}
