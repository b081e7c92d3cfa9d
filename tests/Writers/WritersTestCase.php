<?php

declare(strict_types=1);

namespace Tests\Writers;

use CurlHandle;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use PHPUnit\Framework\TestCase;

/**
 * People at one server, each a process of their own at work on the same shop. Before each try the shop is put back to
 * what the demo begins with. bin/test starts the server.
 */
abstract class WritersTestCase extends TestCase
{
    protected const MOST = 8;
    /** Work for the moment, and what every write leaves. */
    private const PASSING = ['turns', 'sent_forms', 'attempts', 'jobs', 'failed_jobs', 'migrations', 'said_odds'];

    protected static int $senders = 1;
    private static ?Application $app = null;
    /** @var array<int, array{CurlHandle, string}> clients with their tokens */
    private static array $clients = [];
    /** @var list<string> */
    private static array $tables = [];

    protected function setUp(): void
    {
        parent::setUp();
        if (self::$app === null) {
            self::$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
            self::$app->make(Kernel::class)->bootstrap();
            // Its own answer to errors is not wanted here.
            restore_error_handler();
            restore_exception_handler();
            self::remember();
        }
        self::asItWas();
    }

    /** Who was signed out, or in, comes anew. */
    protected static function comeAnew(): void
    {
        self::$clients = [];
    }

    protected static function signIn(int $i, string $name, string $password): void
    {
        self::asked($i);
        self::atOnceOf($i, Write::to('POST', '/sign-in', ['name' => $name, 'password' => $password]));
        self::asked($i);
    }

    /**
     * Another process has the shop's turn when this comes back, until it reads after how many microseconds to let go.
     *
     * @return array{resource, resource} the process, and where it is told
     */
    protected static function holdTheTurn(): array
    {
        $of = config('database.connections.mariadb');
        $code = sprintf(
            '$db = new PDO("mysql:host=%s;port=%s;dbname=%s", %s, getenv("HOLDER")); $db->beginTransaction();'.
                '$db->exec("update turns set number = number + 1"); echo "held\n"; usleep((int) fgets(STDIN)); $db->rollBack();',
            $of['host'],
            $of['port'],
            $of['database'],
            var_export($of['username'], true),
        );
        $holder = proc_open([PHP_BINARY, '-r', $code], [['pipe', 'r'], ['pipe', 'w']], $pipes, null, [
            ...getenv(),
            'HOLDER' => (string) $of['password'],
        ]);
        assert(is_resource($holder));
        fgets($pipes[1]);

        return [$holder, $pipes[0]];
    }

    /** How many send. */
    public static function senders(): int
    {
        return self::$senders;
    }

    /** The shop as the demo begins. */
    protected static function asItWas(): void
    {
        DB::statement('set foreign_key_checks = 0');
        DB::transaction(static function (): void {
            foreach (self::$tables as $table) {
                DB::statement("delete from `{$table}`");
                DB::statement("insert into `{$table}` select * from `{$table}_was`");
            }
            DB::table('sent_forms')->delete();
            DB::table('turns')->increment('number');
        });
        DB::statement('set foreign_key_checks = 1');
        app()->forgetScopedInstances();
    }

    private static function remember(): void
    {
        foreach (Schema::getTables(DB::getDatabaseName()) as $table) {
            $name = $table['name'];
            if (str_ends_with($name, '_was') || in_array($name, ['migrations', 'turns', 'sent_forms'], true)) {
                continue;
            }
            DB::statement("drop table if exists `{$name}_was`");
            DB::statement("create table `{$name}_was` as select * from `{$name}`");
            self::$tables[] = $name;
        }
    }

    /** @return array<string, float> table => rows, and some sums in which a thing done twice shows */
    protected static function counted(): array
    {
        $counted = [];
        foreach (array_diff(self::$tables, self::PASSING) as $table) {
            $counted[$table] = (float) DB::table($table)->count();
        }
        foreach (
            [
                ['cones', 'metres_left'],
                ['machines', 'stitches'],
                ['machines', 'bobbin_used_m'],
                ['needles', 'stitches'],
                ['practices', 'came_out'],
                ['practices', 'failed'],
                ['backing_stocks', 'count'],
            ] as [$table, $column]
        ) {
            $counted["{$table}.{$column}"] = round((float) DB::table($table)->sum($column), 3);
        }

        return $counted;
    }

