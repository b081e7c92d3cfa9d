<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Orders\Actions\OrderChange;
use App\Orders\Models\Piece;
use App\Orders\OrderFacts;
use App\Shop\House;
use App\Shop\Models\Change;
use Hakama\House\HouseRule;
use Hakama\House\RuleSpec;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Who changed what, and taking it back. */
final class ChangesTest extends FeatureTestCase
{
    #[Test]
    public function a_rule_that_is_changed_is_kept_with_before_and_after_and_taken_back_in_order(): void
    {
        $this->withSession(['who' => 'Ilse'])
            ->put('/shop/rules', ['spoiled_percent' => 4])
            ->assertSessionHasNoErrors();
        $first = Change::query()->orderByDesc('seq')->firstOrFail();
        self::assertSame(
            ['Ilse', 'rule', 'spoiled_percent', ['spoiled_percent' => 4]],
            [$first->who, $first->kind, $first->thing, $first->after],
        );
        $was = (float) ($first->before['spoiled_percent'] ?? -1);
        self::assertSame(RuleSpec::of(HouseRule::from('spoiled_percent'))->default, $was);

        app()->forgetScopedInstances();
        $this->put('/shop/rules', ['spoiled_percent' => 6]);
        $second = Change::query()->orderByDesc('seq')->firstOrFail();
        app()->forgetScopedInstances();
        $this->post("/shop/changes/{$first->seq}/undo")->assertSessionHas('problem');
        app()->forgetScopedInstances();
        $this->post("/shop/changes/{$second->seq}/undo")->assertSessionHas('done');
        self::assertSame(4.0, $this->rule());
        app()->forgetScopedInstances();
        $this->post("/shop/changes/{$first->seq}/undo")->assertSessionHas('done');
        self::assertSame($was, $this->rule());
        // Taking back is a change like another.
        self::assertSame(4, Change::query()->where('thing', 'spoiled_percent')->count());
    }

    #[Test]
    public function a_school_is_taken_back_too(): void
    {
        $question = \Hakama\House\Question::cases()[0];
        $now = app(House::class)->rules()->school($question);
        $other = array_values(array_filter($question->schools(), static fn($one): bool => $one->value !== $now))[0]
            ->value;
        $this->put('/shop/rules', ['schools' => [$question->value => $other]])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertSame($other, app(House::class)->rules()->school($question));
        $this->post(
            '/shop/changes/'.Change::query()->orderByDesc('seq')->firstOrFail()->seq.'/undo',
        )->assertSessionHas('done');
        app()->forgetScopedInstances();
        self::assertSame($now, app(House::class)->rules()->school($question));
    }

    #[Test]
    public function changes_are_found_by_name_thing_and_kind(): void
    {
        $this->withSession(['who' => 'Ilse'])->put('/shop/rules', ['spoiled_percent' => 4]);
        $this->withSession(['who' => 'Odo'])->post('/shop/people', ['names' => 'Cy', 'role' => 'viewer']);
        $this->get('/shop/changes?q=ilse')->assertSee('spoiled percent')->assertDontSee('viewer');
        $this->get('/shop/changes?kind=person')->assertSee('viewer')->assertDontSee('spoiled percent');
        $this->get('/shop/changes?q=%25')->assertSee('No such changes');
    }

    #[Test]
    public function a_setup_is_noted_and_the_second_of_two_who_choose_is_told(): void
    {
        $decoration = self::decoration(self::aprons());
        $page = (string) $this->get("/setup/{$decoration->id}")->getContent();
        self::assertSame(1, preg_match('/name="seen" value="(\w+)"/', $page, $seen));
        $setup = $decoration->setup()->firstOrFail();
        $choice = [
            'seen' => $seen[1],
            'frame' => $setup->frame()->value('code'),
            'turn' => $setup->turn_deg,
            'speed' => 610,
            'why' => [
                'speed' => 'Thread is old',
                'backing' => 'as before',
                'needle' => 'as before',
                'frame' => 'as before',
                'turn' => 'as before',
                'topper' => 'as before',
            ],
        ];
        $this->withSession(['who' => 'Ilse'])
            ->post("/setup/{$decoration->id}", $choice)
            ->assertSessionHasNoErrors();
        $change = Change::query()->where('kind', Change::SETUP)->orderByDesc('seq')->firstOrFail();
        self::assertSame(
            ['Ilse', 610, (string) $decoration->id],
            [$change->who, $change->after['speed'] ?? 0, $change->thing],
        );
        app()->forgetScopedInstances();
        $this->post("/setup/{$decoration->id}", [...$choice, 'speed' => 640])->assertSessionHasErrors('frame');
        self::assertSame(610, $setup->refresh()->speed_spm);
    }

    #[Test]
    public function an_order_that_was_changed_gets_what_stood_in_it_as_long_as_nothing_more_is_begun(): void
    {
        $order = self::polos();
        $line = (int) $order->lines()->value('id');
        $was = OrderFacts::of($order->refresh());
        $change = function (array $sizes, string $note) use ($order, $line): Change {
            OrderChange::make(
                $order,
                ['note' => $note, 'due_at' => $order->due_at->addDay()],
                [$line => $sizes],
                OrderFacts::sign($order),
            );

            return Change::query()->where('kind', Change::ORDER)->orderByDesc('seq')->firstOrFail();
        };
        $first = $change(['M' => 6, 'S' => 3], 'three small ones more');
        $second = $change(['M' => 1], 'fewer');
        $undo = fn(Change $one) => $this->post("/shop/changes/{$one->seq}/undo");
        $undo($first)->assertSessionHas('problem', static fn(string $why): bool => str_contains($why, 'again since'));
        $undo($second)->assertSessionHas('done');
        $undo($first)->assertSessionHas('done');
        self::assertSame($was, OrderFacts::of($order->refresh()));

        // Two of those that came to it are sewn: with one fewer than they it cannot be.
        $third = $change(['M' => 6], 'two more');
        Piece::query()
            ->where('order_id', $order->id)
            ->where('size', 'M')
            ->update(['state' => 'done']);
        $undo($third)->assertSessionHas('problem', static fn(string $why): bool => str_contains($why, 'started or sewn'));
        self::assertSame('two more', $order->refresh()->note);
    }

