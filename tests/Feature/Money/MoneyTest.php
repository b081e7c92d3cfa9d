<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Books\Learning\RuleLearning;
use App\Floor\Log\FloorLog;
use App\Money\DecorationCosting;
use App\Money\Models\Invoice;
use App\Money\Models\PriceStep;
use App\Money\OrderMoney;
use App\Money\Queries\PriceList;
use App\Money\Queries\ShopRates;
use App\Money\Queries\WaysToSave;
use App\Orders\Models\Customer;
use App\Orders\Models\Order;
use App\Setup\Models\Practice;
use App\Setup\PracticeBook;
use App\Shop\House;
use Hakama\Artwork\Variant;
use Hakama\Floor\EventKind;
use Hakama\Garment\Fabric;
use Hakama\House\HouseRule;
use Hakama\Money\CostCategory;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;
use Tests\ReadsPdf;

/** What an order costs, is sold for and came to; its invoices; the price list; the question on the telephone. */
final class MoneyTest extends FeatureTestCase
{
    #[Test]
    public function an_order_is_costed_from_its_setup_and_priced_from_the_list(): void
    {
        // 12 polos with the ringers' bell of 2 288 stitches: up to 5 000 stitches, from 12 pieces: 6.50 each.
        $money = $this->money(self::polos());
        self::assertSame(12 * 650, $money->listCents());
        self::assertSame(7_800, $money->priceCents());
        $line = $money->lines[0];
        self::assertSame(0, $line->planned->of(CostCategory::Blank, null));
        $work = $line->job->works[0];
        self::assertSame(2_288, $work->stitches);
        // Load and frame, 3 and 4 minutes; hands and finishing by the house.
        self::assertSame(7.0, $work->setupMin);
        $artwork = $line->line->decorations[0]->artwork;
        self::assertSame(45.0 + 2 * ($artwork->trims ?? 0), $work->finishS);
        self::assertSame($money->plannedCents(), $line->planned->cents());

        $this->put('/orders/'.self::polos()->number.'/money', [
            'blank' => [$line->line->id => '11.40'],
            'artwork' => '45',
            'agreed' => '',
        ])->assertSessionHas('done');
        $money = $this->money(self::polos());
        // 12 garments at 11.40 with 30 % on them, and 45.00 for the artwork.
        self::assertSame(12 * 650 + (int) round(12 * 1140 * 1.3) + 4_500, $money->priceCents());
        self::assertSame(12 * 1140, $money->lines[0]->planned->of(CostCategory::Blank, null));
        $this->get('/orders/'.self::polos()->number.'/money')
            ->assertOk()
            ->assertSee('Top thread')
            ->assertSee('25.07 a piece')
            ->assertSee('Ways to make it cheaper')
            ->assertSee('One colour less, left chest')
            ->assertDontSee('Actual cost so far');
        $this->get('/orders/'.self::polos()->number)->assertSee('Money');
    }

    #[Test]
    public function another_version_of_the_same_that_sews_sooner_is_said_with_what_it_saves(): void
    {
        $own = self::decoration(self::polos())->artwork;
        self::assertNotNull($own);
        $version = $own->replicate()->fill([
            'name' => 'With fewer trims',
            'family_id' => $own->id,
            'variant' => Variant::Other,
            'trims' => 0,
            'checksum' => hash('sha256', 'with fewer trims'),
            'created_at' => now(),
        ]);
        $version->save();
        foreach ($own->blocks as $block) {
            $block->replicate()->fill(['artwork_id' => $version->id])->save();
        }
        self::assertGreaterThan(0, $own->trims);
        $money = $this->money(self::polos());
        $ways = array_column(app(WaysToSave::class)->of($money->lines[0]->line, $money->lines[0]->job), 1, 0);
        $words = 'Sew the other version “With fewer trims”, left chest';
        self::assertArrayHasKey($words, $ways);
        // A trim takes its seconds and those of getting up to speed again, and then the hands that finish two.
        $rules = app(House::class)->rules();
        $loads = 12 / $money->lines[0]->job->works[0]->perLoad;
        $aTrimS = $rules->value(HouseRule::TrimTime) + $rules->value(HouseRule::RampTime);
        $machine = ($own->trims * $aTrimS * $loads * $rules->value(HouseRule::MachineHour)) / 3600;
        $hands = ($own->trims * 2 * 12 * $rules->value(HouseRule::HandHour)) / 3600;
        // With spoilage and overhead on both; seconds of a load are whole.
        self::assertEqualsWithDelta(($machine + $hands) * 1.02 * 1.1, $ways[$words], 4.0);

        // For a cap it is not: that one is drawn from the middle outwards. Nor where it is larger than the frame was chosen for.
        $version->update(['variant' => Variant::Cap]);
        $said = fn(): array => array_column(
            app(WaysToSave::class)->of($this->money(self::polos())->lines[0]->line, $money->lines[0]->job),
            0,
        );
        self::assertNotContains('Sew the cap version “With fewer trims”, left chest', $said());
        $version->update(['variant' => Variant::Large, 'right_mm' => $own->right_mm + 20]);
        self::assertNotContains('Sew the large version “With fewer trims”, left chest', $said());
    }

