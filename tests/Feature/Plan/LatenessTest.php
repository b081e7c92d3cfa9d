<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Machine\Models\Machine;
use App\Orders\Models\Customer;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Plan\Queries\PlanBoard;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Garment\Garment;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What a missed promise counts in the plan. */
final class LatenessTest extends FeatureTestCase
{
    private static function weightedLateMin(): float
    {
        app()->forgetScopedInstances();

        return app(PlanBoard::class)->timetable()->totals->weightedLateMin;
    }

    /** @return Builder<Order> */
    private static function open(): Builder
    {
        return Order::query()->whereIn('id', Piece::query()->open()->select('order_id'));
    }

    /** An order of one batch that is late by more than a day. */
    private function late(): Order
    {
        $batch = collect(app(PlanBoard::class)->batches())->firstOrFail(
            static fn($one): bool => app(PlanBoard::class)->timetable()->find($one->code) !== null
                && collect(app(PlanBoard::class)->batches())
                    ->where(static fn($other): bool => $other->order->number === $one->order->number)
                    ->count() === 1,
        );
        $order = Order::query()->where('number', $batch->order->number)->firstOrFail();
        $order->update(['due_at' => CarbonImmutable::now()->subDays(2)]);

        return $order;
    }

    #[Test]
    public function an_order_for_an_event_and_a_customer_who_counts_more_weigh_in_the_plan(): void
    {
        $order = $this->late();
        $plain = self::weightedLateMin();
        $order->update(['for_event' => true]);
        self::assertEqualsWithDelta(480.0, self::weightedLateMin() - $plain, 1e-6);

        $order->update(['for_event' => false, 'due_at' => CarbonImmutable::now()->addYears(5)]);
        $without = self::weightedLateMin();
        $order->update(['due_at' => CarbonImmutable::now()->subDays(2)]);
        $customer = $order->customer;
        $others = Order::query()->where('customer_id', $customer->id)->where('id', '!=', $order->id);
        $others->update(['due_at' => CarbonImmutable::now()->addYears(5)]);
        app()->forgetScopedInstances();
        $once = self::weightedLateMin();
        $order->update(['due_at' => CarbonImmutable::now()->addYears(5)]);
        $none = self::weightedLateMin();
        $order->update(['due_at' => CarbonImmutable::now()->subDays(2)]);
        $this->put('/plan/lateness', [
            'late' => [$customer->id => '2.5'],
            'was' => [$customer->id => '1'],
        ])->assertSessionHas('done');
        self::assertEqualsWithDelta($none + 2.5 * ($once - $none), self::weightedLateMin(), 1e-6);
        self::assertLessThan($plain, $without);
        self::assertStringContainsString(
            $customer->name,
            (string) Change::query()->where('kind', Change::SHOP)->latest('seq')->value('what'),
        );
    }

    #[Test]
    public function the_page_shows_who_has_open_orders_and_refuses_what_is_no_weight_and_what_has_moved_on(): void
    {
        $customer = Customer::query()
            ->whereIn('id', self::open()->select('customer_id'))
            ->firstOrFail();
        $this->get('/plan/lateness')->assertOk()->assertSee($customer->name)->assertSee('Extra for a late event order');
        $this->get('/plan/lateness?q=nobody+of+that+name')->assertOk()->assertSee('No customer has that name.');
        $this->get('/plan/lateness?'.http_build_query(['q' => ['x']]))->assertOk();
        foreach (['0', '21', 'much', ['x']] as $weight) {
            $this->from('/plan/lateness')
                ->put('/plan/lateness', ['late' => [$customer->id => $weight], 'was' => [$customer->id => '1']])
                ->assertSessionHasErrors("late.{$customer->id}");
        }
        $this->put('/plan/lateness', [
            'late' => [$customer->id => '3'],
            'was' => [$customer->id => '2'],
        ])->assertSessionHas('problem');
        self::assertSame(1.0, $customer->refresh()->late_weight, 'somebody else’s weight stays');
        $this->put('/plan/lateness', [
            'late' => [$customer->id => '1'],
            'was' => [$customer->id => '1'],
        ])->assertSessionHas('done', 'Nothing changed.');
    }

