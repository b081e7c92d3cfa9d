<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\Floor\Models\FloorEvent;
use App\Foundation\ShopProfile;
use App\People\Ability;
use App\People\Models\Pairing;
use App\People\Models\Person;
use App\People\Models\Tablet;
use App\Shop\Models\Change;
use Hakama\House\Role;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\Foundation\FuzzTest;

/** Who is let in, to what, and under which name things are done. */
final class PeopleTest extends FeatureTestCase
{
    /** Answers what was typed, or lets in and out. */
    private const CHANGES_NOTHING = [
        // A customer answers by the link they were sent.
        'approval.answer',
        // In which language one reads is nobody else's.
        'language', 'reading.choose', 'orders.another', 'orders.check', 'orders.promise', 'orders.names.check', 'setup.picture.measure', 'sign-in.try', 'sign-out', 'tablet.take'];

    private const PASSWORD = 'four words in a row';

    protected function setUp(): void
    {
        parent::setUp();
        // No demo any more: everybody says who they are.
        ShopProfile::set(['is_demo' => false]);
        Person::query()
            ->where('name', 'Ilse')
            ->firstOrFail()
            ->update(['password' => self::PASSWORD]);
    }

    protected function tearDown(): void
    {
        self::outdate();
        parent::tearDown();
    }

