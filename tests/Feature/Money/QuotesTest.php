<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Artwork\Models\Artwork;
use App\Money\Models\GivenQuote;
use App\Orders\Models\Order;
use App\Shop\Actions\RuleChange;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\Units;
use Hakama\Money\QuoteState;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** From the telephone to the order: a quote is kept, given anew, accepted or declined. */
final class QuotesTest extends FeatureTestCase
{
    private const ASKED = [
        'pieces' => '24',
        'places' => '1',
        'stitches' => '6000',
        'colours' => '3',
        'blank' => '7.80',
    ];

    #[Test]
    public function what_was_asked_is_kept_with_its_price_and_given_anew_in_a_second_version(): void
    {
        $this->get('/orders/ask?'.http_build_query(self::ASKED))
            ->assertOk()
            ->assertSee('Promise:')
            ->assertSee('Save as a quote');
        $first = $this->kept('Ferry crew');
        self::assertSame(['Ferry crew', 1, QuoteState::Open], [$first->customer, $first->version, $first->state]);
        // What the page said is what is kept.
        $page = (string) $this->get('/orders/ask?'.http_build_query(self::ASKED))->getContent();
        self::assertStringContainsString(number_format($first->price_cents / 100, 2, '.', "\u{202f}"), $page);
        self::assertSame($first->price_cents, array_sum(array_column($first->rows, 'cents')));

        $this->get('/orders/ask?'.http_build_query([...self::ASKED, 'of' => $first->id]))->assertSee(
            "a new version of {$first->label()}",
        );
        $second = $this->kept('Ferry crew', ['pieces' => '48', 'of' => $first->id]);
        self::assertSame([$first->number, 2], [$second->number, $second->version]);
        self::assertSame(QuoteState::Replaced, $first->refresh()->state);
        self::assertSame(24, $first->pieces, 'first one stays as it was given');
        $this->get('/orders/quotes')
            ->assertSee("Q-{$first->number}, version 2")
            ->assertSee('replaced');
        $pdf = $this->get("/orders/quotes/{$second->id}.pdf")->assertOk();
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
    }

    #[Test]
    public function the_same_form_twice_is_one_quote_and_a_guess_is_kept_with_its_spread(): void
    {
        $form = Str::uuid()->toString();
        $asked = [
            'pieces' => '30',
            'places' => '2',
            'width' => '85',
            'height' => '60',
            'fill' => 'half',
            'colours' => '3',
        ];
        foreach ([1, 2] as $time) {
            $this->post('/orders/quotes', [
                ...$asked,
                'customer' => 'Bakery',
                'form' => $form,
            ])->assertSessionHasNoErrors();
        }
        $quote = GivenQuote::query()->where('form_id', $form)->sole();
        self::assertLessThanOrEqual($quote->price_cents, $quote->least_cents);
        self::assertGreaterThanOrEqual($quote->price_cents, $quote->most_cents);
    }

    #[Test]
    public function whoever_measures_in_inches_asks_in_inches_and_whoever_reads_it_reads_what_was_meant(): void
    {
        $asked = ['pieces' => '24', 'places' => '1', 'fill' => 'full', 'colours' => '3'];
        $price = function (array $with): string {
            $page = (string) $this->get('/orders/ask?'.http_build_query($with))->assertOk()->getContent();
            self::assertSame(1, preg_match('/text-\[28px\][^>]*>([^<]+)/', $page, $found), strip_tags($page));

            return $found[1];
        };
        // Three and a half inches by two and a quarter are 88.9 by 57.15 mm.
        $mm = $price([...$asked, 'width' => '88.9', 'height' => '57.15']);
        app(RuleChange::class)->set([], [Question::Units->value => Units::Inches->value]);
        self::assertSame($mm, $price([...$asked, 'width' => '3 1/2', 'height' => '2.25']));
        self::assertSame($mm, $price([...$asked, 'width' => '88.9 mm', 'height' => '57.15 mm']));
        $this->get('/orders/ask')->assertSee('Design width, in')->assertSee('value="3 3/8"', false);
        $this->get('/orders/ask?'.http_build_query([...$asked, 'width' => '85', 'height' => '2']))
            ->assertSee('Enter the design width, 0.12 to 23.62 in, or its stitches.');

        $kept = $this->kept('Ferry crew', ['width' => '3 1/2', 'height' => '2.25', 'fill' => 'full', 'stitches' => '']);
        self::assertSame(['3 1/2 in', '2.25 in'], [$kept->asked['width'], $kept->asked['height']]);
    }