    #[Test]
    public function what_is_at_stake_is_said_on_the_telephone_once_cloth_and_worth_are_known(): void
    {
        Practice::query()->where('fabric', Fabric::Leather)->orWhere('fabric', Fabric::Vinyl)->delete();
        self::outdate();
        app()->forgetScopedInstances();
        $asked = ['pieces' => 10, 'places' => 1, 'colours' => 3, 'stitches' => 6000];
        $page = fn(array $with) => $this->get('/orders/ask?'.http_build_query([...$asked, ...$with]))->assertOk();
        $page(['fabric' => 'leather'])->assertDontSee('At stake');
        $page(['worth' => '80'])->assertDontSee('At stake');
        $page(['fabric' => 'leather', 'worth' => '80'])
            ->assertSee('10 garments worth 800.00')
            ->assertSee('Nobody here has sewn leather');
    }

    #[Test]
    public function a_like_batch_in_the_plan_spares_the_minutes_before_the_first(): void
    {
        $alike = [];
        foreach (self::board()->batches() as $batch) {
            $alike[$batch->batch->equipment->design][$batch->batch->equipment->frame][] = $batch;
        }
        $pairs = array_values(
            array_filter(
                array_merge(...array_map(array_values(...), array_values($alike))),
                static fn(array $some): bool => count($some) > 1,
            ),
        );
        self::assertNotSame([], $pairs);
        [$one] = $pairs[0];
        if ($one->started) {
            $one = $pairs[0][1];
        }
        $this->get("/orders/{$one->order->number}/money")
            ->assertOk()
            ->assertSee('Run together with B-');
    }

    #[Test]
    public function the_least_charge_and_an_agreed_price_stand_over_the_list(): void
    {
        app(House::class)->change(['least_charge_cents' => 9_000]);
        self::assertSame(9_000, $this->money(self::polos())->priceCents());
        $this->put('/orders/'.self::polos()->number.'/money', ['agreed' => '70.00'])->assertSessionHas('done');
        self::assertSame(7_000, $this->money(self::polos())->priceCents());
        app()->forgetScopedInstances();
        app(House::class)->change([], ['pricing' => 'margin']);
        app()->forgetScopedInstances();
        $money = $this->money(self::polos());
        self::assertSame(2 * $money->plannedCents(), $money->listCents(), 'half of the price is margin');
        foreach (['agreed' => 'much', 'artwork' => '-1', 'blank' => ['x' => '1.234']] as $field => $bad) {
            $this->put('/orders/'.self::polos()->number.'/money', [$field => $bad])->assertSessionHasErrors();
        }
        self::assertSame(7_000, self::polos()->refresh()->agreed_cents);
    }

