<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Orders\Models\Order;
use App\Plan\Models\Batch;
use App\Plan\Queries\ShopOdds;
use Carbon\CarbonImmutable;
use Hakama\Plan\Soonest;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What the plan answered is booked with one touch, and ends when it said. */
final class BookAnswerTest extends FeatureTestCase
{
    #[Test]
    public function a_rush_stands_where_the_answer_said_and_is_due_when_it_ends(): void
    {
        $like = self::open('polo');
        $page = (string) $this->get("/plan/ask?like={$like->code}&pieces=10")->assertOk()->getContent();
        self::assertSame(3, substr_count($page, '>Book it</button>'));

        $form = Str::uuid()->toString();
        $sent = ['customer' => 'Harbour Choir', 'like' => $like->code, 'pieces' => 10, 'way' => 'rush', 'form' => $form];
        $this->post('/plan/ask/order', $sent)->assertRedirect()->assertSessionHas('done');
        $order = Order::query()->with(['customer', 'lines.decorations.batch'])->latest('id')->firstOrFail();

        self::assertSame('Harbour Choir', $order->customer->name);
        $decoration = $order->lines[0]->decorations[0];
        self::assertSame($like->decoration->artwork_id, $decoration->artwork_id);
        self::assertSame($like->decoration->position, $decoration->position);
        self::assertSame(10, $decoration->pieces()->count());
        $board = self::board();
        $placed = $board->timetable()->find((string) $decoration->batch?->code);
        self::assertNotNull($placed);
        // Nowhere it could stand would it end sooner.
        $soonest = Soonest::of($board->timetable(), $placed->batch->id)->atAll;
        self::assertSame($soonest?->end, $placed->end());
        // Due when it can be promised, on a quarter of an hour; kept as often as the house wants.
        $odds = app(ShopOdds::class)->of($board->timetable())->batches[$placed->batch->id];
        self::assertSame(0, $placed->batch->promise->dueAt % 900);
        self::assertGreaterThanOrEqual($placed->end(), $placed->batch->promise->dueAt);
        self::assertGreaterThanOrEqual(0.8, $odds->kept);

        // Sent twice it is one order.
        $orders = Order::query()->count();
        $this->post('/plan/ask/order', $sent)->assertRedirect("/orders/{$order->number}");
        self::assertSame($orders, Order::query()->count());
    }

    #[Test]
    public function behind_the_others_nobody_ends_later_for_it(): void
    {
        $like = self::open('apron');
        $before = self::board();
        $ends = [];
        foreach ($before->timetable()->placed as $one) {
            $ends[$one->batch->id] = $one->end();
        }
        $due = CarbonImmutable::now()->addDays(9)->setTime(16, 0);
        $this->post('/plan/ask/order', [
            'customer' => 'Ullenmere Night Bakery',
            'like' => $like->code,
            'pieces' => 6,
            'due' => $due->format('Y-m-d\TH:i'),
            'way' => 'behind',
            'form' => Str::uuid()->toString(),
        ])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $after = self::board()->timetable();
        foreach ($ends as $batch => $end) {
            self::assertLessThanOrEqual($end, $after->find((string) $batch)?->end() ?? PHP_INT_MAX, (string) $batch);
        }
        self::assertTrue(Order::query()->latest('id')->firstOrFail()->due_at->equalTo($due));
    }

    private static function open(string $garment): Batch
    {
        return Batch::query()
            ->whereIn('code', array_keys(self::board()->batches()))
            ->whereHas('decoration.line', static fn($line) => $line->where('garment', $garment))
            ->with('decoration')
            ->firstOrFail();
    }

    #[Test]
    public function what_is_missing_is_said_and_nothing_is_booked(): void
    {
        $orders = Order::query()->count();
        $this->from('/plan/ask')->post('/plan/ask/order', [
            'like' => 'B-999',
            'pieces' => 0,
            'due' => '2001-01-01T10:00',
            'way' => 'now',
            'form' => Str::uuid()->toString(),
        ])->assertSessionHasErrors(['customer', 'like', 'pieces', 'due', 'way']);
        self::assertSame($orders, Order::query()->count());
    }
}
