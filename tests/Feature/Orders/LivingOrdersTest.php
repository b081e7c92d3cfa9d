<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Artwork\Models\Artwork;
use App\Orders\Messages;
use App\Orders\Models\Decoration;
use App\Orders\Models\HandOver;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Orders\OrderFacts;
use App\Orders\Queries\OrderedGarments;
use App\Plan\Queries\PlanBoard;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Database\Factories\OrderFactory;
use Hakama\Garment\PatchBack;
use Hakama\House\HouseRules;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What happens to an order after it was entered. */
final class LivingOrdersTest extends FeatureTestCase
{
    #[Test]
    public function a_size_grows_and_shrinks_in_every_place_and_what_is_begun_stays(): void
    {
        $order = self::aprons()->refresh();
        $line = $order->lines()->firstOrFail();
        $wanted = OrderedGarments::of($order)->wanted[$line->id];
        $size = (string) array_key_first($wanted);
        $places = $line->decorations()->whereNull('split_from_id')->count();
        $version = (int) DB::table('plans')->value('version');

        $this->put(
            '/orders/'.$order->number,
            $this->form($order, [$line->id => [$size => $wanted[$size] + 3]]),
        )->assertRedirect('/orders/'.$order->number);
        self::assertSame($wanted[$size] + 3, OrderedGarments::of($order)->wanted[$line->id][$size]);
        self::assertSame(
            $places * (array_sum($wanted) + 3),
            Piece::query()
                ->whereIn('decoration_id', $line->decorations()->pluck('id'))
                ->count(),
        );
        self::assertGreaterThan($version, (int) DB::table('plans')->value('version'));
        $change = Change::query()->where('kind', 'order')->orderByDesc('seq')->firstOrFail();
        self::assertStringContainsString($size.' '.($wanted[$size] + 3), (string) json_encode($change->after));

        $this->put(
            '/orders/'.$order->number,
            $this->form($order->refresh(), [$line->id => [$size => $wanted[$size] - 1]]),
        );
        self::assertSame($wanted[$size] - 1, OrderedGarments::of($order)->wanted[$line->id][$size]);
        $numbers = Piece::query()
            ->where('decoration_id', $line->decorations()->value('id'))
            ->where('size', $size)
            ->orderBy('number')
            ->pluck('number')
            ->all();
        self::assertSame(range(1, $wanted[$size] - 1), $numbers, 'the last of them go first');

        Piece::query()
            ->where('order_id', $order->id)
            ->where('size', $size)
            ->limit(2)
            ->update(['state' => 'done']);
        $this->put(
            '/orders/'.$order->number,
            $this->form($order, [$line->id => [$size => 1]]),
        )->assertSessionHasErrors("sizes.{$line->id}.{$size}");
        self::assertSame($wanted[$size] - 1, OrderedGarments::of($order)->wanted[$line->id][$size]);
    }

    #[Test]
    public function what_it_would_bring_is_said_before_and_nothing_is_stored_by_asking(): void
    {
        $order = self::aprons()->refresh();
        $line = $order->lines()->firstOrFail();
        $size = (string) array_key_first(OrderedGarments::of($order)->wanted[$line->id]);
        $pieces = Piece::query()->count();
        $this->get(
            '/orders/'.
                $order->number.
                '/foresight?'.
                http_build_query([
                    'due_date' => '2026-03-04',
                    'due_time' => '09:45',
                    'sizes' => [$line->id => [$size => 99]],
                ]),
        )
            ->assertSee('In the current plan it ends')
            ->assertSee('later than that')
            ->assertSee('garments more: they join');
        $this->get(
            '/orders/'.
                $order->number.
                '/foresight?'.
                http_build_query(['due_date' => '2026-03-01', 'due_time' => '09:45']),
        )->assertSee('in the past');
        self::assertSame($pieces, Piece::query()->count());
    }

    #[Test]
    public function the_second_of_two_who_change_it_is_told_and_keeps_what_was_typed(): void
    {
        $order = self::aprons()->refresh();
        $form = $this->form($order, []);
        $this->put('/orders/'.$order->number, [...$form, 'note' => 'first'])->assertSessionHasNoErrors();
        $this->put('/orders/'.$order->number, [...$form, 'note' => 'second'])->assertSessionHasErrors('seen');
        self::assertSame('first', $order->refresh()->note);
        self::assertSame('second', session()->getOldInput('note'));
    }

