<?php

declare(strict_types=1);

namespace Tests\Feature\Api;

use App\Api\Actions\Programs;
use App\Api\Http\Idempotent;
use App\Api\Models\ConnectedProgram;
use App\Api\Models\ProgramRequest;
use App\Api\Scope;
use App\Orders\Models\Approval;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use Illuminate\Support\Facades\Auth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

/** What a web shop asks and says of orders. */
final class OrdersTest extends ApiTestCase
{
    #[Test]
    public function an_order_is_placed_once_however_often_it_is_sent(): void
    {
        $before = Order::query()->count();
        $first = $this->send('orders', self::order(), 'cart-17')->assertCreated();
        $number = (int) $first->json('number');
        $address = (string) $first->headers->get('Location');
        self::assertSame("/api/v1/orders/{$number}", parse_url($address, PHP_URL_PATH));
        $again = $this->send('orders', self::order(), 'cart-17')
            ->assertCreated()
            ->assertHeader(Idempotent::REPLAYED, 'true');
        self::assertSame($first->json(), $again->json());
        self::assertSame($address, $again->headers->get('Location'));
        self::assertSame($before + 1, Order::query()->count());
        // Kept for a month and cleared then: the order is still the same one.
        ProgramRequest::query()->delete();
        self::assertSame($number, $this->send('orders', self::order(), 'cart-17')->assertCreated()->json('number'));
        $this->send('orders', self::order(['note' => 'another']), 'cart-17')
            ->assertStatus(422)
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonPath('status', 422);
        self::assertSame($number + 1, $this->send('orders', self::order(), 'cart-18')->assertCreated()->json('number'));
        // Another program's keys are its own.
        $other = self::program('another shop', Scope::cases());
        $theirs = $this->send('orders', self::order(), 'cart-17', $other)->assertCreated();
        self::assertSame($number + 2, $theirs->json('number'));
    }

    #[Test]
    public function an_order_is_in_the_book_as_it_was_sent(): void
    {
        $sent = self::order();
        $said = $this->send('orders', $sent)->assertCreated();
        $number = (int) $said->json('number');
        $order = Order::query()->where('number', $number)->firstOrFail();
        self::assertSame($sent['due_at'], $order->due_at->toIso8601String());
        // Five garments, each sewn at two places.
        self::assertSame(10, Piece::query()->where('order_id', $order->id)->count());
        $said->assertJson([
            'state' => 'unplanned',
            'customer' => 'Harbour Choir',
            'due_at' => $sent['due_at'],
            'pieces' => 10,
            'done' => 0,
            'ready_at' => null,
            'is_late' => false,
            'approval' => 'not_asked',
        ]);
        self::assertSame(['M' => 3, 'L' => 2], $said->json('lines.0.sizes'));
        self::assertSame(
            [['position' => 'left_chest', 'artwork_id' => null, 'pieces' => 5, 'done' => 0],
                ['position' => 'sleeve', 'artwork_id' => null, 'pieces' => 5, 'done' => 0]],
            $said->json('lines.0.decorations'),
        );
        self::assertSame($said->json(), $this->ask("orders/{$number}")->assertOk()->json());
        $this->get("/orders/{$number}")->assertOk()->assertSee('Harbour Choir')->assertSee('from the web shop');
    }

