<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Floor\Models\Bundle;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Needles\Models\Needle;
use App\Orders\Models\Order;
use App\People\Models\Person;
use App\Shop\House;
use App\Shop\Jobs\LoadDemo;
use App\Shop\Models\Change;
use App\Shop\Models\Shop;
use App\Shop\Onboarding\Onboarding;
use App\Shop\Onboarding\OnboardingStep;
use App\Stock\Actions\StockBook;
use App\Stock\Models\Thread;
use App\Stock\StockKind;
use Hakama\House\Units;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use RuntimeException;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\Foundation\FuzzTest;

/** A shop of one's own, from nothing. */
final class BeginTest extends FeatureTestCase
{
    private const PASSWORD = 'four words in a row';
    private const MACHINE = [
        'code' => 'H1',
        'title' => 'First',
        'heads' => 2,
        'needles' => 9,
        'top_spm' => 900,
        'drivers' => ['flat', 'cap'],
        'driver' => 'flat',
        'counts_from' => 'right',
        'turns_caps' => 'no',
        'many' => 1,
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake();
        Onboarding::insteadOfTheDemo([]);
    }

    protected function tearDown(): void
    {
        self::outdate();
        parent::tearDown();
    }

    #[Test]
    public function every_page_opens_in_a_shop_with_nothing_in_it(): void
    {
        $broken = [];
        $asked = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (! in_array('GET', $route->methods(), true) || ! in_array('web', $route->gatherMiddleware(), true)) {
                continue;
            }
            $path =
                '/'.
                preg_replace_callback(
                    '/\{(\w+)(?::\w+)?\??\}/',
                    static fn(array $of): string => FuzzTest::THERE[$of[1]] ?? '1',
                    $route->uri(),
                );
            $answer = $this->get($path);
            app()->forgetScopedInstances();
            $asked++;
            if ($answer->getStatusCode() >= 500) {
                $broken[] = "{$path}: ".mb_strimwidth((string) $answer->exception?->getMessage(), 0, 160);
            }
        }
        self::assertSame([], $broken);
        self::assertGreaterThan(50, $asked);
        foreach (
            [
                '/orders',
                '/artwork',
                '/setup',
                '/needles',
                '/plan',
                '/floor',
                '/books',
                '/shop',
                '/shop/threads',
                '/plan/calendar',
                '/setup/backing',
                '/needles/walks',
                '/plan/ask',
            ] as $station
        ) {
            $this->get($station)->assertOk();
            app()->forgetScopedInstances();
        }
    }

    #[Test]
    public function it_is_begun_step_by_step_and_each_is_done_once_it_is_there(): void
    {
        $this->get('/')->assertRedirect('/begin');
        self::assertSame([], OnboardingStep::done($this->shop()));

        $this->put('/begin/shop', [
            'name' => '',
            'zone' => 'Nowhere/Else',
            'currency' => 'euro',
            'units' => 'ells',
            'owner' => '',
            'password' => 'short',
            'again' => 'short',
        ])->assertSessionHasErrors(['name', 'zone', 'currency', 'units', 'owner', 'password']);
        self::assertFalse(Person::query()->exists());
        $this->put('/begin/shop', [
            'name' => 'Hasp Lane',
            'zone' => 'Europe/Vienna',
            'currency' => 'chf',
            'owner' => 'Mirren',
            'password' => self::PASSWORD,
            'again' => self::PASSWORD.'!',
        ])->assertSessionHasErrors(['password' => 'The two passwords are not the same.']);
        $this->put('/begin/shop', [
            'name' => 'Hasp Lane',
            'zone' => 'Europe/Vienna',
            'currency' => 'chf',
            'units' => 'inch',
            'owner' => 'Mirren',
            'password' => self::PASSWORD,
            'again' => self::PASSWORD,
        ])->assertRedirect('/begin');
        self::assertSame(Units::Inches, app(House::class)->units());
        self::assertSame(
            ['Hasp Lane', 'Europe/Vienna', 'CHF'],
            [$this->shop()->name, $this->shop()->zone, $this->shop()->currency],
        );
        $this->assertAuthenticatedAs(Person::query()->where('name', 'Mirren')->firstOrFail());
        $this->get('/begin')->assertSee('Machines')->assertSee('1 of 7 steps done');

        $this->post('/shop/machines', [
            ...self::MACHINE,
            'code' => 'no good',
            'driver' => 'clamp',
        ])->assertSessionHasErrors(['code', 'driver']);
        $this->post('/shop/machines', [...self::MACHINE, 'many' => 3])->assertSessionHasNoErrors();
        self::assertSame(['H1', 'H2', 'H3'], Machine::working()->pluck('code')->all());
        self::assertSame(27, Needle::query()->count());
        $this->post('/shop/machines', self::MACHINE)->assertSessionHasErrors(['code' => 'The shop already has H1.']);

        $this->post('/begin/frames', [])->assertSessionHasErrors('sets');
        $this->post('/begin/frames', ['sets' => ['round', 'cap']])->assertSessionHasNoErrors();
        $this->post('/begin/frames', ['sets' => ['cap']]);
        self::assertSame(['R-9', 'R-12', 'R-15', 'K-1'], Frame::query()->orderBy('id')->pluck('code')->all());

        $this->post('/begin/threads', ['codes' => ['D-01', 'X-99']])->assertSessionHasErrors('codes.1');
        foreach ([[], ['codes' => []], ['codes' => 'D-01']] as $none) {
            $this->post('/begin/threads', $none)->assertSessionHasErrors([
                'codes' => 'Tick your threads, or skip this step.',
            ]);
        }
        $this->post('/begin/threads', ['codes' => ['D-01', 'D-03']])->assertSessionHasNoErrors();
        $this->post('/begin/threads', ['codes' => ['D-03', 'D-04']])->assertSessionHasNoErrors();
        self::assertSame(['D-01', 'D-03', 'D-04'], Thread::query()->orderBy('code')->pluck('code')->all());

        $this->post('/begin/pass/backing');
        $this->post('/shop/people', ['names' => 'Ann', 'role' => 'operator']);
        $this->put('/begin/week', [
            'seen' => \App\Shop\Calendar\CalendarBook::weekSign(),
            'week' => [1 => '08:00-12:00, 13:00-16:00'] + array_fill_keys(range(1, 7), ''),
        ]);
        self::assertSame(OnboardingStep::cases(), OnboardingStep::done($this->shop()));
        $this->get('/begin')->assertSee('Hasp Lane is ready');
        $this->post('/begin/done')->assertRedirect('/orders/new');
        $this->get('/')->assertRedirect('/orders');
    }

    #[Test]
    public function nobody_begins_a_shop_from_another_computer(): void
    {
        $this->call('GET', '/begin', server: ['REMOTE_ADDR' => '192.0.2.7'])->assertRedirect('/sign-in');
        $this->call(
            'PUT',
            '/begin/shop',
            [
                'name' => 'X',
                'zone' => 'UTC',
                'currency' => 'EUR',
                'owner' => 'X',
                'password' => self::PASSWORD,
                'again' => self::PASSWORD,
            ],
            server: ['REMOTE_ADDR' => '192.0.2.7'],
        )->assertRedirect('/sign-in');
        self::assertFalse(Person::query()->exists());
    }

    #[Test]
    public function a_machine_goes_out_of_use_when_nothing_stands_before_it_and_comes_back(): void
    {
        $this->post('/shop/machines', self::MACHINE);
        $this->post('/shop/machines/H1/retire')->assertSessionHas('done', 'H1 is out of use.');
        self::assertSame([], Machine::working()->pluck('code')->all());
        $this->get('/floor')->assertOk()->assertSee('no machines yet');
        $this->post('/shop/machines/H1/retire')->assertSessionHas('done', 'H1 is in use again.');
        self::assertSame(
            ['came to the shop', 'out of use', 'in use again'],
            Change::query()->where('kind', Change::MACHINE)->orderBy('seq')->pluck('what')->all(),
        );
    }

    #[Test]
    public function clearing_the_demo_leaves_what_one_goes_on_with_and_nothing_of_its_work(): void
    {
        DB::rollBack();
        DB::beginTransaction();
        $machines = Machine::query()->count();
        $threads = Thread::query()->count();
        Onboarding::insteadOfTheDemo(['machines', 'frames', 'threads', 'garments', 'rules']);

        self::assertSame(
            [0, 0, 0],
            [Order::query()->count(), DB::table('floor_events')->count(), DB::table('people')->count()],
        );
        self::assertSame([$machines, $threads], [Machine::query()->count(), Thread::query()->count()]);
        self::assertGreaterThan(0, DB::table('garment_styles')->count());
        self::assertFalse(
            Machine::query()->where('token_hash', hash('sha256', \Database\Demo\DemoShop::token('M1')))->exists(),
            'the demo’s machines are let in no more',
        );
        self::assertFalse($this->shop()->is_demo);
        foreach (['/orders', '/floor/M1', '/needles/M1', '/plan'] as $page) {
            $this->get($page)->assertOk();
            app()->forgetScopedInstances();
        }
    }

    #[Test]
    public function of_the_demo_nothing_is_left_in_any_table_but_what_one_goes_on_with(): void
    {
        DB::rollBack();
        DB::beginTransaction();
        $stock = app(StockBook::class);
        $stock->count(StockKind::Bobbins, 40.0, 'Odo');
        $stock->supply([['of' => 'Film', 'name' => 'Weir & Spool', 'lead_days' => 9.0]]);
        $order = Order::query()->firstOrFail();
        Bundle::tie($order, 10, 'Odo');
        DB::table('said_odds')->insertOrIgnore([
            'order_id' => $order->id,
            'due_at' => $order->due_at,
            'kept' => 0.9,
            'said_at' => now(),
        ]);
        Onboarding::insteadOfTheDemo([]);
        app()->forgetScopedInstances();
        // What a shop has from its first moment: whose it is, its counters, and how its tables came about.
        $has = ['shops', 'order_numbers', 'plans', 'migrations', 'needles', 'turns'];
        $left = [];
        foreach (array_column(Schema::getTables(DB::getDatabaseName()), 'name') as $table) {
            if (! in_array($table, $has, true) && DB::table($table)->exists()) {
                $left[] = $table;
            }
        }
        self::assertSame([], $left);
        self::assertNull(app(StockBook::class)->left(StockKind::Bobbins), 'nor in what is kept between requests');
        self::assertSame('', app(StockBook::class)->supplier('Film')['name']);
    }

    #[Test]
    public function several_machines_and_heaps_of_backing_are_added_one_after_the_other(): void
    {
        $this->post('/shop/machines', [...self::MACHINE, 'another' => 'machines'])->assertRedirect('/begin?step=machines');
        $this->get('/begin?step=machines')
            ->assertSee('H1 First, 9 needles')
            ->assertSee('Add and another');
        $heap = ['kind' => 'mesh', 'form' => 'piece', 'width' => '150', 'length' => '150', 'count' => '40'];
        $this->post('/setup/backing', [...$heap, 'another' => 'backing'])->assertRedirect('/begin?step=backing');
        $this->from('/setup/backing')->post('/setup/backing', $heap)->assertRedirect('/setup/backing');
        // A step is a word; what is no word leads nowhere else.
        $this->from('/setup/backing')
            ->post('/setup/backing', [...$heap, 'another' => '//elsewhere'])
            ->assertRedirect('/setup/backing');
    }

    #[Test]
    public function who_only_looks_loads_the_demo_instead_of_an_empty_shop(): void
    {
        $this->get('/begin')->assertSee('Load the demo instead');
        Storage::fake();
        Queue::fake();
        $this->post('/begin/demo')->assertRedirect('/begin/demo');
        $this->get('/begin/demo')->assertOk()->assertSee('Thirteen weeks of orders are being sewn');
        Queue::assertPushed(LoadDemo::class);
        // A quarter is simulated in a test of its own.
        $this->artisan('shop:demo', ['--short' => true])->assertSuccessful();
        $this->get('/begin/demo')->assertRedirect('/orders')->assertSessionHas('done', 'Demo loaded.');
        self::assertTrue($this->shop()->is_demo);
        self::assertSame(['M1', 'M2', 'M3'], Machine::query()->orderBy('id')->pluck('code')->all());
        self::assertGreaterThan(20, Order::query()->count());
    }

    #[Test]
    public function a_demo_that_does_not_come_is_not_waited_for(): void
    {
        $this->get('/begin/demo')->assertRedirect('/begin');
        Queue::fake();
        $this->post('/begin/demo')->assertRedirect('/begin/demo');
        $this->get('/begin/demo')->assertOk();
        // Meanwhile somebody adds a machine of their own: the demo is refused, and the page says so.
        $this->post('/shop/machines', self::MACHINE);
        $this->get('/begin/demo')->assertRedirect('/begin')->assertSessionHas('problem');
        $job = new LoadDemo();
        try {
            $job->handle();
            self::fail('the demo came on top of a machine');
        } catch (RuntimeException $e) {
            self::assertStringContainsString('There is a shop already', $e->getMessage());
            $job->failed($e);
        }
        self::assertSame(['H1'], Machine::query()->pluck('code')->all());
        Machine::query()->delete();
        $this->get('/begin/demo')->assertRedirect('/begin')->assertSessionHas(
            'problem',
            'The demo could not be loaded. Nothing was stored. Try again, or set up your own shop.',
        );
        // Asked for once more, it is waited for once more.
        $this->post('/begin/demo')->assertRedirect('/begin/demo');
        $this->get('/begin/demo')->assertOk();
    }

    #[Test]
    public function what_was_kept_of_the_demo_is_ones_own_and_the_demo_does_not_come_on_top(): void
    {
        $this->post('/begin/frames', ['sets' => ['cap']]);
        $this->get('/begin')->assertDontSee('Load the demo instead');
        $this->post('/begin/demo')->assertSessionHas('problem');
        self::assertSame(1, Frame::query()->count());
    }

    #[Test]
    public function the_demo_is_not_loaded_on_top_of_what_is_there(): void
    {
        $this->post('/shop/machines', self::MACHINE);
        $this->post('/begin/demo')->assertSessionHas('problem');
        self::assertSame(['H1'], Machine::query()->pluck('code')->all());
        $this->post('/begin/clear', ['word' => 'my own'])->assertSessionHas('problem');
        self::assertSame(['H1'], Machine::query()->pluck('code')->all());
    }

    private function shop(): Shop
    {
        return Shop::query()->findOrFail(Shop::ONLY);
    }
}