    #[Test]
    public function a_cancelled_order_leaves_the_plan_and_comes_back_as_it_was(): void
    {
        $order = self::aprons()->refresh();
        $wanted = OrderedGarments::of($order)->wanted;
        Piece::query()
            ->where('order_id', $order->id)
            ->orderBy('id')
            ->limit(2)
            ->update(['state' => 'done']);
        $this->post('/orders/'.$order->number.'/cancel')->assertSessionHasErrors('why_cancelled');
        $this->get('/orders/'.$order->number.'/change')
            ->assertSee('leave the plan')
            ->assertSee('2 sewn pieces stay');
        $this->post('/orders/'.$order->number.'/cancel', [
            'why_cancelled' => 'Event called off',
        ])->assertRedirect('/orders/'.$order->number);
        self::assertSame(2, Piece::query()->where('order_id', $order->id)->count());
        self::assertSame(
            [],
            array_keys(
                array_filter(
                    self::board()->batches(),
                    static fn($batch): bool => $batch->decorationId ===
                        $order->lines()->firstOrFail()->decorations()->value('id'),
                ),
            ),
        );
        $this->get("/orders?q={$order->number}")->assertSee('cancelled');
        $this->get('/orders/'.$order->number)->assertSee('was cancelled');
        $this->get('/orders/'.$order->number.'/story')->assertSee('Event called off');

        $this->post('/orders/'.$order->number.'/reopen');
        self::assertSame($wanted, OrderedGarments::of($order)->wanted);
        self::assertSame(2, Piece::query()->where('order_id', $order->id)->where('state', 'done')->count());
        self::assertNull($order->refresh()->cancelled_at);
    }

    #[Test]
    public function garments_are_handed_over_in_parts_and_never_more_than_are_done(): void
    {
        $order = self::aprons()->refresh();
        $line = $order->lines()->firstOrFail();
        $size = (string) array_key_first(OrderedGarments::of($order)->wanted[$line->id]);
        // A garment with one of its places unsewn is not done.
        foreach ($line->decorations()->pluck('id') as $decoration) {
            Piece::query()
                ->where('decoration_id', $decoration)
                ->where('size', $size)
                ->orderBy('number')
                ->limit(3)
                ->update(['state' => 'done']);
        }
        self::assertSame(3, OrderedGarments::of($order)->toHandOver($line->id, $size));
        $hand = ['id' => Str::uuid()->toString(), 'sizes' => [$line->id => [$size => 2]]];
        $this->post('/orders/'.$order->number.'/hand-overs', [
            ...$hand,
            'sizes' => [$line->id => [$size => 4]],
        ])->assertSessionHasErrors('sizes');
        $this->post('/orders/'.$order->number.'/hand-overs', $hand)->assertRedirect(
            '/orders/'.$order->number.'/slips/1',
        );
        // Sent twice is given once.
        $this->post('/orders/'.$order->number.'/hand-overs', $hand)->assertRedirect(
            '/orders/'.$order->number.'/slips/1',
        );
        self::assertSame(1, HandOver::query()->where('order_id', $order->id)->count());
        self::assertSame(1, OrderedGarments::of($order)->toHandOver($line->id, $size));
        $this->post('/orders/'.$order->number.'/hand-overs', [
            ...$hand,
            'id' => Str::uuid()->toString(),
        ])->assertSessionHasErrors('sizes');
        $this->get('/orders/'.$order->number.'/slips/1')
            ->assertOk()
            ->assertSee("Delivery slip {$order->number}.1")
            ->assertSee('<td class="num">2</td>', false);
        $this->get('/orders/'.$order->number.'/slips/2')->assertNotFound();
    }

