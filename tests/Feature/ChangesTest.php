<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Change;
use App\Shop\House;
use Hakama\House\HouseRule;
use PHPUnit\Framework\Attributes\Test;

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
        self::assertSame(HouseRule::from('spoiled_percent')->spec()->default, $was);

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
        $this->get('/shop/changes?q=ilse')->assertSee('spoiled percent')->assertDontSee('came to the shop');
        $this->get('/shop/changes?kind=person')->assertSee('came to the shop')->assertDontSee('spoiled percent');
        $this->get('/shop/changes?q=%25')->assertSee('Nothing of that kind');
    }

    private function rule(): float
    {
        app()->forgetScopedInstances();

        return app(House::class)->rules()->value(HouseRule::from('spoiled_percent'));
    }
}
