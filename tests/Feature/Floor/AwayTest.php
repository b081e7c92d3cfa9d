<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use ErrorException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use RuntimeException;
use Tests\Feature\FeatureTestCase;

/** The database is gone, or there and silent; somebody calls the shop by a name that is not its own. */
final class AwayTest extends FeatureTestCase
{
    #[Test]
    public function without_a_database_a_page_says_so_and_a_machine_is_told_in_its_own_form(): void
    {
        $this->elsewhere(self::closedPort());
        foreach (['/orders', '/plan', '/floor/M1'] as $path) {
            $this->get($path)
                ->assertStatus(503)
                ->assertHeader('Retry-After', '2')
                ->assertSee('Database unavailable')
                ->assertSee('nothing else was lost');
        }
        $this->get('/floor/M1/pulse')
            ->assertStatus(503)
            ->assertJsonPath('message', static fn(string $said): bool => str_contains($said, 'cannot be reached'));
        $this->postJson('/machines/reports', [], ['Authorization' => 'Bearer nobody'])
            ->assertStatus(503)
            ->assertJsonStructure(['message']);
    }

    #[Test]
    public function a_database_that_takes_the_call_and_never_answers_is_not_waited_for(): void
    {
        $silent = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($silent);
        $before = ini_set('mysqlnd.net_read_timeout', '1');
        $this->elsewhere((int) explode(':', (string) stream_socket_get_name($silent, false))[1]);
        $begun = hrtime(true);
        $this->get('/orders')->assertStatus(503)->assertSee('Database unavailable');
        self::assertLessThan(2.5, (hrtime(true) - $begun) / 1e9);
        ini_set('mysqlnd.net_read_timeout', (string) $before);
        fclose($silent);
    }

    /** @return iterable<string, array{\Throwable}> what was seen when the database was killed under a page */
    public static function killed(): iterable
    {
        yield 'while it is asked' => [new ErrorException('PDO::prepare(): Error while sending QUERY packet. PID=7')];
        yield 'while it answers' => [
            new ErrorException('PDOStatement::execute(): Premature end of data (mysqlnd_wireprotocol.c:1303)'),
        ];
        $ended = new PDOException('SQLSTATE[08S01]: Communication link failure: 1053 Server shutdown in progress');
        $ended->errorInfo = ['08S01', 1053, 'Server shutdown in progress'];
        yield 'as it is ended' => [$ended];
        yield 'in the middle of a page' => [new RuntimeException('view', 0, $ended)];
    }

    #[Test]
    #[DataProvider('killed')]
    public function a_database_that_is_killed_in_the_middle_is_away_and_nothing_broke(\Throwable $e): void
    {
        Route::middleware(['web', 'can:look'])->get('/orders/new', static fn() => throw $e)->name('orders.create');
        $this->get('/orders/new')->assertStatus(503)->assertSee('Database unavailable');
        Route::middleware(['web', 'can:look'])
            ->get('/orders/ask', static fn() => throw new ErrorException('Undefined array key "shelf"'))
            ->name('orders.ask');
        $this->get('/orders/ask')->assertStatus(500);
    }

    #[Test]
    public function under_a_name_that_is_not_its_own_nothing_is_answered(): void
    {
        $this->get('http://shop.example/orders')
            ->assertStatus(421)
            ->assertSee('This shop has another address.')
            ->assertDontSee('Ullenmere');
        $this->get('http://127.0.0.1:8080/orders')->assertOk();
        config(['shop.hosts' => ['shop.example']]);
        $this->get('http://shop.example/orders')->assertOk();
    }

    private function elsewhere(int $port): void
    {
        config(['database.connections.mariadb.port' => $port]);
        DB::purge('mariadb');
    }

    private static function closedPort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $port = (int) explode(':', (string) stream_socket_get_name($socket, false))[1];
        fclose($socket);

        return $port;
    }
}