    #[Test]
    public function what_is_sewn_stands_beside_what_was_planned(): void
    {
        // One of the finished orders of the demo, with a piece that was spoiled.
        $money = $this->money(self::finished());
        $line = $money->lines[0];
        self::assertNotNull($line->real);
        $batch = self::batchOf(self::finished());
        self::assertSame(1, FloorLog::run($batch)->spoiled);
        $seconds = (float) $batch->events()->where('kind', 'sewn')->sum('clock_s');
        $work = $line->job->works[0];
        self::assertSame(
            (int) round(($work->setupMin / 60 + $seconds / 3600) * 1800),
            $line->real->of(CostCategory::Machine, $work->name),
        );
        self::assertSame(
            (int) round(($work->materials->topM * ($line->job->pieces + 1) * 180) / 1000),
            $line->real->of(CostCategory::TopThread, $work->name),
        );
        self::assertSame($line->job->blankValue, $line->real->of(CostCategory::Spoilage, null));
        $this->get('/orders/'.self::finished()->number.'/money')
            ->assertOk()
            ->assertSee('Actual')
            ->assertSee('Actual cost so far');
    }

    #[Test]
    public function the_books_say_which_job_lost_and_in_what(): void
    {
        // Agreed far below what it came to.
        $lost = (string) self::finished()->number;
        $this->put("/orders/{$lost}/money", ['agreed' => '20']);
        app()->forgetScopedInstances();
        $page = $this->get('/books/jobs')->assertOk()->assertSee('jobs lost money')->assertSee($lost);
        // Worst first, and the line that differs most is the garment that was spoiled.
        $text = strip_tags((string) $page->getContent());
        foreach (Order::query()->where('number', '!=', $lost)->pluck('number') as $other) {
            $at = strpos($text, (string) $other);
            self::assertTrue($at === false || strpos($text, $lost) < $at, "{$other} lost less");
        }
        self::assertSame(CostCategory::Spoilage, $this->money(self::finished())->furthest()[0] ?? null);
        self::assertNull($this->money(self::polos())->furthest());
    }

    #[Test]
    public function an_order_that_is_sewn_in_part_has_earned_that_part_of_its_price(): void
    {
        $order = self::polos();
        $this->put("/orders/{$order->number}/money", ['agreed' => '120.00']);
        $batch = self::batchOf($order);
        $all = $batch->pieces()->count();
        self::assertSame(0.0, $this->money($order)->sewnShare());
        $pieces = $batch->pieces()->orderBy('pieces.id')->limit(3)->pluck('pieces.id')->all();
        self::tell('M2', $batch, EventKind::PreflightDone);
        foreach ([EventKind::LoadStarted, EventKind::Sewn, EventKind::PieceDone] as $kind) {
            self::tell('M2', $batch, $kind, $pieces, 100, 60.0);
        }
        app()->forgetScopedInstances();
        $money = $this->money($order->refresh());
        // One decoration a garment: three pieces of all are that share of the stitches.
        self::assertEqualsWithDelta(3 / $all, $money->sewnShare(), 1e-9);
        self::assertSame((int) round(12_000 * 3 / $all), $money->earnedCents());
        self::assertSame($money->earnedCents() - $money->realCents(), $money->profitCents());
        $this->get('/books/jobs')->assertSeeInOrder(['Being sewn', (string) $order->number]);
    }

    #[Test]
    public function invoices_have_numbers_without_gaps_and_are_credited_instead_of_taken_away(): void
    {
        $form = Str::uuid()->toString();
        $this->post('/orders/'.self::polos()->number.'/invoices', ['form' => $form])->assertSessionHas('done');
        $this->post('/orders/'.self::polos()->number.'/invoices', ['form' => $form])->assertSessionHas('done');
        self::assertSame(
            [[1, 7_800]],
            Invoice::query()->get()->map(static fn($one): array => [$one->number, $one->cents])->all(),
        );
        $this->post('/orders/'.self::polos()->number.'/invoices', [
            'form' => Str::uuid()->toString(),
        ])->assertSessionHasErrors('form');
        // The price rises: only the rest stands on the second.
        $this->put('/orders/'.self::polos()->number.'/money', ['agreed' => '100.00']);
        app()->forgetScopedInstances();
        $this->post('/orders/'.self::polos()->number.'/invoices', [
            'form' => Str::uuid()->toString(),
        ])->assertSessionHas('done');
        $this->post('/books/invoices/1/credit', ['form' => Str::uuid()->toString()])->assertSessionHas('done');
        $this->post('/books/invoices/1/credit', ['form' => Str::uuid()->toString()]);
        $this->post('/books/invoices/3/credit', ['form' => Str::uuid()->toString()])->assertSessionHas('problem');
        $invoices = Invoice::query()->orderBy('number')->get();
        self::assertSame([1, 2, 3], $invoices->pluck('number')->all());
        self::assertSame([7_800, 2_200, -7_800], $invoices->pluck('cents')->all());
        // A customer of any language reads their own name, and every sign of what was sewn.
        Customer::query()->whereKey(self::polos()->customer_id)->update(['name' => 'Žluťoučký kůň “Łódź” × Ψ']);
        self::assertStringContainsString(
            'Žluťoučký kůň “Łódź” × Ψ',
            ReadsPdf::text((string) $this->get('/orders/'.self::polos()->number.'/quote')->getContent()),
        );
        foreach ($invoices as $invoice) {
            self::assertSame($invoice->cents, array_sum(array_column($invoice->rows, 'cents')));
            $this->get("/books/invoices/{$invoice->number}")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf');
        }
        $csv = $this->get('/books/invoices.csv')->assertOk()->streamedContent();
        self::assertCount(4, explode("\n", trim($csv)));
        self::assertStringContainsString('credit', $csv);
        $this->get('/orders/'.self::polos()->number.'/quote')
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
    }