    #[Test]
    public function an_order_is_written_and_changed_as_one_for_an_event(): void
    {
        $order = self::open()->firstOrFail();
        self::assertFalse($order->for_event);
        $page = (string) $this->get("/orders/{$order->number}/change")
            ->assertOk()
            ->assertSee('For an event')
            ->getContent();
        preg_match('/name="seen" value="([^"]+)"/', $page, $seen);
        $this->put("/orders/{$order->number}", [
            'seen' => $seen[1],
            'customer' => $order->customer->name,
            'due_date' => $order->due_at->format('Y-m-d'),
            'due_time' => $order->due_at->format('H:i'),
            'for_event' => '1',
        ])->assertSessionHasNoErrors();
        self::assertTrue($order->refresh()->for_event);
        $this->get("/orders/{$order->number}")->assertSee(', for an event');
    }

    #[Test]
    public function what_is_bulky_takes_longer_on_a_machine_without_a_gap_under_its_carriage(): void
    {
        $sewS = static function (string $code): array {
            app()->forgetScopedInstances();

            return app(PlanBoard::class)->workload()->batches[$code]->sewing->sewS;
        };
        $garments = collect(app(PlanBoard::class)->batches())
            ->mapWithKeys(
                static fn($one): array => [
                    $one->code => Decoration::query()->findOrFail($one->decorationId)->line->garment,
                ],
            )
            ->filter(static fn(Garment $garment, string $code): bool => isset($sewS($code)['M2']));
        $bulky = (string) $garments->search(static fn(Garment $garment): bool => $garment->isClippedUp());
        $flat = (string) $garments->search(static fn(Garment $garment): bool => ! $garment->isClippedUp());
        self::assertNotSame('', $bulky);
        self::assertNotSame('', $flat);
        $machine = Machine::query()->where('code', 'M2')->firstOrFail();
        $machine->update(['gap_mm' => 40.0]);
        [$hangs, $free] = [$sewS($bulky), $sewS($flat)];
        $machine->update(['gap_mm' => 0.0]);
        // 45 seconds a piece, and a piece on each head.
        self::assertSame($hangs['M2'] + 45 * $machine->heads, $sewS($bulky)['M2']);
        self::assertSame($free, $sewS($flat));
    }

    #[Test]
    public function what_is_against_a_batch_on_a_machine_costs_minutes_and_its_page_says_why(): void
    {
        Machine::query()->update(['gap_mm' => 40.0]);
        $board = static function (): PlanBoard {
            app()->forgetScopedInstances();

            return app(PlanBoard::class);
        };
        $bulky = collect($board()->batches())->first(
            static fn($one): bool => ! $one->started
                && isset($one->batch->sewing->sewS['M2'], $one->batch->sewing->sewS['M1'])
                && Decoration::query()->findOrFail($one->decorationId)->line->garment->isClippedUp(),
        );
        self::assertNotNull($bulky);
        $placed = static fn(): array => [
            $board()->timetable()->find($bulky->code)?->machine,
            $board()->timetable()->totals->parts()['unfit'],
        ];
        [$machine, $nothing] = $placed();
        self::assertSame(0.0, $nothing, 'no machine is warned of');
        $this->get("/plan/batches/{$bulky->code}")->assertOk()->assertDontSee('Less suited');

        Machine::query()->where('code', $machine)->update(['gap_mm' => 0.0]);
        DB::table('turns')->increment('number');
        // The log of the demo says how often bulk was spoiled there; the pieces and the minutes are the house's.
        $unfit = $board()->batches()[$bulky->code]->batch->sewing->unfit[$machine][0];
        $share = (float) ($unfit->why?->with['percent']->value ?? 0) / 100;
        self::assertGreaterThan(0.0, $share);
        self::assertEqualsWithDelta($bulky->left * $share * 45, $unfit->minutes, 1e-6);
        self::assertGreaterThanOrEqual($unfit->minutes, $placed()[1]);
        $page = $this->get("/plan/batches/{$bulky->code}")->assertOk();
        $page->assertSee('Less suited')->assertSee('bulk behind the arm without a gap under the carriage');
        self::assertMatchesRegularExpression('/Risk: \d+ min less/', (string) $page->getContent());

        $this->put('/shop/rules', ['unfit_cost' => '0'])->assertSessionHasNoErrors();
        self::assertSame(0.0, $placed()[1], 'a house may leave it out');
    }
}
