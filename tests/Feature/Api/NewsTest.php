<?php

declare(strict_types=1);

namespace Tests\Feature\Api;

use App\Api\Actions\NewsBook;
use App\Api\Actions\Programs;
use App\Api\Actions\Webhooks;
use App\Api\Jobs\DeliverNews;
use App\Api\Models\ConnectedProgram;
use App\Api\Models\Delivery;
use App\Api\Models\News;
use App\Api\Models\Webhook;
use App\Api\NewsSignature;
use App\Api\Scope;
use App\Foundation\Clock\MinutePassed;
use App\Foundation\Database\Transaction;
use App\Money\Models\Invoice;
use App\Orders\Models\Order;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;

/** What is news, who is told, and what the owner sees of it. */
final class NewsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
    }

    /** The example that is printed in the open specification for webhooks. */
    #[Test]
    public function it_is_signed_as_the_specification_has_it(): void
    {
        self::assertSame('v1,g0hM9SsE+OTPJTGt/tmIKtSyZlE3uFJELVlNIOLJ1OE=', NewsSignature::of(
            'whsec_MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw',
            'msg_p5jXN8AQM9LWM0D4loKWxJek',
            '1614265330',
            '{"test": 2432232314}',
        ));
    }

    #[Test]
    public function a_secret_is_shown_once_and_lies_in_no_table_in_the_open(): void
    {
        $program = ConnectedProgram::query()->firstOrFail();
        $answer = $this->put("/shop/programs/{$program->id}/told", ['url' => 'https://shop.example/told']);
        $secret = (string) session('secret');
        self::assertStringStartsWith('whsec_', $secret);
        $this->followRedirects($answer)->assertSee($secret);
        $this->get("/shop/programs/{$program->id}")->assertOk()->assertDontSee($secret)->assertSee('Nothing was told yet.');
        foreach (['webhooks', 'changes', 'sent_forms'] as $table) {
            self::assertStringNotContainsString($secret, DB::table($table)->get()->toJson(), $table);
        }
        // Another address has the same secret; what waits goes there.
        $this->put("/shop/programs/{$program->id}/told", ['url' => 'https://shop.example/other'])
            ->assertSessionHas('done');
        self::assertSame($secret, Webhook::query()->firstOrFail()->secret);
        $this->delete("/shop/programs/{$program->id}/told")->assertSessionHas('done');
        self::assertSame(0, Webhook::query()->count());
    }

    #[Test]
    #[TestWith([''])]
    #[TestWith(['shop.example/told'])]
    #[TestWith(['ftp://shop.example/told'])]
    #[TestWith(['javascript:alert(1)'])]
    public function an_address_is_one_that_can_be_sent_to(string $url): void
    {
        $program = ConnectedProgram::query()->firstOrFail();
        $this->put("/shop/programs/{$program->id}/told", ['url' => $url])->assertSessionHasErrors('url');
        self::assertSame(0, Webhook::query()->count());
    }

    #[Test]
    public function invoices_are_told_when_they_are_written_and_when_they_are_paid(): void
    {
        $this->begin();
        $order = self::polos()->refresh();
        $order->update(['agreed_cents' => 10_000]);
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');
        $invoice = Invoice::query()->orderByDesc('number')->firstOrFail();
        $pay = fn(string $paid) => $this->post("/books/invoices/{$invoice->number}/payments", [
            'form' => Str::uuid()->toString(),
            'paid' => $paid,
            'paid_on' => now()->toDateString(),
        ])->assertSessionHas('done');
        self::assertSame([['invoice.new', $invoice->number, 10_000]], $this->news());
        $pay('40.00');
        self::assertSame([], $this->news());
        $pay('60.00');
        self::assertSame([['invoice.paid', $invoice->number, 0]], $this->news());
        self::assertSame([], $this->news());
    }

    #[Test]
    public function an_order_is_told_until_nothing_is_expected_of_it(): void
    {
        $order = self::polos()->refresh();
        $this->begin();
        $this->post("/orders/{$order->number}/cancel", ['why_cancelled' => 'the club is no more'])
            ->assertSessionHasNoErrors();
        self::assertSame(1, $this->gathered());
        $told = json_decode(News::query()->firstOrFail()->body, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame('order.changed', $told['kind']);
        self::assertSame([$order->number, 'cancelled'], [$told['order']['number'], $told['order']['state']]);
        self::assertContains('state', $told['changed']);
        // What is cancelled is looked at no more.
        Order::query()->whereKey($order->id)->update(['due_at' => now()->addDays(30)]);
        self::assertSame(0, $this->gathered());
    }

    #[Test]
    public function who_may_not_read_it_is_not_told(): void
    {
        $may = self::program('artworks only', [Scope::ReadArtworks]);
        self::assertNotSame('', $may);
        $program = ConnectedProgram::query()->where('name', 'artworks only')->firstOrFail();
        Webhooks::tellAt($program, 'https://shop.example/told');
        $this->gathered();
        $this->send('orders', self::order())->assertCreated();
        self::assertSame(1, $this->gathered());
        self::assertSame(0, Delivery::query()->count());
    }

    #[Test]
    public function a_minute_in_which_nothing_happened_writes_nothing(): void
    {
        $this->begin();
        Event::dispatch(new MinutePassed());
        $before = Transaction::counts();
        Event::dispatch(new MinutePassed());
        self::assertSame($before, Transaction::counts());
        Queue::assertNotPushed(DeliverNews::class);
        $this->send('orders', self::order())->assertCreated();
        Event::dispatch(new MinutePassed());
        self::assertSame(1, Delivery::query()->waiting()->count());
        Queue::assertPushed(DeliverNews::class, 1);
        $program = ConnectedProgram::query()->firstOrFail();
        $this->get("/shop/programs/{$program->id}")->assertSee('An order is new')->assertSee('waits');
        // Nobody is told, nothing is looked for.
        Webhook::query()->delete();
        $before = Transaction::counts();
        Event::dispatch(new MinutePassed());
        self::assertSame($before, Transaction::counts());
    }

    #[Test]
    public function what_changed_while_nobody_was_told_is_no_news_and_what_changes_after_it_is(): void
    {
        $order = self::polos()->refresh();
        $this->begin();
        $later = function (int $hours) use ($order): int {
            $order->update(['due_at' => $order->due_at->addHours($hours)]);

            return $this->gathered();
        };
        self::assertSame(1, $later(1));
        Webhook::query()->delete();
        $later(2);
        $this->travel(5)->minutes();
        $this->begin();
        self::assertSame(1, $later(3));
        $told = News::query()->orderByDesc('id')->firstOrFail();
        self::assertSame(1, Delivery::query()->count());
        self::assertStringContainsString($order->due_at->toIso8601String(), $told->body, 'not what was told the first time');
    }

    #[Test]
    public function a_program_that_was_shut_out_is_told_nothing(): void
    {
        $program = ConnectedProgram::query()->firstOrFail();
        Programs::shutOut($program);
        $this->put("/shop/programs/{$program->id}/told", ['url' => 'https://shop.example/told'])->assertNotFound();
        self::assertSame(0, Webhook::query()->count());
    }

    #[Test]
    public function old_news_of_orders_is_cleared_and_invoices_are_not_told_again(): void
    {
        $order = self::polos()->refresh();
        $this->begin();
        $order->update(['agreed_cents' => 10_000]);
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');
        $this->send('orders', self::order())->assertCreated();
        self::assertGreaterThanOrEqual(2, $this->gathered());
        News::query()->update(['made_at' => now()->subDays(91)]);
        self::assertSame(0, $this->gathered());
        self::assertSame(['invoice.new'], News::query()->get()->map(static fn(News $one): string => $one->kind->value)->all());
    }

    #[Test]
    public function what_is_told_holds_what_the_description_says(): void
    {
        $this->begin();
        $this->send('orders', self::order())->assertCreated();
        self::assertSame(1, $this->gathered());
        self::assertSame('', self::faults([['News', json_decode(News::query()->firstOrFail()->body)]]));
    }

    private function begin(): void
    {
        Webhooks::tellAt(ConnectedProgram::query()->firstOrFail(), 'https://shop.example/told');
        self::assertSame(0, $this->gathered(), 'what was there is no news');
    }

    private function gathered(): int
    {
        app()->forgetScopedInstances();

        return app(NewsBook::class)->gather();
    }

    /** @return list<array{string, int, int}> of invoices: kind, number and what is open; none of it again */
    private function news(): array
    {
        $last = (int) News::query()->max('id');
        $this->gathered();

        return array_values(News::query()
            ->where('id', '>', $last)
            ->where('kind', 'like', 'invoice%')
            ->get()
            ->map(static fn(News $one): array => [
                $one->kind->value,
                $one->number,
                json_decode($one->body, true, 64, JSON_THROW_ON_ERROR)['invoice']['open_cents'],
            ])
            ->all());
    }
}