    #[Test]
    public function where_what_is_ready_lies_is_kept_and_the_counts_come_to_what_was_ordered(): void
    {
        $order = self::polos();
        $ids = self::decoration($order)->pieces()->orderBy('id')->limit(5)->pluck('id');
        Piece::query()
            ->whereKey($ids)
            ->update(['state' => 'done', 'finish' => 'passed']);
        $this->get("/orders/{$order->number}/story")->assertSee(
            'Ordered 12, handed over 0, finished and here 5, still to come 7.',
        );
        $this->put("/orders/{$order->number}/shelf", ['shelf' => str_repeat('x', 41)])->assertSessionHasErrors('shelf');
        $this->put("/orders/{$order->number}/shelf", ['shelf' => ' A3 '])->assertSessionHas('done', 'Shelf: A3.');
        $this->put("/orders/{$order->number}/shelf", ['shelf' => 'A3']);
        self::assertSame(1, Change::query()->where('what', 'shelf changed')->count());
        $this->get("/orders/{$order->number}")->assertSee('Finished pieces: A3.');
    }

    #[Test]
    public function an_order_is_ordered_again_with_all_but_its_dates(): void
    {
        $order = self::polos();
        // Though part of it is run apart.
        $batch = self::batchOf($order);
        $this->post("/plan/batches/{$batch->code}/split", ['pieces' => 5, 'version' => PlanBoard::version()]);
        self::assertSame(5, Piece::query()->whereIn('decoration_id', Decoration::query()->whereNotNull('split_from_id')->select('id'))->count());
        $this->get("/orders/{$order->number}/again")->assertRedirect('/orders/new');
        $typed = session()->getOldInput();
        self::assertSame($order->customer()->firstOrFail()->name, $typed['customer']);
        self::assertArrayNotHasKey('due_date', $typed);
        $this->post('/orders', [
            ...$typed,
            'form' => Str::uuid()->toString(),
            'due_date' => '2026-04-20',
            'due_time' => '16:00',
        ])->assertSessionHasNoErrors();
        $again = Order::query()->orderByDesc('id')->firstOrFail();
        $facts = static fn(Order $of): array => [
            $of->lines()->orderBy('id')->get()->map->only(['garment', 'fabric', 'style', 'colour_hex', 'structure', 'profile'])->all(),
            $of->lines()->with('decorations')->get()->flatMap->decorations->whereNull('split_from_id')->map->only(['position', 'artwork_id'])->all(),
            Piece::query()->where('order_id', $of->id)->orderBy('size')->pluck('size')->all(),
        ];
        self::assertEquals($facts($order), $facts($again));
    }

    #[Test]
    public function a_page_of_an_order_shows_how_far_it_has_come(): void
    {
        $order = self::caps();
        $this->get("/orders/{$order->number}")->assertOk()->assertSee("/orders/{$order->number}/story", false);
        $this->get("/orders/{$order->number}/story")
            ->assertOk()
            ->assertSeeInOrder(['Received', 'Blanks in', 'not counted', 'Sewn', 'Ready', 'Handed over', '0 of ']);
    }

    #[Test]
    public function blanks_are_counted_as_they_come(): void
    {
        $order = self::aprons()->refresh();
        $line = $order->lines()->firstOrFail();
        $wanted = array_sum(OrderedGarments::of($order)->wanted[$line->id]);
        $came = ['id' => Str::uuid()->toString(), 'good' => $wanted - 4, 'wrong' => 1, 'arrival_note' => 'One is an S'];
        $this->post("/orders/lines/{$line->id}/arrivals", [...$came, 'good' => 'many'])->assertSessionHasErrors('good');
        $this->post("/orders/lines/{$line->id}/arrivals", $came);
        $this->post("/orders/lines/{$line->id}/arrivals", $came);
        self::assertSame(
            sprintf('%d of %d good, 4 short (1 wrong)', $wanted - 4, $wanted),
            OrderedGarments::of($order)->blanks($line->id),
        );
    }

    #[Test]
    public function the_same_form_sent_twice_is_one_order_and_takes_one_number(): void
    {
        $form = [
            'form' => Str::uuid()->toString(),
            'customer' => 'Fennel & Rook',
            'due_date' => '2026-03-12',
            'due_time' => '16:00',
            'lines' => [
                [
                    'garment' => 'tee',
                    'fabric' => 'jersey',
                    'colour_name' => 'black',
                    'colour_hex' => '#111111',
                    'sizes' => ['M' => 2],
                    'decorations' => [['position' => 'left_chest']],
                ],
            ],
        ];
        $first = $this->post('/orders', $form)->headers->get('Location');
        self::assertSame($first, $this->post('/orders', $form)->headers->get('Location'));
        self::assertSame(1, Order::query()->where('form_id', $form['form'])->count());
        $number = (int) basename((string) $first);
        $next = $this->post('/orders', [...$form, 'form' => Str::uuid()->toString()])->headers->get('Location');
        self::assertSame($number + 1, (int) basename((string) $next));
    }

