<?php

declare(strict_types=1);

namespace Tests\Feature\Books;

use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Plan\Jobs\RecordOdds;
use App\Plan\Queries\DueOrder;
use App\Plan\Queries\PromiseRecord;
use App\Plan\Queries\ShopOdds;
use Carbon\CarbonImmutable;
use Hakama\Floor\PieceState;
use Hakama\Plan\Odds\PromiseOdds;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What was due, what was late, and the odds that were given. */
final class PromisesTest extends FeatureTestCase
{
    #[Test]
    public function odds_are_kept_when_they_are_first_worked_out_and_anew_when_the_promise_is_another(): void
    {
        DB::table('said_odds')->delete();
        $order = self::running('M2');
        $odds = app(ShopOdds::class)->inForce()->orders[$order->number];
        self::assertSame(0, DB::table('said_odds')->count(), 'looking keeps nothing');
        RecordOdds::dispatchSync();
        $said = fn(): object => (object) DB::table('said_odds')->where('order_id', $order->id)->firstOrFail();
        self::assertEqualsWithDelta($odds->kept, (float) $said()->kept, 1e-4);

        $first = $order->due_at;
        $say = static fn(CarbonImmutable $due) => PromiseRecord::said(
            [$order->number => self::otherOdds($odds, 0.11)],
            [$order->number => $due],
        );
        $say($first);
        self::assertEqualsWithDelta($odds->kept, (float) $said()->kept, 1e-4, 'what was said first stands');
        $order->update(['due_at' => $order->due_at->addDay()]);
        $say($first);
        self::assertEqualsWithDelta($odds->kept, (float) $said()->kept, 1e-4, 'worked out before it was another');
        $say($order->due_at);
        self::assertEqualsWithDelta(0.11, (float) $said()->kept, 1e-4, 'another promise');
    }

    #[Test]
    public function what_was_due_is_kept_or_late_and_held_against_its_odds(): void
    {
        $now = CarbonImmutable::now();
        Order::query()->update(['due_at' => $now->addYear()]);
        [$kept, $late, $open] = [self::finished(), self::running('M2'), self::running('M1')];
        Piece::query()->where('order_id', $late->id)->update(['state' => PieceState::Done]);
        $done = CarbonImmutable::parse(
            (string) DB::table('floor_events')->where('order_id', $kept->id)->where('kind', 'piece_done')->max('recorded_at'),
        );
        $kept->update(['due_at' => $done->addHour()]);
        $late->update(['due_at' => $now->subHours(5)]);
        $open->update(['due_at' => $now->subMinutes(90)]);
        DB::table('floor_events')->insert([
            ...(array) DB::table('floor_events')->where('kind', 'piece_done')->first(),
            'seq' => null,
            'event_id' => '00000000-0000-4000-8000-000000000001',
            'order_id' => $late->id,
            'recorded_at' => $now->subHours(2),
        ]);
        DB::table('said_odds')->delete();
        foreach ([[$kept, 0.9], [$late, 0.9], [$open, 0.99]] as [$order, $said]) {
            DB::table('said_odds')->insert([
                'order_id' => $order->id,
                'due_at' => $order->refresh()->due_at,
                'kept' => $said,
                'said_at' => $now,
            ]);
        }
        $promises = PromiseRecord::between($now->subYear(), $now);
        self::assertSame([3, 1], [count($promises->orders), $promises->kept()]);
        self::assertSame(
            [[$late->number, 180], [$open->number, 90]],
            array_map(
                static fn(DueOrder $one): array => [$one->number, $one->lateMin($now)],
                $promises->late($now),
            ),
        );
        [$some, $sure] = $promises->calibration();
        self::assertSame([2, 1, 1, 0], [$some->n, $some->kept, $sure->n, $sure->kept]);
        self::assertTrue($sure->isTooHopeful());

        $this->get('/books/promises?from='.$now->subYear()->toDateString())
            ->assertOk()
            ->assertSee('1 of 3 promises kept: 33 %.')
            ->assertSee('too optimistic: promise later')
            ->assertSee('90 min, not done yet');
        $this->get('/books/promises?from=2020-01-01&to=2020-02-01')->assertOk()->assertSee('Nothing was due');
        $this->get('/books/promises?from=yesterday')->assertSessionHasErrors('from');
    }

    private static function otherOdds(PromiseOdds $odds, float $kept): PromiseOdds
    {
        return new PromiseOdds(
            $odds->name,
            $odds->due,
            $kept,
            $odds->endP50,
            $odds->endP80,
            $odds->endP95,
            $odds->promise,
            $odds->isInDanger,
        );
    }
}