    #[Test]
    public function a_setup_is_what_it_was_until_something_is_made_by_the_new_one(): void
    {
        $decoration = self::decoration(self::polos());
        $setup = $decoration->setup()->firstOrFail();
        $was = $setup->decided();
        $change = function (int $speed) use ($decoration, $setup): Change {
            app()->forgetScopedInstances();
            $this->post("/setup/{$decoration->id}", [
                'frame' => $setup->frame()->value('code'),
                'turn' => $setup->turn_deg,
                'speed' => $speed,
                'why' => ['speed' => 'Thread is old'],
            ])->assertSessionHasNoErrors();

            return Change::query()->where('kind', Change::SETUP)->orderByDesc('seq')->firstOrFail();
        };
        $undo = function (Change $one): \Illuminate\Testing\TestResponse {
            app()->forgetScopedInstances();

            return $this->post("/shop/changes/{$one->seq}/undo");
        };
        [$first, $second] = [$change(610), $change(640)];
        $this->get('/shop/changes?kind=setup')->assertSee('Undo');
        $undo($first)->assertSessionHas('problem', static fn(string $why): bool => str_contains($why, 'differently since'));
        $undo($second)->assertSessionHas('done');
        self::assertSame(610, $setup->refresh()->speed_spm);
        $undo($first)->assertSessionHas('done');
        self::assertSame($was, $setup->refresh()->decided());

        $third = $change(580);
        $batch = self::batchOf(self::polos());
        $this->post("/setup/backing/{$batch->code}")->assertSessionHas('done');
        $undo($third)->assertSessionHas('problem', static fn(string $why): bool => str_contains($why, 'is cut'));
        self::assertSame(580, $setup->refresh()->speed_spm);
    }

    #[Test]
    public function what_the_catalogue_has_is_noted_and_put_out_of_use(): void
    {
        $this->post('/shop/catalogue/frames/retire', ['name' => 'R-9'])->assertSessionHas('done');
        app()->forgetScopedInstances();
        $advised = static fn(): array => array_map(
            static fn($one): string => $one->fit->frame->id,
            app(\App\Setup\Queries\DecorationSetups::class)->sheet(self::decoration(self::aprons())->loadForSetup())->advice
                ->ranked,
        );
        self::assertNotContains('R-9', $advised());
        $this->get('/shop/catalogue/frames')->assertSee('Use again');
        $this->post('/shop/catalogue/frames/retire', ['name' => 'R-9']);
        app()->forgetScopedInstances();
        self::assertContains('R-9', $advised());
        $this->post('/shop/catalogue/frames/retire', ['name' => 'no such'])->assertNotFound();
        $this->post('/shop/catalogue/positions/retire', ['name' => 'R-9'])->assertNotFound();
        self::assertSame(
            ['out of use', 'in use again'],
            Change::query()->where('thing', 'R-9')->orderBy('seq')->pluck('what')->all(),
        );
    }

    #[Test]
    public function the_second_of_two_who_name_an_artwork_or_change_a_frame_is_told(): void
    {
        $seen = static function (string $page): string {
            self::assertSame(1, preg_match('/name="seen" value="(\w+)"/', $page, $found));

            return $found[1];
        };
        $artwork = \App\Artwork\Models\Artwork::query()->firstOrFail();
        $form = [
            'seen' => $seen((string) $this->get("/artwork/{$artwork->id}/history")->getContent()),
            'name' => 'First',
            'variant' => $artwork->variant->value,
        ];
        $this->put("/artwork/{$artwork->id}", $form)->assertSessionHasNoErrors();
        $this->put("/artwork/{$artwork->id}", [...$form, 'name' => 'Second'])->assertSessionHasErrors('name');
        self::assertSame('First', $artwork->refresh()->name);

        // What was typed is offered once more on the next page that is opened; this is another one.
        $this->get('/orders');
        $page = (string) $this->get('/shop/catalogue/frames/one?name=R-9')->getContent();
        preg_match_all('/<input type="text" id="f-(\w+)" name="\w+" value="([^"]*)"/', $page, $fields);
        $frame = [
            ...array_combine($fields[1], $fields[2]),
            'kind' => 'round',
            'driver' => 'flat',
            'round' => 'yes',
            'seen' => $seen($page),
            'count' => '7',
        ];
        $this->put('/shop/catalogue/frames/one', $frame)->assertSessionHasNoErrors();
        $this->put('/shop/catalogue/frames/one', [...$frame, 'count' => '3'])->assertSessionHasErrors('code');
        self::assertSame(7, \App\Machine\Models\Frame::query()->where('code', 'R-9')->value('count'));
        self::assertSame(
            ['count' => '7'],
            Change::query()->where('thing', 'R-9')->orderByDesc('seq')->firstOrFail()->after,
        );
    }

    private function rule(): float
    {
        app()->forgetScopedInstances();

        return app(House::class)->rules()->value(HouseRule::from('spoiled_percent'));
    }
}
