<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Floor\Queries\Stations;
use App\Orders\Approvals\ApprovalAnswer;
use App\Orders\Models\Approval;
use App\Orders\Models\Order;
use App\Orders\Queries\ApprovedDecorations;
use App\Shop\Models\Change;
use App\Stock\Models\Thread;
use Hakama\Garment\Position;
use Illuminate\Cache\RateLimiter;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** A customer sees what will be sewn by a link, says yes or what is to change, and reaches nothing else. */
final class ApprovalTest extends FeatureTestCase
{
    #[Test]
    public function a_customer_sees_what_will_be_sewn_and_approves_it_once(): void
    {
        $order = self::polos()->refresh();
        $approval = $this->link($order);
        $page = $this->get("/approve/{$approval->token}")
            ->assertOk()
            ->assertHeader('X-Robots-Tag', 'noindex')
            ->assertSee("Your order {$order->number}")
            ->assertSee('Where your order stands')
            ->assertSee('Approve as shown');
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'));
        $place = $approval->seen()->lines[0]['places'][0];
        self::assertStringContainsString('data:image/svg+xml;base64,', $place['drawing']);
        $page->assertSee($place['artwork'])->assertSee($place['threads'][0]['name']);
        // Nothing of the shop is linked, nothing else can be reached from it.
        preg_match_all('/(?:href|src|action)="([^"]+)"/', (string) $page->getContent(), $links);
        foreach ($links[1] as $link) {
            self::assertMatchesRegularExpression(
                '~^(/build/|data:|/icon\.svg|http://[^/]+(/build/|/approve/'.$approval->token.'$))~',
                $link,
            );
        }

        $this->answer($approval, ['answer' => 'approved', 'name' => ''])->assertSessionHasErrors('name');
        $this->answer($approval, ['answer' => 'approved', 'seen' => str_repeat('0', 64)])
            ->assertSessionHasErrors('seen');
        self::assertNull($approval->refresh()->answer);
        $this->answer($approval, ['answer' => 'approved'])->assertSessionHas('done');
        $approval = Approval::query()->findOrFail($approval->id);
        self::assertSame(ApprovalAnswer::Approved, $approval->answer);
        self::assertSame('Ida', $approval->answered_by);
        self::assertSame(hash('sha256', $approval->shown), $approval->shown_hash);
        // Sent again, or something else said later: the first answer holds.
        $this->answer($approval, ['answer' => 'change', 'wish' => 'No, red'])->assertSessionHas('problem');
        self::assertSame(ApprovalAnswer::Approved, $approval->refresh()->answer);
        $said = Change::query()->where('kind', Change::ORDER)->where('thing', (string) $order->number)->pluck('what');
        self::assertTrue($said->contains('Ida approved by the link.'));
        $this->get("/orders/{$order->number}/approvals")->assertOk()->assertSee('Approved by Ida');
    }

    #[Test]
    public function a_wish_is_kept_as_written_and_runs_nowhere(): void
    {
        $approval = $this->link(self::polos()->refresh());
        $wish = '<script>alert(1)</script><img src=x onerror=alert(2)> {{ 7*7 }} "quoted"';
        $this->answer($approval, ['answer' => 'change'])->assertSessionHasErrors('wish');
        $this->answer($approval, ['answer' => 'change', 'wish' => $wish, 'name' => '<b>Ida</b>'])
            ->assertSessionHas('done');
        self::assertSame($wish, $approval->refresh()->wish);
        $order = "/orders/{$approval->order->number}";
        foreach (["/approve/{$approval->token}", "{$order}/approvals", "{$order}/story"] as $path) {
            $page = $this->get($path)->assertOk();
            self::assertStringNotContainsString('<script>alert', (string) $page->getContent());
            self::assertStringNotContainsString('<img src=x', (string) $page->getContent());
            self::assertStringNotContainsString('<b>Ida', (string) $page->getContent());
        }
    }

    #[Test]
    public function what_is_guessed_withdrawn_replaced_or_too_old_opens_nothing(): void
    {
        $order = self::polos()->refresh();
        $first = $this->link($order);
        $near = [substr($first->token, 0, -1), $first->token.'0'];
        foreach ([str_repeat('a', 48), ...$near, (string) $first->id, $first->token_hash] as $guess) {
            $this->get("/approve/{$guess}")->assertNotFound()->assertDontSee((string) $order->number);
            $this->post("/approve/{$guess}", ['answer' => 'approved', 'name' => 'Ida'])->assertNotFound();
        }
        $second = $this->link($order);
        $this->get("/approve/{$first->token}")->assertStatus(410)->assertDontSee($order->customer->name);
        $this->answer($first, ['answer' => 'approved'])->assertSessionHas('problem');
        self::assertNull($first->refresh()->answer);
        $this->delete("/orders/approvals/{$second->id}")->assertSessionHas('done');
        $this->get("/approve/{$second->token}")->assertStatus(410);
        $third = $this->link($order);
        $this->travel(31)->days();
        $this->get("/approve/{$third->token}")->assertStatus(410);
        self::assertNotSame($first->token, $second->token);
        self::assertSame(48, strlen($first->token));
        // What lies in the tables opens nothing.
        self::assertStringNotContainsString($third->token, json_encode($third->getRawOriginal(), JSON_THROW_ON_ERROR));
    }

