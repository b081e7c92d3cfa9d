<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Foundation\Clock\ShopClock;
use App\Orders\Models\ExpectedBlanks;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Plan\Models\PlanChange;
use App\Plan\Queries\PlanBoard;
use Carbon\CarbonImmutable;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Blanks that come later hold their batch, or only the part of it that needs them. */
final class BlanksTest extends FeatureTestCase
{
    #[Test]
    public function a_batch_waits_for_blanks_that_are_on_their_way_behind_what_can_be_sewn_before(): void
    {
        [$line, $code, $left] = $this->aWaiting();
        $before = self::board()->timetable()->find($code);
        // Tomorrow noon: the demo's clock stands on Wednesday, 4 March.
        $this->expect($line, 3, '2026-03-05')->assertSessionHas('done', fn(string $said): bool => str_contains(
            $said,
            "{$code} waits for its blanks until Thu 12:00",
        ));
        $board = self::board();
        $batch = $board->batches()[$code];
        self::assertSame([3, 0], [$batch->lacking->pieces, $batch->blanksShort()]);
        $after = $board->timetable()->find($code);
        $noon = ShopClock::seconds(CarbonImmutable::parse('2026-03-05 12:00'));
        self::assertLessThan($noon, $before?->start());
        self::assertGreaterThanOrEqual($noon, $after?->start());
        self::assertNotNull($board->orderEnds($line->order_id, $left), 'the plan knows when it ends');
        // What was behind it on its machine does not stand and wait with it.
        self::assertLessThan($noon, self::board()->timetable()->on((string) $before?->machine)[0]->start());

        $story = "/orders/{$line->order->number}/story";
        $this->get($story)
            ->assertSee('3 blanks on Thu')
            ->assertSee("{$code} waits until Thu 12:00 for 3 blanks and ends")
            ->assertSee(sprintf('the %d that are here end', $left - 3));
        // The house takes what comes in the morning.
        $this->put('/shop/rules', ['delivery_h' => '9'])->assertSessionHasNoErrors();
        self::assertLessThan($noon, self::board()->timetable()->find($code)?->start());
        $this->put('/shop/rules', ['delivery_h' => '12'])->assertSessionHasNoErrors();

        // They came: nothing is awaited any more.
        $this->came($line, array_sum($this->sizes($line)))->assertSessionHasNoErrors();
        self::assertSame(0, self::board()->batches()[$code]->lacking->pieces);
        self::assertSame(0, ExpectedBlanks::query()->outstanding()->count());
        $this->get($story)->assertDontSee('blanks on Thu');
    }

    #[Test]
    public function what_is_here_is_sewn_first_where_the_house_says_so_or_somebody_presses_for_it(): void
    {
        [$line, $code, $left] = $this->aWaiting();
        $size = (string) array_key_last($this->sizes($line));
        $this->expect($line, 2, '2026-03-06', $size);
        $held = self::board()->timetable()->find($code)?->end();
        $story = (string) $this->get("/orders/{$line->order->number}/story")->getContent();
        self::assertStringContainsString("Run 2 of {$code} apart", $story);
        $page = "/orders/{$line->order->number}/story";
        $stale = ['pieces' => 2, 'version' => PlanBoard::version() - 1];
        $this->from($page)
            ->post("/plan/batches/{$code}/split", $stale)
            ->assertRedirect($page)
            ->assertSessionHasErrors('pieces');
        $this->get($page)->assertSee('id="wrong-pieces"', false);
        $this->post("/plan/batches/{$code}/split", ['pieces' => 2, 'version' => PlanBoard::version()])
            ->assertSessionHasNoErrors();
        [$new, $lacking] = $this->part($line, $code);
        self::assertSame([$size => 2], $lacking, 'those whose size comes later, not just the last');
        $board = self::board();
        self::assertNull($board->batches()[$code]->heldUntil());
        self::assertLessThan($held, $board->timetable()->find($code)?->end());
        self::assertSame('Fri 12:00', ShopClock::words(ShopClock::time((int) $board->batches()[$new]->heldUntil())));
        self::assertSame($left, $board->batches()[$code]->left + $board->batches()[$new]->left);
        // As it was said before it was pressed.
        foreach ([$code, $new] as $one) {
            self::assertStringContainsString(
                ShopClock::words(ShopClock::time((int) $board->timetable()->find($one)?->end())),
                $story,
            );
        }
        $this->post('/plan/undo', ['version' => PlanBoard::version()])->assertSessionMissing('problem');
        self::assertSame($left, self::board()->batches()[$code]->left);

        // The same as soon as it is known, where that is the house's way.
        $this->delete('/orders/expected/'.ExpectedBlanks::query()->firstOrFail()->id)->assertSessionHas('done');
        self::assertSame(0, self::board()->batches()[$code]->lacking->pieces);
        $this->put('/shop/rules', ['schools' => ['short_blanks' => 'split']])->assertSessionHasNoErrors();
        $this->expect($line, 2, '2026-03-06', $size)->assertSessionHas(
            'done',
            static fn(string $said): bool => str_contains($said, "2 pieces of {$code} split off as"),
        );
        self::assertSame([$size => 2], $this->part($line, $code)[1]);
    }