    #[Test]
    public function a_second_design_of_another_size_is_priced_with_the_first(): void
    {
        $page = fn(array $with) => $this->get('/orders/ask?'.http_build_query([...self::ASKED, ...$with]));
        // By the list 24 of 6 000 stitches are 8.50 each, of 20 000 14.00, and the garments 7.80 and 30 %.
        $page([])->assertSee('447.36');
        $page(['blank' => '7,80'])->assertSee('447.36');
        $both = $page(['stitches_2' => '20000', 'colours_2' => '2', 'places_2' => '1']);
        $both->assertOk()->assertSee('783.36')->assertSee('in one position less: 447.36');
        $both->assertSee('With the first design in one position less: 579.36');
        // Twice on each garment.
        $page(['stitches_2' => '20000', 'colours_2' => '2', 'places_2' => '2'])->assertSee("1\u{202f}119.36");
        $page(['width_2' => '200'])->assertSee('Enter the height of the second design');
        $page(['stitches_2' => 'many'])->assertSee('Stitches of the second design');
        $page(['width_2' => '80', 'height_2' => '50', 'fill_2' => 'full', 'colours_2' => ''])->assertSee(
            'Second about',
        );

        $kept = $this->kept('Ferry crew', ['stitches_2' => '20000', 'colours_2' => '2']);
        self::assertSame(
            'Sewn garments in one place, 6000 stitches in 3 colours; in one place, 20000 stitches in 2 colours',
            $kept->rows[0]['text'],
        );
        self::assertSame([78_336, '20000'], [$kept->price_cents, $kept->asked['stitches_2']]);
    }

    #[Test]
    public function prices_go_up_to_the_next_step_a_piece_where_the_house_wants_it(): void
    {
        app(House::class)->change([HouseRule::PriceStep->value => 50.0]);
        app()->forgetScopedInstances();
        // 18.64 each becomes 19.00.
        $this->get('/orders/ask?'.http_build_query(self::ASKED))->assertSee('456.00')->assertSee('19.00 each');
    }

    #[Test]
    public function accepted_it_becomes_the_order_at_its_price_and_no_other_does(): void
    {
        $quote = $this->kept('Mere library');
        $this->put("/orders/quotes/{$quote->id}", ['answer' => 'accepted'])->assertRedirect(
            "/orders/new?quote={$quote->id}",
        );
        $this->get("/orders/new?quote={$quote->id}")
            ->assertSee('Mere library')
            ->assertSee('the agreed price');
        $this->put("/orders/quotes/{$quote->id}", ['answer' => 'declined', 'why' => 'too dear'])->assertSessionHas(
            'problem',
        );
        $order = $this->order($quote->id);
        self::assertSame($quote->price_cents, $order->agreed_cents);
        self::assertSame($order->id, $quote->refresh()->order_id);
        // Sent once more it is another order, without the price.
        self::assertNull($this->order($quote->id)->agreed_cents);
        $this->get('/orders/quotes')->assertSee("order {$order->number}");
    }

    #[Test]
    public function declined_it_wants_a_reason_and_an_answered_one_has_no_new_version(): void
    {
        $quote = $this->kept('Ringers');
        $this->put("/orders/quotes/{$quote->id}", ['answer' => 'declined', 'why' => ''])->assertSessionHasErrors('why');
        $this->put("/orders/quotes/{$quote->id}", ['answer' => 'perhaps'])->assertSessionHasErrors('answer');
        self::assertSame(QuoteState::Open, $quote->refresh()->state);
        $this->put("/orders/quotes/{$quote->id}", ['answer' => 'declined', 'why' => 'took another'])->assertSessionHas(
            'done',
        );
        $this->get('/orders/quotes')->assertSee('declined: took another');
        $this->post('/orders/quotes', [
            ...self::ASKED,
            'customer' => 'Ringers',
            'form' => Str::uuid()->toString(),
            'of' => $quote->id,
        ])->assertSessionHasErrors('of');
        $this->post('/orders/quotes', [
            ...self::ASKED,
            'customer' => '',
            'form' => Str::uuid()->toString(),
        ])->assertSessionHasErrors('customer');
        $this->post('/orders/quotes', [
            ...self::ASKED,
            'pieces' => 'many',
            'customer' => 'Ringers',
            'form' => Str::uuid()->toString(),
        ])->assertSessionHasErrors('pieces');
    }

    /** @param array<string, mixed> $with */
    private function kept(string $customer, array $with = []): GivenQuote
    {
        $form = Str::uuid()->toString();
        $this->post('/orders/quotes', [
            ...self::ASKED,
            'customer' => $customer,
            'form' => $form,
            ...$with,
        ])->assertSessionHasNoErrors();

        return GivenQuote::query()->where('form_id', $form)->sole();
    }

    private function order(int $quote): Order
    {
        $this->post('/orders', [
            'customer' => 'Mere library',
            'due_date' => '2026-03-20',
            'due_time' => '16:00',
            'quote' => $quote,
            'lines' => [
                [
                    'garment' => 'tee',
                    'fabric' => 'jersey',
                    'structure' => 'none',
                    'profile' => 'none',
                    'style' => 'Furrow',
                    'colour_name' => 'sage',
                    'colour_hex' => '#A9B79A',
                    'sizes' => ['M' => '24'],
                    'decorations' => [
                        [
                            'position' => 'left_chest',
                            'artwork_id' => Artwork::query()->where('name', 'Seed sprig')->value('id'),
                        ],
                    ],
                ],
            ],
        ])->assertSessionHasNoErrors();

        return Order::query()->orderByDesc('id')->firstOrFail();
    }
}