    /**
     * Sends one after the other's heels, all of them before any is answered.
     *
     * @param list<Write> $writes
     * @param string|null $form   the number of the form that all of them sent; null: each has one of its own
     *
     * @return list<array{int, string}> status and answer of each
     */
    protected static function atOnce(array $writes, ?string $form = null): array
    {
        $many = curl_multi_init();
        foreach ($writes as $i => $write) {
            [$client, $token] = self::$clients[$i] ??= self::client();
            $fields = $write->fields;
            foreach ($form === null ? $write->own : [] as $own) {
                $fields[$own] = Str::uuid()->toString();
            }
            $fields += ['_token' => $token, '_method' => $write->method, '_form' => $form ?? Str::uuid()->toString()];
            curl_setopt_array($client, [
                CURLOPT_URL => getenv('WRITERS_URL').$write->path,
                CURLOPT_POST => true,
                CURLOPT_POSTFIELDS => $write->files === []
                    ? http_build_query($fields)
                    : self::withFiles($fields, $write->files),
                CURLOPT_HTTPHEADER => [
                    'Accept: application/json',
                    'Expect:',
                    ...array_map(
                        static fn(string $name, string $value): string => "{$name}: {$value}",
                        array_keys($write->headers),
                        $write->headers,
                    ),
                ],
            ]);
            curl_multi_add_handle($many, $client);
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.2);
        } while ($running > 0);
        $answers = [];
        foreach (array_keys($writes) as $i) {
            $client = self::$clients[$i][0];
            $answers[] = [
                (int) curl_getinfo($client, CURLINFO_RESPONSE_CODE),
                (string) curl_multi_getcontent($client).' '.curl_error($client),
            ];
            curl_multi_remove_handle($many, $client);
        }

        return $answers;
    }

    /**
     * @param array<string, mixed>                 $fields
     * @param array<string, array{string, string}> $files
     *
     * @return array<string, mixed>
     */
    private static function withFiles(array $fields, array $files): array
    {
        $flat = [];
        foreach (explode('&', http_build_query($fields)) as $pair) {
            [$name, $value] = explode('=', $pair, 2);
            $flat[urldecode($name)] = urldecode($value);
        }
        foreach ($files as $field => [$name, $content]) {
            $flat[$field] = new \CURLStringFile($content, $name);
        }

        return $flat;
    }

    /** What a client sends from now on has the token of a page it has just seen. */
    private static function asked(int $i): void
    {
        self::$clients[$i] ??= self::client();
        $client = self::$clients[$i][0];
        curl_setopt_array($client, [CURLOPT_HTTPGET => true, CURLOPT_URL => getenv('WRITERS_URL').'/sign-in']);
        curl_setopt($client, CURLOPT_FOLLOWLOCATION, true);
        preg_match('/name="csrf-token" content="([^"]+)"/', (string) curl_exec($client), $token);
        curl_setopt($client, CURLOPT_FOLLOWLOCATION, false);
        self::$clients[$i][1] = $token[1] ?? '';
    }

    /** One client alone. */
    private static function atOnceOf(int $i, Write $write): void
    {
        $others = self::$clients;
        self::$clients = [self::$clients[$i]];
        self::atOnce([$write]);
        self::$clients = $others;
    }

    /** @return array{CurlHandle, string} a browser of one's own: cookies and all */
    private static function client(): array
    {
        $client = curl_init();
        self::assertNotFalse($client);
        curl_setopt_array($client, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_TIMEOUT => 60,
            CURLOPT_URL => getenv('WRITERS_URL').'/orders/new',
        ]);
        preg_match('/name="csrf-token" content="([^"]+)"/', (string) curl_exec($client), $token);

        return [$client, $token[1] ?? ''];
    }
}
