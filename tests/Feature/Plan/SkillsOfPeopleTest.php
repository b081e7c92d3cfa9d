<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Foundation\ShopProfile;
use App\People\Models\Person;
use App\Setup\Models\Practice;
use Carbon\CarbonImmutable;
use Database\Factories\OrderFactory;
use Hakama\Plan\SkillShortage;
use Hakama\Plan\Wait;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Who may do what alone: by the owner's word on the page of people, and what the plan makes of it. */
final class SkillsOfPeopleTest extends FeatureTestCase
{
    #[Test]
    public function caps_wait_until_somebody_is_in_who_may_do_them(): void
    {
        $caps = self::batchOf(OrderFactory::new()->caps()->nextAt('M1')->create())->code;
        $before = self::board()->timetable()->find($caps);
        self::assertNotNull($before);
        self::assertNotSame(Wait::Able, $before->wait, 'nobody was signed off: everybody may');

        [$one, $other] = Person::query()->whereIn('name', ['Maren', 'Odo'])->orderBy('name')->get()->all();
        $this->put("/shop/people/{$one->id}/skills", ['skills' => ['caps', 'lettering']])
            ->assertSessionHas('done', "{$one->name} may do alone: caps, names.");
        self::assertSame(['caps', 'lettering'], $one->refresh()->skills);
        self::assertSame($before->changeoverStart, self::board()->timetable()->find($caps)?->changeoverStart);

        $asked = [];
        foreach (["like={$caps}", 'like=&stitches=6000&colours=3&sewn_in=K-1'] as $question) {
            $asked[$question] = $this->readyAt($question);
        }

        // Away today and tomorrow.
        $this->post('/plan/calendar/person', [
            'who' => $one->name, 'people' => -1, 'first_day' => '2026-03-04', 'last_day' => '2026-03-05',
            'weekdays' => [1, 2, 3, 4, 5, 6, 7],
        ])->assertSessionHasNoErrors();
        $then = self::board()->timetable()->find($caps);
        self::assertGreaterThanOrEqual(CarbonImmutable::parse('2026-03-06', 'UTC')->getTimestamp(), $then->changeoverStart);
        [$short] = SkillShortage::all(self::board()->timetable());
        self::assertSame('caps', $short->skill);
        $first = $short->waiting[0]->batch->id;
        Practice::query()->create([
            'fabric' => 'denim', 'frame_kind' => 'cap', 'position' => '', 'who' => $other->name, 'on_scrap' => false,
            'came_out' => 900, 'failed' => 0, 'remark' => '', 'last_at' => CarbonImmutable::now(),
        ]);
        $this->get('/plan')->assertOk()
            ->assertSee("for somebody who may do caps alone; {$first} starts Fri 08:00", false)
            ->assertSee("{$other->name} has practised it most");

        // What is asked of the plan waits for the same people, like a batch that is there or from a few figures.
        foreach ($asked as $question => $soonest) {
            self::assertMatchesRegularExpression('/^(Wed|Thu) /', $soonest, $question);
            self::assertDoesNotMatchRegularExpression('/^(Wed|Thu) /', $this->readyAt($question), $question);
        }

        $this->put("/shop/people/{$other->id}/skills", ['skills' => ['caps']]);
        self::assertSame($before->changeoverStart, self::board()->timetable()->find($caps)?->changeoverStart);
        $this->get('/plan')->assertDontSee('for somebody who may do caps alone');
    }

    #[Test]
    public function it_is_the_owners_word_and_one_of_the_list(): void
    {
        $one = Person::query()->where('role', 'operator')->firstOrFail();
        $this->put("/shop/people/{$one->id}/skills", ['skills' => ['flying']])->assertSessionHasErrors('skills.0');
        self::assertNull($one->refresh()->skills);
        $this->get('/shop/people')->assertOk()->assertSee('Who may do what alone');
        $this->put("/shop/people/{$one->id}/skills", ['skills' => ['clamps']]);
        $this->put("/shop/people/{$one->id}/skills")->assertSessionHas('done', "{$one->name} is not signed off for anything.");
        self::assertNull($one->refresh()->skills);

        ShopProfile::set(['is_demo' => false]);
        $this->actingAs(Person::query()->create(['name' => 'Planner', 'role' => 'planner']))
            ->put("/shop/people/{$one->id}/skills", ['skills' => ['caps']])
            ->assertForbidden();
        self::assertNull($one->refresh()->skills);
    }

    /** The soonest answer, at whosever cost. */
    private function readyAt(string $question): string
    {
        $page = (string) $this->get("/plan/ask?{$question}&pieces=2")->assertOk()->getContent();
        preg_match_all('/Ready ([^<,]*), on M/', $page, $ready);
        self::assertNotSame([], $ready[1], $question);

        return collect($ready[1])->sortBy(
            static fn(string $at): int => (int) array_search(substr($at, 0, 3), ['Wed', 'Thu', 'Fri', 'Sat', 'Sun', 'Mon', 'Tue'], true),
        )->first();
    }
}