    #[Test]
    public function orders_come_from_a_list_all_of_them_or_none_and_once(): void
    {
        $head = "order,customer,due,note,garment,fabric,style,colour,colour_hex,size,count,position,artwork\n";
        $rows =
            "A,Fennel & Rook,2026-03-20 12:00,soon,tee,jersey,,black,#111111,M,4,left_chest,Seed sprig\n".
            "A,Fennel & Rook,2026-03-20 12:00,soon,tee,jersey,,black,#111111,L,6,left_chest,Seed sprig\n".
            "A,Fennel & Rook,2026-03-20 12:00,soon,apron,canvas,,ecru,,one,2,centre,\n".
            "B,Hollow Oak,2026-03-21,,bag,canvas,,natural,,one,9,centre,\n";
        $before = Order::query()->count();
        $this->post('/orders/list', ['list' => self::upload($head.$rows, 'orders.csv')])
            ->assertSessionHasNoErrors()
            ->assertSessionHas('done');
        self::assertSame($before + 2, Order::query()->count());
        $first = Order::query()->where('note', 'soon')->firstOrFail();
        self::assertSame('2026-03-20 12:00', $first->due_at->format('Y-m-d H:i'));
        $lines = $first->lines()->orderBy('id')->get();
        self::assertSame(
            [['M' => 4, 'L' => 6], ['one' => 2]],
            $lines
                ->map(static fn($line): array => OrderedGarments::of($first)->wanted[$line->id])
                ->map(
                    static fn(array $sizes): array => array_replace(
                        array_intersect_key(['M' => 0, 'L' => 0, 'one' => 0], $sizes),
                        $sizes,
                    ),
                )
                ->all(),
        );
        self::assertNotNull($lines[0]->decorations()->firstOrFail()->artwork_id);

        $this->post('/orders/list', ['list' => self::upload($head.$rows, 'orders.csv')])->assertSessionHasNoErrors();
        self::assertSame($before + 2, Order::query()->count(), 'the same list is the same orders');

        foreach (
            [
                'no column colour_of_hair. Columns: order' => "order,colour_of_hair\nA,red\n",
                'here is no row' => $head,
                'none called “Nowhere”' => str_replace('Seed sprig', 'Nowhere', $head.$rows),
                'a whole number from 1 to 999' => $head."C,X,2026-03-20,,tee,jersey,,black,,M,many,left_chest,\n",
                'Row 2, position: “chest” is none of them. Write one of: left chest' => $head.
                    "C,X,2026-03-20,,tee,jersey,,black,,M,2,chest,\n",
                'is no day. Write 2026-12-10' => $head."C,X,12/10/2026,,tee,jersey,,black,,M,2,left_chest,\n",
                'Order C, row 2' => $head."C,,2026-03-20,,tee,jersey,,black,,M,2,left_chest,\n".$rows,
                '“XM” is none of them. Write one of: one, XS' => $head."C,X,2026-03-20,,tee,jersey,,black,,XM,2,left_chest,\n",
                'That time is in the past' => $head."C,X,2025-03-20,,tee,jersey,,black,,M,2,left_chest,\n",
            ] as $why => $csv
        ) {
            $this->post('/orders/list', ['list' => self::upload($csv, 'orders.csv')]);
            self::assertStringContainsString($why, (string) session('errors')?->first('list'));
        }
        self::assertSame($before + 2, Order::query()->count());
    }