    /** When it is due is a moment, wherever the web shop stands. */
    #[Test]
    public function the_hour_it_is_due_is_that_of_the_shop(): void
    {
        $due = \Carbon\CarbonImmutable::now('Asia/Tokyo')->addDays(8)->setTime(22, 0);
        $sent = self::order(['due_at' => $due->format('Y-m-d\TH:i:sP')]);
        $number = $this->send('orders', $sent)->assertCreated()->json('number');
        $order = Order::query()->where('number', $number)->firstOrFail();
        self::assertTrue($due->equalTo($order->due_at));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is sent otherwise, and where it is said */
    public static function wrong(): iterable
    {
        yield 'nobody' => [['customer' => ''], 'customer'];
        yield 'several' => [['customer' => ['a']], 'customer'];
        yield 'in the past' => [['due_at' => '2020-01-01T10:00:00+00:00'], 'due_at'];
        yield 'no moment' => [['due_at' => 'soon'], 'due_at'];
        yield 'no zone' => [['due_at' => '2027-03-01T10:00:00'], 'due_at'];
        yield 'nothing' => [['lines' => []], 'lines'];
        yield 'no list' => [['lines' => 'none'], 'lines'];
        $line = self::order()['lines'][0];
        $with = static fn(array $otherwise): array => ['lines' => [[...$line, ...$otherwise]]];
        yield 'no garment' => [$with(['garment' => 'castle']), 'lines.0.garment'];
        yield 'no size' => [$with(['sizes' => ['HUGE' => 1]]), 'lines.0.sizes'];
        yield 'none of it' => [$with(['sizes' => ['M' => 0]]), 'lines.0.sizes'];
        yield 'too many' => [$with(['sizes' => ['M' => 1000]]), 'lines.0.sizes.M'];
        yield 'nowhere' => [$with(['decorations' => []]), 'lines.0.decorations'];
        $at = static fn(array $place): array => $with(['decorations' => [$place]]);
        yield 'no place' => [$at(['position' => 'moon']), 'lines.0.decorations.0.position'];
        yield 'no artwork' => [
            $at(['position' => 'left_chest', 'artwork_id' => 987654]),
            'lines.0.decorations.0.artwork_id',
        ];
    }

    /** @param array<string, mixed> $with */
    #[Test, DataProvider('wrong')]
    public function what_is_wrong_is_said_at_its_field_and_the_key_is_free_again(array $with, string $field): void
    {
        $before = Order::query()->count();
        $this->send('orders', self::order($with), 'cart-1')
            ->assertStatus(422)
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonStructure(['type', 'title', 'status', 'detail', 'errors' => [$field]]);
        self::assertSame($before, Order::query()->count());
        $this->send('orders', self::order(), 'cart-1')->assertCreated();
    }

    #[Test]
    public function a_request_that_changes_something_wants_a_key_and_json(): void
    {
        foreach (['', 'two words', str_repeat('k', 81), "über"] as $key) {
            $this->send('orders', self::order(), $key)
                ->assertStatus(400)
                ->assertHeader('Content-Type', 'application/problem+json');
        }
        Auth::forgetGuards();
        $this->call('POST', '/api/v1/orders', server: [
            'HTTP_AUTHORIZATION' => "Bearer {$this->token}",
            'HTTP_IDEMPOTENCY_KEY' => 'a',
            'CONTENT_TYPE' => 'application/json',
        ], content: '{"customer": ')->assertStatus(400)->assertJsonPath('status', 400);
        self::assertSame(0, ProgramRequest::query()->count());
    }

    #[Test]
    public function who_has_no_token_or_not_the_scope_gets_nothing(): void
    {
        $order = self::polos()->number;
        $looks = self::program('looks only', [Scope::ReadOrders]);
        $this->ask("orders/{$order}", $looks)->assertOk();
        $this->ask('invoices', $looks)->assertForbidden()->assertJsonPath('status', 403);
        $before = Order::query()->count();
        $this->send('orders', self::order(), null, $looks)->assertForbidden();
        self::assertSame($before, Order::query()->count());
        foreach (['', 'nonsense', '1|nonsense', substr($looks, 0, -1), '9999999999999999999|x'] as $guess) {
            $this->ask("orders/{$order}", $guess)
                ->assertUnauthorized()
                ->assertHeader('WWW-Authenticate', 'Bearer')
                ->assertHeader('Content-Type', 'application/problem+json')
                ->assertDontSee((string) $order);
        }
        $program = ConnectedProgram::query()->where('name', 'looks only')->firstOrFail();
        Programs::shutOut($program);
        $this->ask("orders/{$order}", $looks)->assertUnauthorized();
        $this->ask("orders/{$order}")->assertOk();
        // What is asked for and is not there is as little to be told from what is somebody else's.
        $this->ask('orders/987654')->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
        foreach (['orders/99999999999999999999', 'orders/abc', 'orders/-1', "orders/{$order}abc", 'artworks/1x'] as $odd) {
            $this->ask($odd)->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
        }
        // On the shop's own pages neither.
        $this->get("/orders/{$order}abc")->assertNotFound();
        $this->ask('nothing')->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
    }

    /** The demo lies open to whoever sits before it; its interface does not. */
    #[Test]
    public function a_person_s_desk_is_no_token(): void
    {
        $this->get('/orders')->assertOk();
        $this->get('/api/v1/orders')->assertUnauthorized();
        $this->post('/api/v1/orders', self::order())->assertUnauthorized();
    }

    #[Test]
    public function the_list_is_walked_part_by_part_and_names_each_once(): void
    {
        $open = Order::query()
            ->whereIn('id', Piece::query()->where('state', '!=', 'done')->select('order_id'))
            ->whereNull('cancelled_at')
            ->orderBy('number')
            ->pluck('number')
            ->all();
        self::assertGreaterThan(4, count($open));
        $walked = [];
        $after = 0;
        do {
            $part = $this->ask("orders?limit=2&after={$after}")->assertOk();
            $walked = [...$walked, ...array_column((array) $part->json('items'), 'number')];
            $after = $part->json('next');
        } while ($after !== null);
        self::assertSame($open, $walked);
        $all = $this->ask('orders?state=all&limit=100')->json('items');
        $finished = $this->ask('orders?state=finished&limit=100')->json('items');
        self::assertCount(Order::query()->count(), (array) $all);
        self::assertSame(count((array) $all), count((array) $finished) + count($open));
        // Left empty, they are as if they were not there.
        self::assertSame($open, array_column((array) $this->ask('orders?limit=&after=&state=')->json('items'), 'number'));
        foreach (['limit=0', 'limit=101', 'after=x', 'state=lost'] as $wrong) {
            $this->ask("orders?{$wrong}")->assertStatus(422);
        }
    }

    #[Test]
    public function states_dates_and_odds_are_those_of_the_shop_s_own_page(): void
    {
        foreach ((array) $this->ask('orders?limit=100')->json('items') as $said) {
            $order = Order::query()->where('number', $said['number'])->firstOrFail();
            $pieces = Piece::query()->where('order_id', $order->id);
            self::assertSame($pieces->count(), $said['pieces']);
            self::assertSame($pieces->clone()->where('state', 'done')->count(), $said['done']);
            $places = array_merge(...array_column($said['lines'], 'decorations'));
            self::assertSame($said['pieces'], array_sum(array_column($places, 'pieces')));
            if ($said['odds'] !== null) {
                $this->get("/orders/{$said['number']}")->assertSee((string) round($said['odds'] * 100));
            }
            if ($said['ready_at'] !== null) {
                self::assertSame($said['ready_at'] > $said['due_at'], $said['is_late'], (string) $said['number']);
            }
        }
    }

    #[Test]
    public function a_customer_is_asked_by_a_link_and_their_answer_is_read(): void
    {
        $order = self::polos()->number;
        $this->ask("orders/{$order}/approval")->assertNotFound();
        $asked = $this->send("orders/{$order}/approval", [], 'ask-1')
            ->assertCreated()
            ->assertJsonPath('state', 'waiting');
        self::assertSame($asked->json(), $this->send("orders/{$order}/approval", [], 'ask-1')->json());
        self::assertSame(1, Approval::query()->count());
        $this->ask("orders/{$order}")->assertJsonPath('approval', 'waiting');
        $link = (string) parse_url((string) $asked->json('url'), PHP_URL_PATH);
        $this->get($link)->assertOk();
        $this->post($link, [
            'answer' => 'change',
            'name' => 'Ida',
            'wish' => 'a smaller anchor',
            'seen' => $asked->json('sha256'),
        ])->assertSessionHasNoErrors();
        $this->ask("orders/{$order}/approval")->assertOk()->assertJson([
            'state' => 'change',
            'answered_by' => 'Ida',
            'wish' => 'a smaller anchor',
        ]);
        $this->ask("orders/{$order}")->assertJsonPath('approval', 'change');
        // Nobody is asked about what is cancelled, by a program no more than on its page.
        $this->post("/orders/{$order}/cancel", ['why_cancelled' => 'the club is no more'])->assertSessionHasNoErrors();
        $this->send("orders/{$order}/approval", [], 'ask-2')
            ->assertConflict()
            ->assertHeader('Content-Type', 'application/problem+json');
        self::assertSame(1, Approval::query()->count());
    }

    #[Test]
    public function so_many_requests_a_minute_and_no_more(): void
    {
        config(['shop.api_per_minute' => 3]);
        for ($i = 0; $i < 3; $i++) {
            $this->ask('catalogue')->assertOk();
        }
        $this->ask('catalogue')
            ->assertStatus(429)
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertHeader('Retry-After');
        // Another program has its own.
        $this->ask('catalogue', self::program('another', [Scope::ReadCatalogue]))->assertOk();
    }

    #[Test]
    public function a_long_list_takes_no_more_queries_than_a_short_one(): void
    {
        $count = function (int $limit): int {
            $queries = 0;
            \Illuminate\Support\Facades\DB::listen(static function () use (&$queries): void {
                $queries++;
            });
            $this->ask("orders?state=all&limit={$limit}")->assertOk();

            return $queries;
        };
        $short = $count(2);
        self::assertLessThanOrEqual($short + 2, $count(60));
    }
}
