<?php

declare(strict_types=1);

namespace Tests\Writers;

use App\Api\Actions\Programs;
use App\Api\Http\Idempotent;
use App\Api\Models\ConnectedProgram;
use App\Api\Models\ProgramRequest;
use App\Api\Scope;
use App\Artwork\Models\Artwork;
use App\Orders\Models\Approval;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use GuzzleHttp\Client;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\Utils;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Http\Message\ResponseInterface;

/** What programs send, sent by eight in the same moment. */
final class ApiAtOnceTest extends WritersTestCase
{
    /** Those that are tried here. */
    public const ADDRESSES = ['api.orders.store', 'api.orders.ask', 'api.artworks.store'];

    private string $token = '';

    #[Test]
    #[TestWith(['orders'])]
    #[TestWith(['approval'])]
    #[TestWith(['artworks'])]
    public function one_key_is_one_request_and_every_sender_hears_the_same(string $what): void
    {
        [$path, $body, $counted] = self::sent($what);
        $before = $counted();
        $answers = $this->atOnceWith($path, $body, array_fill(0, self::MOST, 'cart-1'));
        self::assertSame([201], array_values(array_unique(array_column($answers, 0))));
        self::assertCount(1, array_unique(array_column($answers, 1)));
        self::assertSame($before + 1, $counted());
        self::assertSame(1, ProgramRequest::query()->count());
    }

    #[Test]
    public function every_key_is_a_request_of_its_own(): void
    {
        [$path, $body, $counted] = self::sent('orders');
        $before = $counted();
        $keys = array_map(static fn(int $i): string => "cart-{$i}", range(1, self::MOST));
        $answers = $this->atOnceWith($path, $body, $keys);
        self::assertSame([201], array_values(array_unique(array_column($answers, 0))));
        self::assertCount(self::MOST, array_unique(array_column($answers, 1)));
        self::assertSame($before + self::MOST, $counted());
    }

    #[Test]
    public function a_program_that_is_shut_out_while_it_waits_is_out(): void
    {
        [$path, $body, $counted] = self::sent('orders');
        $before = $counted();
        [$holder, $letGo] = self::holdTheTurn();
        fwrite($letGo, "1500000\n");
        $lines = new CurlMultiHandler();
        $answer = $this->program(HandlerStack::create($lines))->postAsync($path, $this->with($body, 'late'));
        for ($end = hrtime(true) + 700_000_000; hrtime(true) < $end;) {
            $lines->tick();
        }
        // It was let in, and waits for its turn.
        DB::table('program_tokens')->delete();
        self::assertSame(401, $answer->wait()->getStatusCode());
        fclose($letGo);
        proc_close($holder);
        self::assertSame($before, $counted());
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::asItWas();
        ConnectedProgram::query()->delete();
        $this->token = (string) Programs::letIn('web shop', Scope::cases(), Str::uuid()->toString(), '');
    }

    protected function tearDown(): void
    {
        self::asItWas();
        parent::tearDown();
    }

    /** @return array{string, array<string, mixed>, callable(): int} where, what, and how many there are of it */
    private static function sent(string $what): array
    {
        $order = (int) Order::query()->whereNull('cancelled_at')->orderBy('number')->value('number');

        return match ($what) {
            'orders' => ['orders', ['json' => [
                'customer' => 'Harbour Choir',
                'due_at' => CarbonImmutable::now()->addDays(9)->toIso8601String(),
                'lines' => [[
                    'garment' => 'polo',
                    'fabric' => 'pique',
                    'colour_name' => 'navy',
                    'sizes' => ['M' => 3],
                    'decorations' => [['position' => 'left_chest']],
                ]],
            ]], static fn(): int => Order::query()->count()],
            'approval' => ["orders/{$order}/approval", [], static fn(): int => Approval::query()->count()],
            default => ['artworks', ['multipart' => [[
                'name' => 'tape',
                'filename' => 'row.dst',
                'contents' => self::tape(),
            ]]], static fn(): int => Artwork::query()->count()],
        };
    }

    private static function tape(): string
    {
        $row = new PatternBuilder('ROW');
        for ($i = 1; $i <= 91; $i++) {
            $row->stitchTo(20 * ($i % 2), 3 * $i);
        }

        return (new TapeWriter())->toString($row->pattern());
    }

    /**
     * @param array<string, mixed> $body
     * @param list<string>         $keys
     *
     * @return list<array{int, string}> status and what was answered
     */
    private function atOnceWith(string $path, array $body, array $keys): array
    {
        $client = $this->program();

        return array_values(array_map(
            static fn(ResponseInterface $one): array => [$one->getStatusCode(), (string) $one->getBody()],
            Utils::unwrap(array_map(fn(string $key) => $client->postAsync($path, $this->with($body, $key)), $keys)),
        ));
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    private function with(array $body, string $key): array
    {
        return [...$body, 'headers' => ['Authorization' => "Bearer {$this->token}", Idempotent::HEADER => $key]];
    }

    private function program(?HandlerStack $lines = null): Client
    {
        return new Client([
            'base_uri' => getenv('WRITERS_URL').'/api/v1/',
            'http_errors' => false,
            'timeout' => 60,
            'handler' => $lines ?? HandlerStack::create(),
        ]);
    }
}
