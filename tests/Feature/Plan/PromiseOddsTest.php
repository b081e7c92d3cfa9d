<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Floor\Projections\DaySums;
use App\Foundation\Clock\ShopClock;
use App\Machine\Models\Frame;
use App\Orders\Models\Order;
use App\Plan\Estimate;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Shop\Figure;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Database\Factories\OrderFactory;
use Hakama\House\HouseRule;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class PromiseOddsTest extends FeatureTestCase
{
    #[Test]
    public function a_shop_in_which_nothing_spreads_keeps_what_its_plan_keeps_and_ends_as_planned(): void
    {
        app(House::class)->change([
            HouseRule::SewSpread->value => 0.0,
            HouseRule::HoopSpread->value => 0.0,
            HouseRule::ChangeoverSpread->value => 0.0,
            HouseRule::SpoiledPieces->value => 0.0,
            HouseRule::BreakRate->value => 0.0,
        ]);
        $board = self::board();
        $odds = (new ShopOdds(app(House::class), $board, new DaySums()))->inForce();
        self::assertNotSame([], $odds->batches);
        foreach ($board->timetable()->placed as $placed) {
            if ($board->batches()[$placed->batch->id]->blanksShort() > 0) {
                self::assertArrayNotHasKey($placed->batch->id, $odds->batches, 'short of blanks nothing is promised');
                continue;
            }
            self::assertSame(
                [$placed->end(), $placed->lateS() > 0 ? 0.0 : 1.0],
                [$odds->batches[$placed->batch->id]->endP95, $odds->batches[$placed->batch->id]->kept],
            );
        }
    }

    #[Test]
    public function odds_stand_behind_every_promise_in_the_plan_and_in_the_orders(): void
    {
        $order = OrderFactory::new()
            ->aprons()
            ->setUp()
            ->create(['due_at' => CarbonImmutable::yesterday()]);
        $late = self::batchOf($order)->code;
        $odds = app(ShopOdds::class)->inForce();
        self::assertSame(0.0, $odds->batches[$late]->kept, 'a day too late is never made up');

        $this->get('/plan')
            ->assertOk()
            ->assertSee('class="odds"', false)
            ->assertSee('Expected on-time rate')
            ->assertSee('by the house rule (3 of 12 runs logged)');
        $this->get('/orders')->assertOk()->assertSee('100 %');
        $p80 = $odds->batches[$late]->endP80;
        self::assertNotNull($p80);
        $this->get("/plan/batches/{$late}")
            ->assertOk()
            ->assertSee('80 % chance')
            ->assertSee('by '.ShopClock::words(ShopClock::time($p80)))
            ->assertSee('What would help');
        $this->get("/orders/{$order->number}")
            ->assertOk()
            ->assertSee('On time')
            ->assertSee('Safe promise');
    }

    #[Test]
    public function a_promise_in_danger_says_what_would_help_and_that_comes_true(): void
    {
        // Its own median end is promised: a coin decides.
        $order = self::inFiveDays();
        $batch = self::batchOf($order);
        $odds = app(ShopOdds::class)->inForce();
        $due = $odds->batches[$batch->code]->endP50;
        self::assertNotNull($due);
        $order->update(['due_at' => ShopClock::time($due)]);
        $this->fresh();
        $now = app(ShopOdds::class)->inForce()->batches[$batch->code];
        self::assertTrue($now->isInDanger);
        self::assertGreaterThan(0.3, $now->kept);
        $page = (string) $this->get("/plan/batches/{$batch->code}")
            ->assertOk()
            ->getContent();
        self::assertStringContainsString(Figure::odds($now->kept).', at risk', $page);
        self::assertSame(1, preg_match('/Moved to (M\d), (?:after (B-\d+)|first)/', $page, $way));

        $rank = isset($way[2]) ? 1 + (int) array_search($way[2], self::board()->sequence()->on($way[1]), true) : 0;
        $this->post('/plan/moves', [
            'batch' => $batch->code,
            'machine' => $way[1],
            'rank' => $rank,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        $this->fresh();
        self::assertGreaterThan($now->kept, app(ShopOdds::class)->inForce()->batches[$batch->code]->kept);
    }

    #[Test]
    public function where_many_batches_wait_a_page_has_the_last_odds_and_finds_the_next_behind_itself(): void
    {
        config(['shop.odds_found_at_once' => 2]);
        $kept = static function (bool $waits = false): array {
            app()->forgetScopedInstances();

            return array_map(static fn($one): float => $one->kept, app(ShopOdds::class)->inForce($waits)->batches);
        };
        $first = $kept();
        self::assertGreaterThan(2, count($first));
        // Everything is due a month ago: nothing of it is kept any more.
        Order::query()->update(['due_at' => CarbonImmutable::now()->subMonth()]);
        self::assertSame($first, $kept(), 'nobody waits for the odds of this moment');
        $this->get('/orders')->assertOk();
        self::assertSame([0.0], array_values(array_unique($kept())), 'they were found behind that page');

        Order::query()->update(['due_at' => CarbonImmutable::now()->addYear()]);
        self::assertSame([1.0], array_values(array_unique($kept(waits: true))), 'who wants them waits for them');
    }

    #[Test]
    public function a_question_is_answered_with_what_may_be_promised_and_odds_for_the_time_that_is_wanted(): void
    {
        $like = self::batchOf(self::inFiveDays())->code;
        $this->get("/plan/ask?like={$like}&pieces=12")
            ->assertOk()
            ->assertSee('Promise: ')
            ->assertDontSee('On time');
        $this->get("/plan/ask?like={$like}&pieces=12&due=2026-03-06T15:00")
            ->assertOk()
            ->assertSee('on time');
    }

    #[Test]
    public function what_nobody_has_a_tape_of_is_answered_from_its_stitches_and_more_of_them_take_longer(): void
    {
        $ready = function (int $stitches): string {
            $page = (string) $this->get("/plan/ask?stitches={$stitches}&colours=3&sewn_in=R-9&pieces=20")
                ->assertOk()
                ->assertSee('Promise: ')
                ->getContent();
            self::assertSame(1, preg_match('/Ready \w+ (\d+) \w+ (\d\d:\d\d), on M/', $page, $when));

            return sprintf('%02d %s', $when[1], $when[2]);
        };
        self::assertLessThan($ready(20_000), $ready(3_000));
        $this->get('/plan/ask?stitches=5000&pieces=20')->assertSessionHasErrors([
            'sewn_in' => 'Choose the frame.',
        ]);
        // Said once, at its own field: the other question has a frame too.
        $page = $this->from('/plan/ask')->followingRedirects()->get('/plan/ask?stitches=5000&pieces=20')->content();
        self::assertSame(1, substr_count($page, 'Choose the frame.'));
        $this->get('/plan/ask?stitches=lots&sewn_in=R-9')->assertSessionHasErrors('stitches');
        // 3 000 stitches at 850 a minute are 211.8 s; 2 changes of 7 s, 6 trims of 6 s, 9 starts of 1.5 s; breaks
        // 3 × 0.05 × 90 s: 288.8 s on one head.
        $sewing = app(Estimate::class)->sewing(self::board(), 3_000, 3, Frame::query()->where('code', 'R-9')->firstOrFail());
        self::assertSame(289, $sewing->sewS['M1']);
    }

    private static function inFiveDays(): Order
    {
        return OrderFactory::new()
            ->polos()
            ->setUp()
            ->create(['due_at' => CarbonImmutable::today()->addWeekdays(5)]);
    }

    private function fresh(): void
    {
        app()->forgetScopedInstances();
    }
}
