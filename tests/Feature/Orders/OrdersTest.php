<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Artwork\Models\Artwork;
use App\Orders\Actions\OrderBook;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Orders\TypedLine;
use App\Setup\Models\KeptPlacement;
use App\Shop\Catalogue\Catalogue;
use Carbon\CarbonImmutable;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class OrdersTest extends FeatureTestCase
{
    #[Test]
    public function a_garment_of_no_style_in_the_catalogue_is_set_up_by_its_kind(): void
    {
        $decoration = self::decoration(self::polos());
        $decoration->line->update(['style' => '', 'garment_style_id' => null]);

        $this->get("/setup/{$decoration->id}?tab=frames")
            ->assertOk()
            ->assertSee('Look at frame');
        $this->put("/setup/{$decoration->id}/placement", [
            'size' => 'M',
            'peg' => '7',
            'down' => '205',
            'across' => '100',
        ])->assertSessionHasNoErrors();
        self::assertSame('polo', KeptPlacement::query()->where('peg', '7')->sole()->garment);
    }

    #[Test]
    public function a_shop_that_measures_in_inches_reads_and_types_them(): void
    {
        $decoration = self::decoration(self::polos());
        $this->put('/shop/rules', ['schools' => ['units' => 'inch']])->assertSessionHasNoErrors();
        $this->get("/setup/{$decoration->id}")
            ->assertOk()
            ->assertSee('in (')
            ->assertSee('Down, in');
        $keep = fn(string $down) => $this->put("/setup/{$decoration->id}/placement", [
            'size' => 'M',
            'peg' => '9',
            'down' => $down,
            'across' => '4',
        ]);
        $keep('8 1/4')->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            [209.55, 101.6],
            array_values(
                KeptPlacement::query()
                    ->where('peg', '9')
                    ->sole()
                    ->only(['down_mm', 'across_mm']),
            ),
            1e-6,
        );
        $keep('a hand')->assertSessionHasErrors([
            'down' => 'Down is a length, −15 3/4 to 35.43 in; above the seam it is negative.',
        ]);
        $keep('60')->assertSessionHasErrors('down');
        $this->get("/setup/{$decoration->id}/measure?measure=half&a=a+hand")->assertSee('for example 7 7/8');
        $this->get("/setup/{$decoration->id}/measure?measure=half&a=20")->assertSee('10 in (254 mm)');
    }

    #[Test]
    public function open_orders_stand_by_due_time_with_their_pieces(): void
    {
        [$tomorrow, $today, $done] = [self::hoodies()->number, self::polos()->number, self::finished()->number];
        $page = (string) $this->get('/orders')->assertOk()->getContent();

        self::assertGreaterThan(
            strpos($page, ">{$today}<"),
            strpos($page, ">{$tomorrow}<"),
            'due today comes before due tomorrow',
        );
        $this->get('/orders')
            ->assertSee('5 / 16')
            ->assertDontSee(">{$done}<", false);
        $this->get('/orders?show=finished')
            ->assertSee(">{$done}<", false)
            ->assertDontSee(">{$today}<", false);
    }

    #[Test]
    public function a_promise_that_cannot_be_kept_is_said_at_the_top_and_in_its_row(): void
    {
        $this->get('/orders')
            ->assertSee('One order will be late')
            ->assertSee('no. 1008 for Ullenmere Night Bakery')
            ->assertSee('late by');
    }

    #[Test]
    public function an_order_with_two_places_makes_a_piece_for_each_garment_and_place(): void
    {
        $last = (int) Order::query()->max('number');
        $artwork = Artwork::query()->where('name', 'Seed sprig')->firstOrFail();
        $this->post(
            '/orders',
            $this->typed([
                'lines' => [
                    [
                        'garment' => 'tee',
                        'fabric' => 'jersey',
                        'structure' => 'none',
                        'profile' => 'none',
                        'style' => 'Furrow',
                        'colour_name' => 'sage',
                        'colour_hex' => '#A9B79A',
                        'sizes' => ['XS' => '', 'S' => '4', 'M' => '8', 'one' => ''],
                        'decorations' => [
                            ['position' => 'left_chest', 'artwork_id' => $artwork->id],
                            ['position' => 'full_back', 'artwork_id' => ''],
                        ],
                    ],
                ],
            ]),
        )->assertRedirect();
        $order = Order::query()->orderByDesc('id')->firstOrFail();

        self::assertSame($last + 1, $order->number);
        self::assertSame(24, DB::table('pieces')->where('order_id', $order->id)->count());
        $this->get("/orders/{$order->number}")
            ->assertSee('S 4, M 8')
            ->assertSee('0 / 12')
            ->assertSee('to set up')
            ->assertSee('to follow');
    }

    #[Test]
    public function what_is_wrong_is_said_at_its_field_and_nothing_typed_is_lost(): void
    {
        $before = DB::table('orders')->count();
        $this->from('/orders/new')
            ->followingRedirects()
            ->post(
                '/orders',
                $this->typed([
                    'due_date' => '2026-02-30',
                    'lines' => [
                        [
                            'garment' => 'cap',
                            'fabric' => 'twill',
                            'structure' => 'structured',
                            'profile' => 'none',
                            'style' => '<b>bold</b>',
                            'colour_name' => 'navy',
                            'colour_hex' => '#26324f',
                            'sizes' => ['one' => 'six'],
                            'decorations' => [['position' => 'cap_front']],
                        ],
                    ],
                ]),
            )
            ->assertSee('Enter the date as year-month-day')
            ->assertSee('Choose the cap height')
            ->assertSee('Sizes are whole numbers')
            ->assertSee('value="six"', false)
            ->assertSee('value="&lt;b&gt;bold&lt;/b&gt;"', false)
            ->assertSee('Bell Ringers of Ullenmere');
        self::assertSame($before, DB::table('orders')->count());
    }

    #[Test]
    public function a_cap_of_the_catalogue_is_as_high_as_the_catalogue_has_it(): void
    {
        $cap = [
            'garment' => 'cap',
            'fabric' => 'twill',
            'structure' => 'none',
            'profile' => 'none',
            'style' => 'quayside',
            'colour_name' => 'navy',
            'colour_hex' => '#26324f',
            'sizes' => ['one' => '6'],
            'decorations' => [['position' => 'cap_front']],
        ];
        $this->post('/orders', $this->typed(['lines' => [$cap]]))->assertSessionHasNoErrors();
        self::assertSame(
            [Structure::Structured, Profile::Mid],
            array_values(
                Order::query()->orderByDesc('id')->firstOrFail()->lines()->firstOrFail()->only('structure', 'profile'),
            ),
        );
        $this->post('/orders', $this->typed(['lines' => [[...$cap, 'profile' => 'low']]]))->assertSessionHasNoErrors();
        self::assertSame(
            Profile::Low,
            Order::query()->orderByDesc('id')->firstOrFail()->lines()->firstOrFail()->profile,
        );
    }

    #[Test]
    public function a_time_that_has_passed_a_line_without_garments_and_far_too_many_are_refused(): void
    {
        $this->post(
            '/orders',
            $this->typed(['due_date' => '2026-03-04', 'due_time' => '09:00']),
        )->assertSessionHasErrors('due_date');
        $this->post(
            '/orders',
            $this->typed(['lines' => [[...$this->typed()['lines'][0], 'sizes' => ['M' => '']]]]),
        )->assertSessionHasErrors('lines.0.sizes');
        $this->post(
            '/orders',
            $this->typed(['lines' => array_fill(0, 3, [...$this->typed()['lines'][0], 'sizes' => ['M' => '900']])]),
        )->assertSessionHasErrors('lines');
    }

    #[Test]
    public function hostile_text_is_shown_as_text(): void
    {
        $this->post(
            '/orders',
            $this->typed(['customer' => '<script>alert(1)</script>', 'note' => '"><img src=x onerror=alert(2)>']),
        );

        $this->get('/orders')->assertSee('&lt;script&gt;alert(1)', false)->assertDontSee('<script>alert', false);
        $this->get('/orders/'.Order::query()->max('number'))->assertDontSee('<img src=x', false);
    }

    #[Test]
    public function a_low_cap_with_a_tall_design_is_said_on_the_order_itself(): void
    {
        $tall = Artwork::query()->where('name', 'Ferry roundel')->firstOrFail();
        $this->post(
            '/orders',
            $this->typed([
                'lines' => [
                    [
                        'garment' => 'cap',
                        'fabric' => 'twill',
                        'structure' => 'structured',
                        'profile' => 'low',
                        'colour_name' => 'navy',
                        'colour_hex' => '#26324f',
                        'sizes' => ['one' => '6'],
                        'decorations' => [['position' => 'cap_front', 'artwork_id' => $tall->id]],
                    ],
                ],
            ]),
        );

        $this->get('/orders/'.Order::query()->max('number'))->assertSee('a low cap takes 50');
    }

    #[Test]
    public function the_state_of_an_order_is_what_its_pieces_come_to(): void
    {
        self::assertFalse(\Illuminate\Support\Facades\Schema::hasColumn('orders', 'state'));
        $this->get('/orders/'.self::finished()->number)
            ->assertSee('11 / 11')
            ->assertSee('done');
    }

    #[Test]
    public function another_line_gets_a_number_of_its_own(): void
    {
        $this->get(
            '/orders/new/line?'.http_build_query(['lines' => [0 => ['garment' => 'cap'], 3 => ['garment' => 'tee']]]),
        )->assertSee('lines[4][garment]', false);
    }

    #[Test]
    public function the_artwork_that_came_later_is_put_to_its_place(): void
    {
        $decoration = self::decoration(self::blankets());
        $artwork = Artwork::query()->where('name', 'Seed sprig')->firstOrFail();
        $this->put("/orders/decorations/{$decoration->id}", ['artwork_id' => 0])->assertSessionHasErrors('artwork_id');
        $this->put("/orders/decorations/{$decoration->id}", ['artwork_id' => $artwork->id])->assertRedirect(
            '/orders/'.self::blankets()->number,
        );
        self::assertSame($artwork->id, $decoration->refresh()->artwork_id);
        $this->get('/orders/'.self::blankets()->number)->assertSee('to set up');
    }

    #[Test]
    public function the_cap_version_is_taken_at_order_or_setup_and_the_setup_is_made_anew(): void
    {
        $decoration = self::decoration(self::caps());
        $lantern = $decoration->artwork;
        self::assertNotNull($lantern);
        $cap = $lantern->replicate(['id'])->fill([
            'name' => 'Lantern row, cap',
            'checksum' => str_repeat('c', 64),
            'created_at' => now(),
            'family_id' => $lantern->family_id ?? $lantern->id,
            'variant' => 'cap',
        ]);
        $cap->save();
        $this->post("/setup/{$decoration->id}", ['frame' => 'K-1', 'turn' => 180])->assertRedirect('/setup');
        $batch = self::batchOf(self::caps())->code;
        $this->get('/orders/'.self::caps()->number)->assertSee('Use this version');
        $this->get("/setup/{$decoration->id}")->assertSee('Use the cap version');

        $this->put("/orders/decorations/{$decoration->id}", ['artwork_id' => $cap->id])->assertSessionHas('done');

        self::assertSame($cap->id, $decoration->refresh()->artwork_id);
        self::assertFalse(\App\Plan\Models\Batch::query()->where('code', $batch)->exists(), 'it has left the plan');
        self::assertNull($decoration->setup()->first());
        // One that is begun keeps what it has.
        $running = self::batchOf(self::running('M1'))->decoration;
        $this->put("/orders/decorations/{$running->id}", ['artwork_id' => $cap->id])->assertSessionHas('problem');
    }

    #[Test]
    public function the_pleats_count_every_open_piece_at_exactly_one_station(): void
    {
        $waiting = app(\App\Orders\Queries\StationCounts::class)->waiting();
        $open = DB::table('pieces')->where('state', '!=', 'done')->count();

        self::assertSame($open, array_sum($waiting) - $waiting['books']);
        self::assertSame([6, 8, 89, 0], [$waiting['orders'], $waiting['artwork'], $waiting['setup'], $waiting['plan']]);
    }

    /**
     * @param array<string, mixed> $instead
     *
     * @return array<string, mixed>
     */
    private function typed(array $instead = []): array
    {
        return [
            ...[
                'customer' => 'Bell Ringers of Ullenmere',
                'due_date' => '2026-03-09',
                'due_time' => '16:00',
                'note' => '',
                'lines' => [
                    [
                        'garment' => 'polo',
                        'fabric' => 'pique',
                        'colour_name' => 'plum',
                        'colour_hex' => '#5a2a55',
                        'sizes' => ['M' => '3'],
                        'decorations' => [['position' => 'left_chest', 'artwork_id' => null]],
                    ],
                ],
            ],
            ...$instead,
        ];
    }

    #[Test]
    public function while_an_order_is_typed_it_says_which_caps_of_the_catalogue_take_the_artwork(): void
    {
        $lantern = Artwork::query()->where('name', 'Lantern row')->firstOrFail();
        // 37 mm high: every cap takes it. As 55 high it is too much for a low cap only, as 60 for a mid one too.
        $said = function (float $heightMm) use ($lantern): string {
            $lantern->update(['bottom_mm' => 0.0, 'top_mm' => $heightMm]);

            return (string) $this->post('/orders/new/check', [
                'lines' => [
                    [
                        'garment' => 'cap',
                        'fabric' => 'twill',
                        'sizes' => ['one' => '4'],
                        'decorations' => [['position' => 'cap_front', 'artwork_id' => $lantern->id]],
                    ],
                ],
            ])
                ->assertOk()
                ->getContent();
        };
        $styles = \App\Garment\Models\GarmentStyle::query()->where('garment', 'cap')->get();
        foreach ([37.0, 55.0, 60.0, 64.5] as $height) {
            $page = $said($height);
            [$take, $not] = [...explode('; not ', $page, 2), ''];
            foreach ($styles as $style) {
                $limit = ['low' => 50, 'mid' => 57, 'high' => 64, 'none' => 64][$style->profile->value];
                self::assertStringContainsString("{$style->name} ({$limit} mm high)", $height <= $limit ? $take : $not);
            }
        }
    }

    #[Test]
    public function an_order_that_is_only_typed_is_told_by_when_it_may_be_promised(): void
    {
        $ask = fn(array $with, string $pieces = '12'): string => (string) $this->post('/orders/new/promise', [
            ...$with,
            'lines' => [
                [
                    'garment' => 'polo',
                    'fabric' => 'pique',
                    'sizes' => ['M' => $pieces],
                    'decorations' => [
                        [
                            'position' => 'left_chest',
                            'artwork_id' => Artwork::query()->where('name', 'Ferry roundel')->firstOrFail()->id,
                        ],
                    ],
                ],
            ],
        ])
            ->assertOk()
            ->getContent();
        $times = static function (string $page): CarbonImmutable {
            self::assertMatchesRegularExpression('/data-due-date="([^"]+)"\s+data-due-time="([^"]+)"/', $page);
            preg_match('/data-due-date="([^"]+)"\s+data-due-time="([^"]+)"/', $page, $found);

            return CarbonImmutable::parse("{$found[1]} {$found[2]}");
        };
        $few = $times($ask([]));
        self::assertTrue($few->isFuture());
        self::assertLessThan($times($ask([], '120')), $few, 'ten times as many take longer');
        // What it says is kept as often as it says: asked with that very time, and with the minute it is now.
        $again = $ask(['due_date' => $few->format('Y-m-d'), 'due_time' => $few->format('H:i')]);
        self::assertMatchesRegularExpression('/as entered:\s+(\d+)/', $again);
        preg_match('/as entered:\s+(\d+)/', $again, $kept);
        self::assertGreaterThanOrEqual(90, (int) $kept[1]);
        $now = CarbonImmutable::now();
        $hasty = $ask(['due_date' => $now->format('Y-m-d'), 'due_time' => $now->format('H:i')]);
        self::assertStringContainsString('as entered', $hasty);
        self::assertStringContainsString('class="block now"', $hasty);
        self::assertSame(0, Order::query()->where('received_at', '>=', $now)->count(), 'nothing is written down');
    }

    #[Test]
    public function what_does_not_count_for_a_promise_is_said(): void
    {
        $this->post('/orders/new/promise', [])->assertOk()->assertSee('Enter garment, sizes and artwork');
        $this->post('/orders/new/promise', [
            'due_date' => ['x'],
            'due_time' => '25:99',
            'lines' => [
                'nonsense',
                [
                    'garment' => 'polo',
                    'fabric' => 'pique',
                    'sizes' => ['M' => '3'],
                    'decorations' => [['position' => 'left_chest', 'artwork_id' => '']],
                ],
            ],
        ])
            ->assertOk()
            ->assertSee('Line 2, left chest: artwork to follow. Not included.');
    }

    #[Test]
    public function many_orders_written_together_are_what_each_would_be_written_alone(): void
    {
        $artwork = Artwork::query()->whereNotNull('read_at')->firstOrFail();
        $forms = $orders = [];
        for ($i = 0; $i < 300; $i++) {
            $lines = [];
            for ($k = 0; $k <= $i % 3; $k++) {
                $line = TypedLine::read([
                    'garment' => 'polo',
                    'fabric' => 'pique',
                    'style' => $k === 1 ? 'Quay polo' : '',
                    'colour_name' => "navy {$k}",
                    'sizes' => ['M' => 1 + $i % 4, 'L' => $k],
                    'decorations' => [
                        ['position' => 'left_chest', 'artwork_id' => $k === 2 ? null : (string) $artwork->id],
                        ...$i % 7 === 0 ? [['position' => 'left_sleeve', 'artwork_id' => null]] : [],
                    ],
                ], app(Catalogue::class));
                self::assertNotNull($line);
                $lines[] = $line;
            }
            $forms[] = (string) Str::uuid();
            $orders[] = [
                'form' => $forms[$i],
                'customer' => 'Together '.$i % 5,
                'due' => CarbonImmutable::parse('2026-05-04 16:00')->addHours($i),
                'note' => "note {$i}",
                'lines' => $lines,
            ];
        }
        $numbers = OrderBook::enterAll(CarbonImmutable::now(), $orders);
        self::assertSame(range($numbers[0], $numbers[0] + 299), $numbers);
        self::assertSame($numbers, OrderBook::enterAll(CarbonImmutable::now(), $orders), 'told twice they are the same');
        foreach ([0, 1, 2, 7, 248, 249, 250, 251, 299] as $i) {
            $alone = OrderBook::enter(
                'Alone',
                CarbonImmutable::now(),
                $orders[$i]['due'],
                "note {$i}",
                $orders[$i]['lines'],
            );
            $together = Order::query()->where('form_id', $forms[$i])->firstOrFail();
            self::assertSame($alone->due_at->toString(), $together->due_at->toString());
            self::assertSame('Together '.$i % 5, $together->customer->name);
            self::assertSame(self::written($alone), self::written($together), "order {$i}");
        }
    }

    #[Test]
    public function as_many_lines_as_a_list_may_have_go_in_together(): void
    {
        $line = static fn(int $k): ?TypedLine => TypedLine::read([
            'garment' => 'apron',
            'fabric' => 'canvas',
            'colour_name' => "ecru {$k}",
            'sizes' => ['ONE' => 1],
            'decorations' => [['position' => 'centre', 'artwork_id' => null]],
        ], app(Catalogue::class));
        $orders = array_map(static fn(int $i): array => [
            'form' => (string) Str::uuid(),
            'customer' => 'Long list',
            'due' => CarbonImmutable::parse('2026-05-04 16:00'),
            'note' => '',
            'lines' => array_values(array_filter(array_map($line, range(1, 20)))),
        ], range(1, 250));
        OrderBook::enterAll(CarbonImmutable::now(), $orders);
        $lines = OrderLine::query()->whereIn('order_id', Order::query()
            ->whereIn('form_id', array_column($orders, 'form'))
            ->select('id'));
        self::assertSame([5000, 250], [$lines->count(), $lines->clone()->where('colour_name', 'ecru 20')->count()]);
    }

    /** @return list<mixed> all of an order but what tells it from any other */
    private static function written(Order $order): array
    {
        $plain = static fn(Model $one): array => Arr::except($one->getAttributes(), [
            'id',
            'order_id',
            'order_line_id',
            'decoration_id',
        ]);
        $lines = OrderLine::query()->with('decorations.pieces')->where('order_id', $order->id)->orderBy('id')->get();

        return array_values($lines->map(static fn(OrderLine $line): array => [
            $plain($line),
            $line->decorations->sortBy('id')->values()->map(static fn(Decoration $one): array => [
                $plain($one),
                $one->pieces->sortBy('id')->values()->map($plain)->all(),
            ])->all(),
        ])->all());
    }
}
