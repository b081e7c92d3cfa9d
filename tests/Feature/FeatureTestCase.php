<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Floor\Actions\AppendEvent;
use App\Floor\Log\FloorLog;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Plan\Models\Batch;
use App\Plan\Queries\PlanBoard;
use Carbon\CarbonImmutable;
use Database\Demo\DemoShop;
use Database\Factories\OrderFactory;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Support\Testing\Fakes\QueueFake;

/** The demo shop is there; whatever a test does to it is undone. bin/test sets up the database. */
abstract class FeatureTestCase extends TestCase
{
    use DatabaseTransactions;

    /** @var array<string, Order> those this test has made */
    private static array $orders = [];

    protected function setUp(): void
    {
        parent::setUp();
        self::$orders = [];
        $this->withoutMiddleware(\App\Foundation\Http\CheckToken::class);
        // What a test writes by hand is a write like any other: what was kept of the tables before is old.
        $shop = DB::getDefaultConnection();
        DB::listen(static function (QueryExecuted $query) use ($shop): void {
            if ($query->connectionName === $shop && ! Transaction::isOpen() && self::writes($query->sql)) {
                DB::table('turns')->increment('number');
            }
        });
    }

    private static function writes(string $sql): bool
    {
        return preg_match('/^(insert|update|delete)(?!.*`turns`)/i', $sql) === 1;
    }

    /**
     * A page as a browser shows it: how its source is broken into lines says nothing.
     *
     * @param \Illuminate\Http\Response $response
     * @param \Illuminate\Http\Request                   $request
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function createTestResponse($response, $request)
    {
        $page = $response->getContent();
        if (
            is_string($page)
            && ! $response->headers->has('Content-Encoding')
            && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')
        ) {
            $response->setContent(self::asShown($page));
        }

        return parent::createTestResponse($response, $request);
    }

    protected static function asShown(string $page): string
    {
        return (string) preg_replace(['/\s+/', '~ ?/>~', '/ >/'], [' ', '/>', '>'], $page);
    }

    public function createApplication(): \Illuminate\Foundation\Application
    {
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected static function upload(string $bytes, string $name): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'tape');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, $name, null, null, true);
    }

    /**
     * What was put into the queue that is faked.
     *
     * @template T of object
     *
     * @param class-string<T> $job
     *
     * @return Collection<int, T>
     */
    protected static function queued(string $job): Collection
    {
        $queue = app('queue');
        assert($queue instanceof QueueFake);

        return $queue->pushed($job);
    }

    /** A tape that is like no other: a row of so many stitches. */
    protected static function tape(int $stitches = 40, int $stepMm = 2): string
    {
        $builder = new PatternBuilder('ROW');
        for ($i = 1; $i <= $stitches; $i++) {
            $builder->stitchTo(10 * $stepMm * ($i % 2), 3 * $i);
        }

        return (new TapeWriter())->toString($builder->pattern());
    }

    protected static function machine(string $code): Machine
    {
        return Machine::query()->where('code', $code)->firstOrFail();
    }

    /** @return array<string, string> */
    protected static function bearer(string $machine): array
    {
        self::assertTrue(Machine::query()->where('code', $machine)->exists());

        return ['Authorization' => 'Bearer '.DemoShop::token($machine)];
    }

    /** Twelve polos with the bell on the chest, next at M2. */
    protected static function polos(): Order
    {
        return self::$orders['polos'] ??= OrderFactory::new()->polos()->nextAt('M2')->create();
    }

    /** Fifteen hoodies with a roundel, next at M1. */
    protected static function hoodies(): Order
    {
        return self::$orders['hoodies'] ??= OrderFactory::new()
            ->hoodies()
            ->nextAt('M1')
            ->create(['due_at' => CarbonImmutable::today()->addDay()->setTime(16, 0)]);
    }

    /** Fourteen aprons, wanted before noon. */
    protected static function aprons(): Order
    {
        return self::$orders['aprons'] ??= OrderFactory::new()
            ->aprons()
            ->setUp()
            ->create(['due_at' => CarbonImmutable::today()->setTime(11, 30)]);
    }

    /** Twenty caps; nobody has said yet how they are sewn. */
    protected static function caps(): Order
    {
        return self::$orders['caps'] ??= OrderFactory::new()->caps()->create();
    }

    /** Eight jackets of which nobody has said yet how they are sewn, and the last thread is not chosen. */
    protected static function jackets(): Order
    {
        return self::$orders['jackets'] ??= OrderFactory::new()->jackets()->create();
    }

    /** Six blankets whose artwork is not there. */
    protected static function blankets(): Order
    {
        return self::$orders['blankets'] ??= OrderFactory::new()->blankets()->create();
    }

    /** What is being sewn at this machine. */
    protected static function running(string $machine): Order
    {
        $batch = Batch::query()
            ->where('code', self::board()->sequence()->on($machine)[0])
            ->firstOrFail();
        app()->forgetScopedInstances();

        return $batch->decoration->line->order;
    }

    /** An order of which every piece is sewn and passed. */
    protected static function finished(): Order
    {
        return Order::query()
            ->whereDoesntHave('lines.decorations.pieces', static fn($piece) => $piece->open())
            ->orderBy('number')
            ->firstOrFail();
    }

    protected static function decoration(Order $order): Decoration
    {
        return Decoration::query()
            ->whereIn('order_line_id', $order->lines()->select('id'))
            ->orderBy('id')
            ->firstOrFail();
    }

    protected static function batchOf(Order $order): Batch
    {
        return Batch::query()->where('decoration_id', self::decoration($order)->id)->firstOrFail();
    }

    /**
     * Something happens at a machine, as a hand tells it.
     *
     * @param list<int> $pieces
     */
    protected static function tell(
        string $machine,
        Batch $batch,
        EventKind $kind,
        array $pieces = [],
        int $stitch = 0,
        float $clockS = 9.0,
        ?SpoilCause $cause = null,
        string $who = '',
    ): void {
        app(AppendEvent::class)->append(
            self::machine($machine),
            $batch,
            new Event(
                Str::uuid()->toString(),
                $kind,
                $batch->id,
                FloorLog::run($batch)->load->number,
                $stitch,
                $clockS,
                $pieces,
                $cause,
            ),
            'hand',
            $who,
        );
    }

    /** The test wrote past the program: what is kept between pages is of before. */
    protected static function outdate(): void
    {
        Transaction::run(static fn(): null => null);
    }

    /** Requests are answered by a board of their own; so is whoever asks here. */
    protected static function board(): PlanBoard
    {
        app()->forgetScopedInstances();

        return app(PlanBoard::class);
    }
}
