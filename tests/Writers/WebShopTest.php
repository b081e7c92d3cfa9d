<?php

declare(strict_types=1);

namespace Tests\Writers;

use App\Api\Actions\NewsBook;
use App\Api\Actions\Programs;
use App\Api\Actions\Webhooks;
use App\Api\Jobs\DeliverNews;
use App\Api\Models\ConnectedProgram;
use App\Api\Models\Delivery;
use App\Api\Models\News;
use App\Api\Models\Webhook;
use App\Api\Scope;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use Carbon\CarbonImmutable;
use GuzzleHttp\Client;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;

/** A web shop, a process of its own, orders and approves and is told; and is away for an hour. */
final class WebShopTest extends WritersTestCase
{
    private const PORT = 18099;

    private string $folder;
    private string $token;
    private Webhook $webhook;
    private ?Process $shop = null;
    private ?CarbonImmutable $clock = null;

    protected function setUp(): void
    {
        parent::setUp();
        self::asItWas();
        $clock = CarbonImmutable::getTestNow();
        $this->clock = $clock instanceof CarbonImmutable ? $clock : null;
        $this->folder = sys_get_temp_dir().'/webshop-'.Str::random(8);
        mkdir($this->folder);
        $this->token = (string) Programs::letIn('web shop', Scope::cases(), Str::uuid()->toString(), '');
        $program = ConnectedProgram::query()->firstOrFail();
        $secret = (string) Webhooks::tellAt($program, 'http://127.0.0.1:'.self::PORT.'/told');
        file_put_contents("{$this->folder}/secret", $secret);
        $this->webhook = Webhook::query()->firstOrFail();
        // What was there before is known and is no news.
        self::assertSame(0, $this->gathered());
        $this->open();
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow($this->clock);
        $this->shop?->stop(1);
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        self::asItWas();
        parent::tearDown();
    }

    #[Test]
    public function it_orders_its_customer_approves_and_it_is_told(): void
    {
        $number = $this->ordered('cart-1');
        self::assertSame($number, $this->ordered('cart-1'));
        self::assertSame(1, $this->gathered());
        self::assertSame(0, $this->gathered(), 'what was told is no news');
        $this->deliver();
        self::assertSame([['order.new', $number]], $this->told());
        self::assertContains($this->asked("approve?order={$number}"), [302, 303]);
        self::assertSame(1, $this->gathered());
        $this->deliver();
        $last = $this->news()[1];
        self::assertSame(['order.changed', ['approval'], 'approved'], [$last['kind'], $last['changed'], $last['order']['approval']]);
        self::assertSame(0, Delivery::query()->waiting()->count());
    }

    #[Test]
    public function it_is_away_for_an_hour_and_then_hears_all_of_it_once_and_in_order(): void
    {
        $this->shop?->stop(1);
        $begun = CarbonImmutable::now();
        $orders = Order::query()
            ->whereIn('id', Piece::query()->open()->select('order_id'))
            ->orderBy('number')
            ->limit(3)
            ->get();
        for ($minute = 0; $minute < 60; $minute++) {
            CarbonImmutable::setTestNow($begun->addMinutes($minute));
            if ($minute % 20 === 5) {
                $order = $orders[intdiv($minute, 20)];
                $order->update(['due_at' => $order->due_at->addHours(3)]);
                $this->gathered();
            }
            $this->deliver();
        }
        self::assertSame(3, Delivery::query()->waiting()->count());
        // After 1, 2, 5, 10 and 20 minutes, not every minute.
        self::assertSame(6, (int) Delivery::query()->max('tries'));
        self::assertSame(0, (int) Delivery::query()->orderByDesc('id')->value('tries'), 'what comes after waits behind it');
        $this->open();
        CarbonImmutable::setTestNow($begun->addMinutes(100));
        $this->deliver();
        self::assertSame(
            $orders->map(static fn(Order $one): array => ['order.changed', $one->number])->all(),
            $this->told(),
        );
        self::assertSame(News::query()->orderBy('id')->pluck('sign')->all(), array_column($this->news(), 'id'));
        self::assertSame(0, Webhook::query()->firstOrFail()->failures);
        self::assertCount(3, file("{$this->folder}/told") ?: [], 'each was sent once');
        // Sent again it is the same news, and the web shop knows it.
        Webhooks::again(Delivery::query()->firstOrFail());
        $this->deliver();
        self::assertCount(4, file("{$this->folder}/told") ?: []);
        self::assertCount(3, $this->news());
    }