    #[Test]
    public function tax_stands_on_an_invoice_as_it_was_that_day_and_comes_back_with_its_credit(): void
    {
        $this->put('/shop/rules', ['tax_percent' => '19']);
        app()->forgetScopedInstances();
        self::assertSame(19.0, app(\App\Shop\House::class)->rules()->value(\Hakama\House\HouseRule::Tax));
        $this->put('/orders/'.self::polos()->number.'/money', ['agreed' => '78.03']);
        app()->forgetScopedInstances();
        $this->post('/orders/'.self::polos()->number.'/invoices', [
            'form' => Str::uuid()->toString(),
        ])->assertSessionHas('done');
        $invoice = Invoice::query()->orderByDesc('number')->firstOrFail();
        // 78.03 by 19 % is 14.8257.
        self::assertSame([7_803, 1_483], [$invoice->cents, $invoice->tax_cents]);
        $this->put('/shop/rules', ['tax_percent' => '7']);
        app()->forgetScopedInstances();
        $this->post("/books/invoices/{$invoice->number}/credit", ['form' => Str::uuid()->toString()]);
        $credit = Invoice::query()->orderByDesc('number')->firstOrFail();
        self::assertSame([-7_803, -1_483, 19.0], [$credit->cents, $credit->tax_cents, $credit->tax_percent]);
        self::assertStringContainsString('-92.86', $this->get('/books/invoices.csv')->streamedContent());
        $this->get("/books/invoices/{$invoice->number}")->assertOk();
        $this->get('/orders/'.self::polos()->number.'/money')->assertSee('plus 14.83 tax');
    }

    #[Test]
    public function what_is_at_stake_is_said_by_what_was_sewn_on_cloth_like_it(): void
    {
        $line = self::polos()->refresh()->lines()->firstOrFail();
        $line->update(['unit_value_cents' => 2000]);
        Practice::query()->delete();
        self::outdate();
        $this->get('/orders/'.self::polos()->number.'/money')
            ->assertOk()
            ->assertSee('garments worth 240.00')
            ->assertSee('Nobody here has sewn')
            // 12 garments at 20.00, three times 2 %: 14.40; after three on scrap 0.4 / 23 of it: 4.17.
            ->assertSee('14.40')
            ->assertSee('4.17');
        PracticeBook::add($line->fabric, 'round', null, 'Ilse', false, 78, 2);
        self::outdate();
        app()->forgetScopedInstances();
        // (2 + 0.4) / 100 is 2.4 %: 5.76.
        $this->get('/orders/'.self::polos()->number.'/money')
            ->assertSee('2.4 %')
            ->assertSee('5.76')
            ->assertDontSee('Nobody here has sewn');
    }

