<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Orders\Models\Order;
use App\Plan\Models\Proposal;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use Hakama\Plan\Odds\ExpectedCost;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** The plan that keeps most promises beside the one that is cheapest on paper: the house says which is proposed. */
final class WeighedPlanTest extends FeatureTestCase
{
    #[Test]
    public function both_are_kept_with_what_they_cost_and_keep_and_the_house_says_which_is_proposed(): void
    {
        $kept = $this->propose();
        self::assertSame(['kept', 'paper'], array_keys($kept->weighed ?? []));
        ['kept' => $robust, 'paper' => $plain] = $kept->weighed ?? [];
        self::assertSame($robust['sequence'], $kept->sequence);
        self::assertLessThan($plain['expected'], $robust['expected']);
        self::assertGreaterThanOrEqual($plain['cost'], $robust['cost'] + 1e-6, 'nothing is cheaper on paper');

        // With other luck than it was chosen by.
        app()->forgetScopedInstances();
        $board = app(PlanBoard::class);
        $spread = app(ShopOdds::class)->spread();
        $again = static fn(array $of): float => ExpectedCost::of(
            Timetable::of($board->prepared(), new Sequence($of)),
            $spread,
            1000,
            4711,
        )->cost;
        self::assertLessThan($again($plain['sequence']), $again($robust['sequence']));

        $this->put('/shop/rules', ['schools' => ['proposed_plan' => 'paper']])->assertSessionHasNoErrors();
        $paper = $this->propose();
        self::assertSame($paper->weighed['paper']['sequence'] ?? $paper->sequence, $paper->sequence);
    }

    #[Test]
    public function the_other_is_looked_at_and_taken_over(): void
    {
        $proposal = $this->propose();
        $page = "/plan/proposals/{$proposal->id}";
        $this->get($page)
            ->assertSee('Keeps most promises')
            ->assertSee('Cheapest on paper')
            ->assertSee('name="plan" value="kept"', false);
        $this->get("{$page}?plan=paper")->assertOk()->assertSee('name="plan" value="paper"', false);
        $this->get("{$page}?plan=nonsense")->assertOk()->assertSee('name="plan" value="kept"', false);
        $this->post("{$page}/take", ['whole' => '1', 'plan' => 'paper', 'version' => PlanBoard::version()])
            ->assertRedirect('/plan');
        app()->forgetScopedInstances();
        $wanted = array_filter($proposal->weighed['paper']['sequence'] ?? []);
        self::assertEquals($wanted, array_filter(app(PlanBoard::class)->sequence()->batches));
        // Looked at again, it is the one that was taken.
        self::assertSame('paper', $proposal->refresh()->whichOf(null));
    }

    /** Every promise ends when the plan on paper does: whatever goes wrong is late. */
    protected function setUp(): void
    {
        parent::setUp();
        $board = app(PlanBoard::class);
        foreach ($board->batches() as $code => $batch) {
            $end = $board->timetable()->find($code)?->end();
            if ($end !== null) {
                Order::query()->where('number', $batch->order->number)->update([
                    'due_at' => ShopClock::time($end + 600)->utc()->format(Moment::FORMAT),
                ]);
            }
        }
        DB::table('turns')->increment('number');
    }

    private function propose(): Proposal
    {
        app()->forgetScopedInstances();
        $this->post('/plan/proposals', ['iterations' => '1500'])->assertRedirect();

        return Proposal::query()->orderByDesc('id')->firstOrFail();
    }
}