    #[Test]
    public function every_route_says_who_may_and_whoever_may_only_look_changes_nothing(): void
    {
        $named = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array('web', $route->gatherMiddleware(), true)) {
                $name = (string) $route->getName();
                $named[] = $name;
                $ability = Ability::of($route);
                self::assertNotNull($ability, "{$name} is closed to everybody");
                // Whoever may only look changes nothing.
                self::assertTrue(
                    in_array('GET', $route->methods(), true)
                    || in_array($name, self::CHANGES_NOTHING, true)
                    || $ability->least()?->includes(Role::Operator) === true,
                    "{$name} lets somebody change what they may only look at",
                );
            }
        }
        self::assertNotSame([], $named);
    }

    #[Test]
    public function every_address_lets_in_whom_it_should_and_nobody_else(): void
    {
        Queue::fake();
        $wrong = [];
        foreach ([null, ...Role::cases()] as $role) {
            $person =
                $role === null ? null : Person::query()->create(['name' => "One {$role->value}", 'role' => $role]);
            foreach (Route::getRoutes()->getRoutes() as $route) {
                $name = (string) $route->getName();
                if (
                    ! in_array('web', $route->gatherMiddleware(), true)
                    || Ability::of($route) === Ability::Open
                    || $name === 'sign-out'
                ) {
                    continue;
                }
                $path =
                    '/'.
                    preg_replace_callback(
                        '/\{(\w+)(?::\w+)?\??\}/',
                        static fn(array $of): string => FuzzTest::THERE[$of[1]] ?? '1',
                        $route->uri(),
                    );
                app('db')->beginTransaction();
                $person === null ? app('auth')->guard()->logout() : $this->actingAs($person);
                $answer = $this->call($route->methods()[0], $path);
                app('db')->rollBack();
                app()->forgetScopedInstances();
                $least = Ability::of($route)?->least();
                $isLetIn =
                    ! in_array($answer->getStatusCode(), [401, 403], true)
                    && ! str_ends_with((string) $answer->headers->get('Location'), '/sign-in');
                $should = $role !== null && $least !== null && $role->includes($least);
                if ($isLetIn !== $should || $answer->getStatusCode() >= 500) {
                    $wrong[] = sprintf('%s as %s: %d', $name, $role->value ?? 'nobody', $answer->getStatusCode());
                }
            }
        }
        self::assertSame([], $wrong);
    }

    #[Test]
    public function a_role_may_what_those_before_it_may(): void
    {
        self::assertTrue(Role::Owner->includes(Role::Viewer));
        self::assertTrue(Role::Planner->includes(Role::Operator));
        self::assertTrue(Role::Operator->includes(Role::Operator));
        self::assertFalse(Role::Operator->includes(Role::Planner));
        self::assertFalse(Role::Viewer->includes(Role::Operator));
    }

    #[Test]
    public function who_signs_in_comes_to_the_page_that_was_wanted_and_acts_under_that_name(): void
    {
        $this->get('/plan')->assertRedirect('/sign-in');
        $this->post('/sign-in', ['name' => 'Ilse', 'password' => self::PASSWORD])->assertRedirect('/plan');
        $this->get('/plan')->assertOk()->assertSee('Ilse, owner');
        $this->post('/needles/M2/fittings', [
            'id' => Str::uuid()->toString(),
            'numbers' => [2],
            'size' => '75/11',
            'point' => 'sharp',
        ])->assertSessionHasNoErrors();
        self::assertSame('Ilse', app('db')->table('needle_fittings')->orderByDesc('seq')->value('who'));
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->get('/plan')->assertRedirect('/sign-in');
    }

    #[Test]
    public function a_password_that_is_changed_signs_out_every_desk_but_the_one_where_it_was_said(): void
    {
        $ilse = Person::query()->where('name', 'Ilse')->firstOrFail();
        $this->post('/sign-in', ['name' => 'Ilse', 'password' => self::PASSWORD])->assertRedirect('/');
        $this->get('/plan')->assertOk();
        $this->put("/shop/people/{$ilse->id}/secret", [
            'kind' => 'password',
            'secret' => 'another four words',
        ])->assertSessionHasNoErrors();
        $this->get('/plan')->assertOk();
        // Another desk changes it.
        $ilse->refresh()->update(['password' => 'and yet another four']);
        app('auth')->forgetGuards();
        $this->get('/plan')->assertRedirect('/sign-in');
        $this->get('/floor/M1/pulse')->assertUnauthorized();
        $this->post('/sign-in', ['name' => 'Ilse', 'password' => 'and yet another four']);
        $this->get('/plan')->assertOk();
    }

    #[Test]
    public function five_wrong_passwords_and_the_right_one_has_to_wait(): void
    {
        for ($i = 0; $i < 5; $i++) {
            $this->from('/sign-in')
                ->post('/sign-in', ['name' => 'Ilse', 'password' => 'something else'])
                ->assertSessionHasErrors(['password' => 'Name and password do not match.']);
        }
        $this->from('/sign-in')->post('/sign-in', ['name' => 'Ilse', 'password' => self::PASSWORD]);
        self::assertStringContainsString('Too many tries', (string) session('errors')?->first('password'));
        $this->travel(61)->seconds();
        $this->post('/sign-in', ['name' => 'Ilse', 'password' => self::PASSWORD])->assertRedirect('/');
    }

    #[Test]
    public function nobody_without_a_password_or_gone_from_the_shop_signs_in(): void
    {
        foreach (['Odo', 'Nobody'] as $name) {
            $this->post('/sign-in', ['name' => $name, 'password' => self::PASSWORD])->assertSessionHasErrors(
                'password',
            );
        }
        $odo = Person::query()->where('name', 'Odo')->firstOrFail();
        $odo->update(['password' => self::PASSWORD, 'retired_at' => now()]);
        $this->post('/sign-in', ['name' => 'Odo', 'password' => self::PASSWORD])->assertSessionHasErrors('password');
        // Signed in when they left: out at once.
        $this->actingAs($odo)->get('/plan')->assertRedirect('/sign-in');
    }

    #[Test]
    public function a_shop_keeps_one_owner_who_can_sign_in(): void
    {
        $ilse = Person::query()->where('name', 'Ilse')->firstOrFail();
        $this->actingAs($ilse);
        $this->put("/shop/people/{$ilse->id}", ['role' => 'planner'])->assertSessionHasErrors('role');
        $this->post("/shop/people/{$ilse->id}/retire")->assertSessionHasErrors('role');
        $this->put("/shop/people/{$ilse->id}/secret", ['kind' => 'password', 'secret' => ''])->assertSessionHasErrors(
            'role',
        );
        self::assertSame(Role::Owner, $ilse->refresh()->role);
        self::assertNull($ilse->retired_at);
        self::assertNotNull($ilse->password);
    }

    #[Test]
    public function several_people_come_at_once_each_under_a_name_of_their_own(): void
    {
        $this->actingAs(Person::query()->where('name', 'Ilse')->firstOrFail());
        $this->post('/shop/people', [
            'names' => "Ann\n\n Bo  Lee \nann",
            'role' => 'viewer',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            ['Ann', 'Bo Lee'],
            Person::query()->where('role', 'viewer')->orderBy('name')->pluck('name')->all(),
        );
        self::assertSame(['Ilse', 'Ilse'], Change::query()->where('kind', Change::PERSON)->pluck('who')->all());
        $this->post('/shop/people', ['names' => "Cy\nODO", 'role' => 'viewer'])->assertSessionHasErrors([
            'names' => 'ODO is already here.',
        ]);
        self::assertFalse(Person::query()->where('name', 'Cy')->exists());
    }

    #[Test]
    public function a_tablet_is_let_in_by_its_code_once_and_asks_who_acts(): void
    {
        $odo = Person::query()->where('name', 'Odo')->firstOrFail();
        $odo->update(['pin' => '4711']);
        $this->actingAs(Person::query()->where('name', 'Ilse')->firstOrFail());
        $this->post('/shop/people/tablets', ['tablet' => 'By the window', 'machine' => 'M2']);
        $code = (string) session('code');
        self::assertMatchesRegularExpression('/^[A-Z2-9]{4}-[A-Z2-9]{4}$/', $code);
        app('auth')->guard()->logout();
        $this->flushSession();

        $this->post('/tablet', ['code' => 'AAAA-AAAA'])->assertSessionHasErrors('code');
        $let = $this->post('/tablet', ['code' => strtolower(str_replace('-', ' ', $code))])->assertRedirect('/floor');
        $this->post('/tablet', ['code' => $code])->assertSessionHasErrors('code');
        $this->withCookie('hakama_tablet', self::tokenOf($let));

        $this->get('/floor')->assertOk()->assertSee('Machine M2');
        $this->get('/shop/people')->assertForbidden();
        $this->post('/plan/undo')->assertForbidden();
        $this->put('/floor/who', ['who' => 'Odo'])->assertSessionHasErrors(['pin' => 'Enter the PIN.']);
        $this->put('/floor/who', ['who' => 'Odo', 'pin' => '0000'])->assertSessionHasErrors([
            'pin' => 'Wrong PIN.',
        ]);
        $this->put('/floor/who', ['who' => 'Odo', 'pin' => '4711'])->assertSessionHasNoErrors();
        self::assertSame('Odo', session('who'));

        Tablet::query()
            ->firstOrFail()
            ->update(['revoked_at' => now()]);
        $this->get('/floor')->assertRedirect('/sign-in');
    }

    #[Test]
    public function nobody_confirms_under_the_name_of_one_who_has_a_pin(): void
    {
        Person::query()
            ->where('name', 'Odo')
            ->firstOrFail()
            ->update(['pin' => '4711']);
        $this->actingAs(Person::query()->where('name', 'Maren')->firstOrFail());
        $events = FloorEvent::query()->count();
        $this->post('/floor/M1/events', [
            'id' => Str::uuid()->toString(),
            'kind' => 'thread_broke',
            'batch' => 'B-101',
            'who' => 'Odo',
        ])->assertSessionHasErrors('who');
        self::assertSame($events, FloorEvent::query()->count());
    }

    #[Test]
    public function a_code_is_good_for_a_quarter_of_an_hour(): void
    {
        $code = Pairing::open(self::machine('M1')->id);
        $this->travel(16)->minutes();
        self::assertNull(Pairing::take($code, false));
    }

    #[Test]
    public function a_controller_is_paired_by_a_code_and_its_old_token_is_good_no_more(): void
    {
        $before = self::bearer('M1');
        $this->getJson('/machines/instruction', $before)->assertOk();
        $this->actingAs(Person::query()->where('name', 'Ilse')->firstOrFail())->post('/shop/machines/M1/code');
        $code = (string) session('code');

        $this->postJson('/machines/pair', ['code' => ['x']])->assertStatus(422);
        $paired = $this->postJson('/machines/pair', ['code' => $code])
            ->assertOk()
            ->assertJson(['machine' => 'M1']);
        $this->postJson('/machines/pair', ['code' => $code])->assertStatus(422);
        $this->getJson('/machines/instruction', $before)->assertUnauthorized();
        $now = ['Authorization' => 'Bearer '.$paired->json('token')];
        $this->getJson('/machines/instruction', $now)->assertOk();
        $this->delete('/shop/machines/M1/token');
        $this->getJson('/machines/instruction', $now)->assertUnauthorized();
        for ($i = 0; $i < 5; $i++) {
            $this->postJson('/machines/pair', ['code' => "WRONG{$i}"]);
        }
        $this->postJson('/machines/pair', ['code' => 'WRONG5'])->assertStatus(429);
    }

    #[Test]
    public function a_calendar_address_is_its_own_key_until_new_ones_are_made(): void
    {
        $ilse = Person::query()->where('name', 'Ilse')->firstOrFail();
        $page = (string) $this->actingAs($ilse)->get('/plan/calendar')->getContent();
        self::assertSame(1, preg_match('~href="[^"]*(/plan/machines/M1\.ics\?key=[0-9a-f]{32})"~', $page, $found));
        app('auth')->guard()->logout();
        $this->flushSession();

        $this->get($found[1])->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $this->get('/plan/machines/M1.ics')->assertRedirect('/sign-in');
        $this->get(str_replace('M1', 'M2', $found[1]))->assertRedirect('/sign-in');
        $this->actingAs($ilse)->post('/shop/people/calendars');
        app('auth')->guard()->logout();
        $this->flushSession();
        $this->get($found[1])->assertRedirect('/sign-in');
    }

    #[Test]
    public function the_demo_lies_open_on_its_own_computer_only(): void
    {
        ShopProfile::set(['is_demo' => true]);
        $this->get('/plan')->assertOk();
        $this->call('GET', '/plan', server: ['REMOTE_ADDR' => '192.0.2.7'])->assertRedirect('/sign-in');
        // Nor by saying that one comes from there.
        $this->call(
            'GET',
            '/plan',
            server: ['REMOTE_ADDR' => '192.0.2.7', 'HTTP_X_FORWARDED_FOR' => '127.0.0.1'],
        )->assertRedirect('/sign-in');
    }

    /** @param TestResponse<Response> $answer */
    private static function tokenOf(TestResponse $answer): string
    {
        return (string) $answer->getCookie('hakama_tablet')?->getValue();
    }
}
