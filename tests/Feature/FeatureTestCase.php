<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Decoration;
use App\Models\Machine;
use App\Models\Order;
use App\Plan\PlanBoard;
use Database\Demo\DemoShop;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use Illuminate\Support\Testing\Fakes\QueueFake;

/** The demo shop is there; whatever a test does to it is undone. bin/test sets up the database. */
abstract class FeatureTestCase extends TestCase
{
    use DatabaseTransactions;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware(\Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class);
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
        if (is_string($page) && ! $response->headers->has('Content-Encoding') && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
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

    protected static function decoration(int $order): Decoration
    {
        return Decoration::query()
            ->whereIn('order_line_id', Order::query()->where('number', $order)->firstOrFail()->lines()->pluck('id'))
            ->firstOrFail();
    }

    protected static function batchOf(int $order): Batch
    {
        return Batch::query()->where('decoration_id', self::decoration($order)->id)->firstOrFail();
    }

    /** Requests are answered by a board of their own; so is whoever asks here. */
    protected static function board(): PlanBoard
    {
        app()->forgetScopedInstances();

        return app(PlanBoard::class);
    }
}