    #[Test]
    public function of_a_cancelled_order_nothing_is_asked_and_nothing_approved(): void
    {
        $order = self::polos()->refresh();
        $open = $this->link($order);
        $this->post("/orders/{$order->number}/cancel", ['why_cancelled' => 'the club is no more'])
            ->assertSessionHasNoErrors();
        $this->answer($open, ['answer' => 'approved'])->assertSessionHas('problem');
        self::assertNull($open->refresh()->answer);
        $this->get("/approve/{$open->token}")->assertStatus(410);
        $this->post("/orders/{$order->number}/approvals", ['form' => Str::uuid()->toString()])
            ->assertSessionHas('problem');
        self::assertSame(1, Approval::query()->where('order_id', $order->id)->count());
    }

    #[Test]
    public function what_is_shown_is_read_at_once_however_many_places_there_are(): void
    {
        $order = self::polos()->refresh();
        $one = $this->queriesOf("/orders/{$order->number}/approvals/new");
        $line = $order->lines()->firstOrFail();
        $pieces = $line->decorations()->firstOrFail();
        foreach ([Position::Sleeve, Position::FullBack, Position::FullFront] as $position) {
            $more = $pieces->replicate()->fill(['position' => $position]);
            $more->save();
        }
        $four = $this->queriesOf("/orders/{$order->number}/approvals/new");
        self::assertLessThanOrEqual($one, $four);
    }

    #[Test]
    public function who_tries_too_often_has_to_wait(): void
    {
        // Counted as in a shop: the store that tests have by themselves is emptied between requests.
        config(['cache.limiter' => 'file']);
        app()->forgetInstance(RateLimiter::class);
        Cache::store('file')->flush();
        for ($try = 0; $try < 60; $try++) {
            $this->get('/approve/'.str_repeat('a', 48));
        }
        $this->get('/approve/'.str_repeat('a', 48))->assertStatus(429);
        Cache::store('file')->flush();
    }

    #[Test]
    public function where_the_house_wants_it_nothing_is_sewn_before_and_another_colour_has_to_be_approved_again(): void
    {
        $batch = self::batchOf(self::polos());
        $start = function () use ($batch) {
            app()->forgetScopedInstances();

            return $this->post('/floor/M2/events', [
                'id' => Str::uuid()->toString(),
                'kind' => 'preflight_done',
                'batch' => $batch->code,
                'checked' => app(Stations::class)->at(
                    self::machine('M2')->load(['rack.thread', 'frame']),
                    self::board(),
                )->running?->work->wanted() ?? [],
                'who' => 'Odo',
            ]);
        };
        $this->put('/shop/rules', ['schools' => ['approval' => 'before_sewing']])->assertSessionHasNoErrors();
        $start()->assertSessionHasErrors('checked');
        $approval = $this->link(self::polos()->refresh());
        $start()->assertSessionHasErrors('checked');
        $this->answer($approval, ['answer' => 'approved']);
        $decoration = $batch->decoration->load(['line', 'artwork.blocks.thread']);
        self::assertTrue(ApprovedDecorations::has($decoration));
        $decoration->colourways()->create(['number' => 1, 'thread_id' => Thread::query()
            ->where('id', '!=', $decoration->artwork?->blocks->first()?->thread_id)
            ->value('id')]);
        self::assertFalse(ApprovedDecorations::has($decoration->refresh()->load(['line', 'artwork.blocks.thread'])));
        $start()->assertSessionHasErrors('checked');
        $decoration->colourways()->delete();
        $start()->assertSessionHasNoErrors();
    }

    private function queriesOf(string $page): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($page)->assertOk();

        return count(DB::getQueryLog());
    }

    private function link(Order $order): Approval
    {
        $this->post("/orders/{$order->number}/approvals", ['form' => Str::uuid()->toString()])->assertSessionHas('done');

        return Approval::query()->where('order_id', $order->id)->orderByDesc('id')->firstOrFail();
    }

    /**
     * @param array<string, string> $with
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function answer(Approval $approval, array $with): TestResponse
    {
        return $this->post("/approve/{$approval->token}", ['name' => 'Ida', 'seen' => $approval->shown_hash, ...$with]);
    }
}