    #[Test]
    public function a_delivery_that_is_counted_is_taken_off_what_was_expected_and_the_rest_is_short(): void
    {
        [$line, $code, $left] = $this->aWaiting();
        $sizes = $this->sizes($line);
        $all = array_sum($sizes);
        $this->came($line, $all - 5);
        self::assertSame(5, self::board()->batches()[$code]->blanksShort(), 'nobody knows when they come');
        $this->get('/shop/ordering')->assertSee('5 garments');
        $this->expect($line, 4, '2026-03-05');
        $batch = self::board()->batches()[$code];
        self::assertSame([5, 1], [$batch->lacking->pieces, $batch->blanksShort()]);
        $this->get('/shop/ordering')->assertSee('1 garment')->assertDontSee('5 garments');
        $form = ['id' => Str::uuid()->toString(), 'good' => 2, 'wrong' => 1];
        $this->post("/orders/lines/{$line->id}/arrivals", $form);
        $this->post("/orders/lines/{$line->id}/arrivals", $form);
        self::assertSame(1, ExpectedBlanks::query()->firstOrFail()->left(), 'the same form is the same delivery');
        $batch = self::board()->batches()[$code];
        self::assertSame([3, 2], [$batch->lacking->pieces, $batch->blanksShort()], 'one came wrong');
        // On Friday it is known that they did not come on Thursday.
        $this->travelTo(CarbonImmutable::parse('2026-03-06 08:00'));
        DB::table('turns')->increment('number');
        self::assertSame(3, self::board()->batches()[$code]->blanksShort());
        $this->get("/orders/{$line->order->number}/story")->assertSee('not here yet');
    }

    #[Test]
    public function what_cannot_be_is_said_at_its_field_and_kept_nowhere(): void
    {
        [$line] = $this->aWaiting();
        foreach (
            [
                'expected' => [['expected' => 'some'], ['expected' => '0']],
                'expected_on' => [
                    ['expected_on' => '2026-03-03'],
                    ['expected_on' => 'Thursday'],
                    ['expected_on' => '2028-01-01'],
                ],
                'size' => [['size' => 'huge']],
                'id' => [['id' => 'x']],
            ] as $field => $all
        ) {
            foreach ($all as $wrong) {
                $this->post("/orders/lines/{$line->id}/expected", [
                    'id' => Str::uuid()->toString(),
                    'expected' => '3',
                    'expected_on' => '2026-03-05',
                    ...$wrong,
                ])->assertSessionHasErrors($field);
            }
        }
        self::assertSame(0, ExpectedBlanks::query()->count());
        $changes = PlanChange::query()->count();
        $form = Str::uuid()->toString();
        foreach ([1, 2] as $_) {
            $this->post("/orders/lines/{$line->id}/expected", [
                'id' => $form,
                'expected' => 3,
                'expected_on' => '2026-03-05',
            ]);
        }
        self::assertSame(1, ExpectedBlanks::query()->count());
        self::assertLessThanOrEqual($changes + 1, PlanChange::query()->count());
        $this->delete('/orders/expected/999')->assertNotFound();
    }

    /** @return array{OrderLine, string, int} a line that is not begun, its batch, pieces left */
    private function aWaiting(): array
    {
        foreach (self::board()->timetable()->placed as $placed) {
            $batch = self::board()->batches()[$placed->batch->id];
            $line = OrderLine::query()->with('order')->findOrFail($batch->order->lineId);
            if (! $batch->started && $batch->left > 8 && count($this->sizes($line)) > 1) {
                return [$line, $batch->code, $batch->left];
            }
        }
        self::fail('no batch of several sizes that is not begun');
    }

    /** @return array<string, int> */
    private function sizes(OrderLine $line): array
    {
        return Piece::query()
            ->where('decoration_id', $line->decorations()->firstOrFail()->id)
            ->selectRaw('size, count(*) as n')
            ->groupBy('size')
            ->pluck('n', 'size')
            ->map(static fn(mixed $n): int => (int) $n)
            ->all();
    }

    /** @return array{string, array<string, int>} the part that was split off, and its pieces by size */
    private function part(OrderLine $line, string $code): array
    {
        foreach (self::board()->batches() as $batch) {
            if ($batch->order->lineId === $line->id && $batch->code !== $code) {
                return [$batch->code, Piece::query()
                    ->where('decoration_id', $batch->decorationId)
                    ->selectRaw('size, count(*) as n')
                    ->groupBy('size')
                    ->pluck('n', 'size')
                    ->map(static fn(mixed $n): int => (int) $n)
                    ->all()];
            }
        }
        self::fail("nothing was split off {$code}");
    }

    /** @return TestResponse<Response> */
    private function expect(OrderLine $line, int $pieces, string $day, string $size = ''): TestResponse
    {
        return $this->post("/orders/lines/{$line->id}/expected", [
            'id' => Str::uuid()->toString(),
            'expected' => $pieces,
            'expected_on' => $day,
            'size' => $size,
        ])->assertSessionHasNoErrors();
    }

    /** @return TestResponse<Response> */
    private function came(OrderLine $line, int $good): TestResponse
    {
        return $this->post("/orders/lines/{$line->id}/arrivals", ['id' => Str::uuid()->toString(), 'good' => $good]);
    }
}