    #[Test]
    public function the_price_list_is_changed_as_a_table(): void
    {
        self::assertSame(0, PriceStep::query()->count());
        $this->get('/shop/prices')->assertOk()->assertSee('6.50');
        $list = [
            'limits' => ['4000', '', '20000'],
            'steps' => ['1', '10', ''],
            'prices' => [['8', '5.50', ''], ['', '', ''], ['20', '', '']],
        ];
        $this->put('/shop/prices', $list)->assertSessionHas('done');
        app()->forgetScopedInstances();
        self::assertSame([4_000 => [1 => 800, 10 => 550], 20_000 => [1 => 2_000]], PriceList::steps());
        self::assertSame(12 * 550, $this->money(self::polos())->priceCents() === 6_600 ? 6_600 : -1);
        $this->put('/shop/prices', [...$list, 'prices' => [['', '5', '']]])->assertSessionHasErrors('prices');
        $this->put('/shop/prices', [...$list, 'steps' => ['1', '1', '']])->assertSessionHasErrors();
        $this->put('/shop/prices', [...$list, 'prices' => [['x']]])->assertSessionHasErrors();
        $this->put('/shop/prices', [...$list, 'seen' => 'old'])->assertSessionHasErrors('seen');
        self::assertCount(3, PriceStep::query()->get());
        // More stitches than the last row holds: no price, and it says so; no invoice then.
        app()->forgetScopedInstances();
        $big = self::running('M3')->refresh();
        self::assertNull($this->money($big)->priceCents());
        $this->get("/orders/{$big->number}/money")
            ->assertOk()
            ->assertSee('no price');
        $this->get("/orders/{$big->number}/quote")->assertNotFound();
    }

    #[Test]
    public function rates_and_prices_go_out_as_lists_and_come_in_again(): void
    {
        $file = static fn(string $text): array => ['list' => UploadedFile::fake()->createWithContent('list.csv', $text)];
        $send = fn(string $text) => $this->from('/shop/prices')->post('/shop/prices/file', $file($text));
        $rates = (string) $this->get('/shop/prices/rates.csv')->assertOk()->getContent();
        self::assertStringContainsString('machine_hour_cents,"Machine hour",1800,cents', $rates);
        $send($rates)->assertSessionHas('done', 'No rates changed.');
        $send(str_replace('hour",1800', 'hour",2100', $rates))->assertSessionHas('done', 'One rate changed.');
        app()->forgetScopedInstances();
        self::assertSame(2100.0, app(House::class)->rules()->value(HouseRule::MachineHour));

        $send("stitches_to;pieces_from;price\n4000;1;8,00\n4000;10;5,50\n20000;1;20\n")->assertSessionHas('done');
        self::assertSame([4_000 => [1 => 800, 10 => 550], 20_000 => [1 => 2_000]], PriceList::steps());
        $prices = (string) $this->get('/shop/prices/prices.csv')->assertOk()->getContent();
        $send($prices)->assertSessionHas('done');
        self::assertSame([4_000 => [1 => 800, 10 => 550], 20_000 => [1 => 2_000]], PriceList::steps());

        foreach (
            [
                "rule,value\nmachine_hour_cents,dear\n" => 'Row 2: Machine hour is 0 to 1000000 cents',
                "rule,value\nspeed_spm,700\n" => 'Row 2: there is no rate “speed_spm”',
                "stitches_to,pieces_from,price\n4000,1,8\n4000,1,9\n" => 'Row 3: these stitches and pieces are in the list twice',
                "stitches_to,pieces_from,price\n4000,10,8\n" => 'no price for one piece',
                "stitches_to,pieces_from,price\n0,1,8\n" => 'Row 2: enter stitches, pieces and a price',
                "colour,price\nred,1\n" => 'The first row names the columns',
                "rule,value\n" => '1 to 500 rows',
            ] as $text => $why
        ) {
            $send($text)->assertSessionHasErrors('list');
            self::assertStringContainsString($why, session('errors')->first('list'), $text);
        }
        $this->post('/shop/prices/file')->assertSessionHasErrors('list');
        self::assertSame([4_000 => [1 => 800, 10 => 550], 20_000 => [1 => 2_000]], PriceList::steps(), 'nothing was taken');
    }