    #[Test]
    public function an_order_short_of_blanks_promises_nothing_until_they_are_there(): void
    {
        $order = self::polos();
        $line = $order->lines()->firstOrFail();
        $batch = self::batchOf($order)->code;
        self::assertNotNull(self::board()->orderEnds($order->id, 12));
        $this->get("/orders/{$order->number}")->assertSee('On time');
        $this->post("/orders/lines/{$line->id}/arrivals", ['id' => Str::uuid()->toString(), 'good' => 8, 'wrong' => 4]);
        self::assertSame(4, self::board()->blanksShort($order->id));
        self::assertNull(self::board()->orderEnds($order->id, 12));
        $this->get("/orders/{$order->number}")->assertSee('4 blanks short')->assertDontSee('On time');
        $this->get('/orders')->assertSee('4 blanks short');
        $this->get('/plan')->assertSee('once 4')->assertSee('blanks short: the rest can be sewn');
        $this->get("/plan/batches/{$batch}")->assertSee('4 short: it cannot be finished before they arrive');
        $this->post("/orders/lines/{$line->id}/arrivals", ['id' => Str::uuid()->toString(), 'good' => 4]);
        $this->get("/orders/{$order->number}")->assertDontSee('blanks short')->assertSee('On time');
    }

    #[Test]
    public function a_line_comes_to_an_order_that_is_in_the_book_and_is_set_up_like_a_new_one(): void
    {
        $order = self::aprons()->refresh();
        $sewn = self::board()->batches()[self::batchOf($order)->code]->left;
        $typed = [
            'garment' => 'tee',
            'fabric' => 'jersey',
            'colour_name' => 'sage',
            'colour_hex' => '#a9b79a',
            'sizes' => ['S' => '2', 'M' => '3'],
            'decorations' => [['position' => 'left_chest'], ['position' => 'sleeve']],
        ];
        $add = fn(array $lines, ?string $seen = null) => $this->post("/orders/{$order->number}/lines", [
            'seen' => $seen ?? OrderFacts::sign($order->refresh()),
            'lines' => $lines,
        ]);
        $this->get("/orders/{$order->number}/lines/new")
            ->assertOk()
            ->assertSee('New line for no.');
        $add([['garment' => 'tee'] + $typed, ['colour_name' => ''] + $typed])->assertSessionHasErrors(
            'lines.1.colour_name',
        );
        $add([['sizes' => []] + $typed])->assertSessionHasErrors('lines.0.sizes');
        $add([$typed], 'old')->assertSessionHasErrors('seen');
        self::assertSame(1, $order->lines()->count());

        $add([$typed])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/orders/{$order->number}");
        $line = $order->lines()->orderByDesc('id')->firstOrFail();
        self::assertEquals(['S' => 2, 'M' => 3], array_filter(OrderedGarments::of($order->refresh())->wanted[$line->id]));
        self::assertSame(
            10,
            Piece::query()
                ->whereIn('decoration_id', $line->decorations()->select('id'))
                ->count(),
        );
        self::assertSame($sewn, self::board()->batches()[self::batchOf($order)->code]->left, 'first line stays');
        $change = Change::query()->where('kind', Change::ORDER)->orderByDesc('seq')->firstOrFail();
        self::assertSame(['one line added', 'S 2, M 3'], [$change->what, $change->after['line 2'] ?? '']);
        $this->get("/orders/{$order->number}")
            ->assertOk()
            ->assertSee('sage');

        $this->post("/orders/{$order->number}/cancel", ['why_cancelled' => 'Event called off']);
        $add([$typed])->assertSessionHas('problem');
        self::assertSame(2, $order->lines()->count());
    }