    #[Test]
    public function who_does_not_know_the_secret_is_not_heard(): void
    {
        $this->ordered('cart-1');
        $this->gathered();
        file_put_contents("{$this->folder}/secret", 'whsec_'.base64_encode(random_bytes(32)));
        $this->deliver();
        self::assertSame([], $this->news());
        self::assertSame('HTTP 400', Webhook::query()->firstOrFail()->why);
    }

    #[Test]
    public function after_three_days_somebody_has_to_look(): void
    {
        $this->ordered('cart-1');
        $this->gathered();
        $this->shop?->stop(1);
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDays(2));
        $this->deliver();
        self::assertNull(Webhook::query()->firstOrFail()->stopped_at);
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addHours(25));
        $this->deliver();
        self::assertNotNull(Webhook::query()->firstOrFail()->stopped_at);
        $this->open();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDay());
        $this->deliver();
        self::assertSame([], $this->news());
        Webhooks::tryNow(Webhook::query()->firstOrFail());
        $this->deliver();
        self::assertCount(1, $this->news());
    }

    private function open(): void
    {
        $this->shop = new Process(
            [PHP_BINARY, '-S', '127.0.0.1:'.self::PORT, 'simulator/webshop.php'],
            dirname(__DIR__, 2),
            [
                'WEBSHOP_FOLDER' => $this->folder,
                'WEBSHOP_AT' => (string) getenv('WRITERS_URL'),
                'WEBSHOP_TOKEN' => $this->token,
                // The test's clock goes ahead of its own.
                'WEBSHOP_TOLERANCE_S' => '1000000000',
                'PHP_CLI_SERVER_WORKERS' => false,
            ],
        );
        $this->shop->start();
        for ($i = 0; $i < 100 && @fsockopen('127.0.0.1', self::PORT) === false; $i++) {
            usleep(50_000);
        }
    }

    private function gathered(): int
    {
        app()->forgetScopedInstances();

        return app(NewsBook::class)->gather();
    }

    private function deliver(): void
    {
        (new DeliverNews($this->webhook->id))->handle(app(Factory::class));
    }

    private function ordered(string $key): int
    {
        return (int) $this->asked("order?key={$key}", [
            'customer' => 'Harbour Choir',
            'due_at' => CarbonImmutable::now()->addDays(9)->toIso8601String(),
            'lines' => [[
                'garment' => 'polo',
                'fabric' => 'pique',
                'colour_name' => 'navy',
                'sizes' => ['M' => 3],
                'decorations' => [['position' => 'left_chest']],
            ]],
        ])['number'];
    }

    /**
     * @param array<string, mixed> $cart
     *
     * @return mixed what the web shop answers
     */
    private function asked(string $path, array $cart = []): mixed
    {
        $answer = (new Client())->post('http://127.0.0.1:'.self::PORT."/{$path}", ['json' => $cart]);

        return json_decode((string) $answer->getBody(), true, 64, JSON_THROW_ON_ERROR);
    }

    /** @return list<array<string, mixed>> what the web shop was told */
    private function news(): array
    {
        $answer = (new Client())->get('http://127.0.0.1:'.self::PORT.'/');

        return json_decode((string) $answer->getBody(), true, 64, JSON_THROW_ON_ERROR);
    }

    /** @return list<array{string, int}> kind and number */
    private function told(): array
    {
        return array_map(static fn(array $one): array => [$one['kind'], $one['order']['number']], $this->news());
    }
}