    #[Test]
    public function a_machine_hour_is_worked_out_and_what_stock_cost_is_offered_as_its_rate(): void
    {
        $machine = ['machine_price' => '18000', 'years' => '8', 'hours' => '1500', 'watts' => '600', 'kwh' => '0,30'];
        $this->post('/shop/prices/machine', [...$machine, 'care' => '900'])->assertSessionHas(
            'done',
            'An hour of a machine costs 2.28: 1.50 written off, 0.18 of power, 0.60 of care.',
        );
        app()->forgetScopedInstances();
        self::assertSame(228.0, app(House::class)->rules()->value(HouseRule::MachineHour));
        $this->post('/shop/prices/machine', [...$machine, 'care' => 'much'])->assertSessionHasErrors('care');
        $this->post('/shop/prices/machine', [...$machine, 'years' => '0'])->assertSessionHasErrors(['years', 'care']);

        $form = Str::uuid()->toString();
        foreach ([$form, $form, Str::uuid()->toString()] as $i => $id) {
            $this->post('/shop/prices/bought', [
                'id' => $id,
                'of' => 'thread_km_cents',
                'amount' => $i < 2 ? '40' : '10',
                'paid' => $i < 2 ? '72.00' : '23,00',
            ])->assertSessionHas('done');
        }
        app()->forgetScopedInstances();
        $offer = app(RuleLearning::class)->find('thread_km_cents');
        // The first form came twice and counts once: 95.00 for 50 km.
        self::assertSame([180.0, 190.0], [$offer?->now['thread_km_cents'], $offer?->would['thread_km_cents']]);
        $this->get('/books/learned')->assertOk()->assertSee('1.80 EUR a km now, 1.90 EUR a km measured');
        $this->put('/books/learned/rules', [
            'about' => 'thread_km_cents',
            'figures' => $offer?->sign(),
            'do' => 'take',
        ])->assertSessionHas('done');
        app()->forgetScopedInstances();
        self::assertSame(190.0, app(House::class)->rules()->value(HouseRule::ThreadKm));
        foreach ([['of' => 'hand_hour_cents'], ['amount' => '0'], ['paid' => 'x'], ['id' => '7']] as $bad) {
            $this->post('/shop/prices/bought', [
                'id' => Str::uuid()->toString(),
                'of' => 'thread_km_cents',
                'amount' => '1',
                'paid' => '1',
                ...$bad,
            ])->assertSessionHasErrors(array_keys($bad));
        }
    }

    #[Test]
    public function a_question_on_the_telephone_is_answered_without_an_artwork(): void
    {
        // 100 by 50 mm, filled all over: 50 cm² · 0.95 · 75 = 3 563 stitches, up to 5 000; 24 pieces at 6.50.
        $ask = fn(array $with) => $this->get(
            '/orders/ask/answer?'.http_build_query(['pieces' => 24, 'places' => 1, 'colours' => 3, ...$with]),
        )
            ->assertOk()
            // A session that were kept would lose what is told to the person meanwhile.
            ->assertCookieMissing(config()->string('session.cookie'))
            ->assertDontSee('while the customer is on the phone');
        $ask(['width' => 100, 'height' => 50, 'fill' => 'full'])
            ->assertSee('156.00')
            ->assertSee('563 stitches')
            ->assertSee('6.50 each');
        $ask(['stitches' => 12000])
            ->assertSee('336.00')
            ->assertSee('14.00 each');
        $ask(['stitches' => 12000, 'blank' => '10'])->assertSee('648.00');
        // Two places at 6.50, and one of them left out.
        $ask(['width' => 100, 'height' => 50, 'fill' => 'full', 'places' => 2])
            ->assertSee('312.00')
            ->assertSee('With one position less on each: 156.00');
        $ask(['stitches' => 'many'])->assertSee('Stitches: 50 to 300');
        $ask([])->assertSee('Enter the design width');
        $ask(['stitches' => 200000])->assertSee('the last price band ends at 60000');
        $this->get('/orders/ask')->assertOk()->assertSee('while the customer is on the phone');
    }

    private function money(Order $order): OrderMoney
    {
        app()->forgetScopedInstances();
        $found = Order::query()
            ->with([
                'customer',
                'lines.decorations.artwork.blocks.thread',
                'lines.decorations.setup.frame',
                'lines.decorations.batch',
            ])
            ->findOrFail($order->id);

        return OrderMoney::of($found, app(House::class), app(PriceList::class), app(DecorationCosting::class), app(ShopRates::class));
    }
}