    #[Test]
    public function what_a_line_is_may_be_said_otherwise_and_is_taken_back(): void
    {
        $order = OrderFactory::new()
            ->of(
                ['garment' => 'patch', 'fabric' => 'felt', 'patch_back' => 'sewn_on'],
                ['one' => 6],
                [
                    'centre' => 'Ferry badge',
                ],
            )
            ->create();
        $line = $order->lines()->firstOrFail();
        $was = OrderFacts::of($order->refresh());
        $to = fn(array $is) => $this->put("/orders/{$order->number}", [
            ...$this->form($order->refresh(), []),
            'lines' => [
                $line->id => ['colour_name' => 'moss', 'colour_hex' => '#5D6B45', 'patch_back' => 'ironed_on', ...$is],
            ],
        ]);
        $to(['colour_hex' => 'green'])->assertSessionHasErrors("lines.{$line->id}.colour_hex");
        $to(['spares' => 'two'])->assertSessionHasErrors("lines.{$line->id}.spares");
        $to(['spares' => '2', 'unit_value' => '3.5'])->assertSessionHasNoErrors();
        $line->refresh();
        self::assertSame(
            ['moss', '#5d6b45', 2, 350, PatchBack::IronedOn],
            [$line->colour_name, $line->colour_hex, $line->spares, $line->unit_value_cents, $line->patch_back],
        );
        $this->get("/orders/{$order->number}/change")
            ->assertOk()
            ->assertSee('value="3.50"', false);
        $change = Change::query()->where('kind', Change::ORDER)->orderByDesc('seq')->firstOrFail();
        $this->post("/shop/changes/{$change->seq}/undo")->assertSessionHas('done');
        self::assertSame($was, OrderFacts::of($order->refresh()));
    }

    #[Test]
    public function another_artwork_may_be_taken_until_a_piece_is_begun(): void
    {
        $decoration = self::decoration(self::polos());
        $choose = fn(string $name) => $this->put("/orders/decorations/{$decoration->id}", [
            'artwork_id' => Artwork::query()->where('name', $name)->value('id'),
        ]);
        $this->get('/orders/'.self::polos()->number)->assertSee('Another artwork');
        $this->get("/orders/decorations/{$decoration->id}/artworks")
            ->assertOk()
            ->assertSee('Seed sprig')
            ->assertSee('It leaves the plan and')
            ->assertDontSee('Names, order');
        $choose('Seed sprig')->assertSessionHas('done');
        self::assertSame('Seed sprig', $decoration->refresh()->artwork?->name);
        self::assertNull($decoration->setup, 'it is set up anew');
        Piece::query()
            ->where('decoration_id', $decoration->id)
            ->limit(1)
            ->update(['state' => 'done']);
        $choose('Paddle mark')->assertSessionHas('problem');
        self::assertSame('Seed sprig', $decoration->refresh()->artwork->name);
    }

    #[Test]
    public function an_order_is_found_by_number_customer_garment_and_artwork(): void
    {
        $order = self::aprons()->refresh()->load('customer');
        $word = explode(' ', $order->customer->name)[0];
        foreach ([$order->number, $word, strtoupper($word)." {$order->number}"] as $words) {
            $this->get('/orders?'.http_build_query(['q' => $words]))
                ->assertOk()
                ->assertSee("orders/{$order->number}\"", false);
        }
        $this->get("/orders?q={$order->number}+nothing-like-it")->assertSee('No order matches');
        $this->get('/orders?q=%25%25')->assertSee('No order matches');
    }

    #[Test]
    public function what_a_customer_is_told_follows_from_how_it_stands(): void
    {
        $order = self::aprons()->refresh();
        $due = $order->due_at;
        self::assertSame(
            ['received', 'sample'],
            array_keys(Messages::of($order, 'Us', HouseRules::of(), $due->subHour(), 0, 10)),
        );
        $late = Messages::of($order, 'Us', HouseRules::of(), $due->addHours(5), 4, 10);
        self::assertSame(['received', 'sample', 'late', 'part_ready'], array_keys($late));
        self::assertStringContainsString($due->addHours(5)->format('H:i'), $late['late']);
        self::assertStringContainsString('4 of 10', $late['part_ready']);
        self::assertArrayHasKey('ready', Messages::of($order, 'Us', HouseRules::of(), null, 10, 10));
        $order->cancelled_at = CarbonImmutable::now();
        self::assertSame(['cancelled'], array_keys(Messages::of($order, 'Us', HouseRules::of(), null, 0, 10)));
    }

    /**
     * @param array<int, array<string, int>> $sizes
     *
     * @return array<string, mixed>
     */
    private function form(Order $order, array $sizes): array
    {
        return [
            'seen' => OrderFacts::sign($order),
            'customer' => (string) $order->customer()->value('name'),
            'contact' => '',
            'due_date' => $order->due_at->format('Y-m-d'),
            'due_time' => $order->due_at->format('H:i'),
            'note' => $order->note,
            'sizes' => $sizes,
        ];
    }
}
