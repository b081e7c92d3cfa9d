<?php

declare(strict_types=1);

namespace Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Every page of one shop: how long over HTTP above the sign-in page, how large, and what it cost to make. */
final readonly class Growth
{
    private const TIMES = 5;

    /** What a page may take above the sign-in page, and what else it may want; the books of all years a little more. */
    private const MS = 60;
    private const LONG_MS = 150;
    private const QUERIES = 15;
    private const MIB = 32;
    private const KB = 150;

    public function __construct(private string $server) {}

    /** @return array<string, string> by its name, where each page of this shop is */
    public static function pages(): array
    {
        $one = static fn(string $sql): string => (string) (array_values((array) DB::selectOne($sql))[0] ?? '');
        $order = $one('select number from orders order by number desc limit 20, 1');
        $old = $one('select number from orders order by number limit 1');
        $named = $one("select decoration_id from pieces where text is not null order by id limit 1");
        $batch = $one("select code from batches where machine_id is not null and decoration_id in (select decoration_id ".
            "from pieces where state = 'waiting') order by `rank` desc, id desc limit 1");
        $setup = $one("select decoration_id from batches where code = '{$batch}'");
        $pages = [
            '/sign-in', '/orders', '/orders/new', '/orders/{order}', '/orders/{old}', '/orders/{order}/story',
            '/orders/{order}/money', '/orders/{order}/change', '/orders/{order}/lines/new', '/orders/{order}/tags',
            '/orders/{order}/count', '/orders/{order}/foresight', '/orders/names/{named}', '/orders/colours/{setup}',
            '/orders/ask', '/orders/quotes', '/orders/{order}/approvals', '/orders/{order}/letters/received', '/books/bank', '/books/ledger', '/shop/programs', '/customers', '/customers/1',
            '/artwork', '/artwork/1', '/artwork/10/stops', '/artwork/2/make',
            '/artwork/10/cloth', '/artwork/1/history', '/artwork/1/density', '/artwork/1/drawing.svg', '/setup',
            '/setup/{setup}', '/setup/{setup}/paper', '/setup/backing', '/setup/practice', '/setup/clamps', '/needles/M1',
            '/needles/walks', '/needles/M1/pins', '/needles/M1/care', '/needles/cards/{batch}', '/plan', '/plan?zoom=week', '/plan/days',
            '/plan.csv', '/plan/ask', '/plan/calendar', '/plan/batches/{batch}', '/plan/lateness', '/floor/M1',
            '/floor/M2', '/floor/M1/pulse', '/floor/M1/corrections', '/floor/cards/{batch}', '/floor/finish', '/floor/board', '/floor/shift',
            '/floor/bench', '/floor/M1/files', '/floor/tags', '/floor/finder', '/reading', '/books', '/books?by=month', '/books?by=year',
            '/books/jobs', '/books/promises', '/books/learned', '/books/charts', '/books/charts/on-time',
            '/books/charts/spoilage', '/books/charts/margin', '/books/charts/hours', '/books.csv', '/books/invoices.csv', '/shop',
            '/shop/threads', '/shop/threads/needs', '/shop/threads/match', '/shop/ordering', '/shop/ordering.csv',
            '/shop/catalogue', '/shop/catalogue/cloths', '/shop/catalogue/frames', '/shop/machines', '/shop/people',
            '/shop/prices', '/shop/changes',
        ];
        $at = array_combine($pages, array_map(static fn(string $page): string => strtr($page, [
            '{order}' => $order,
            '{old}' => $old,
            '{named}' => $named,
            '{batch}' => rawurlencode($batch),
            '{setup}' => $setup,
        ]), $pages));

        return $at;
    }

    /** @return array<string, array{ms: float, bytes: int, queries: int, rows: int, mib: float}|array{wrong: string}> */
    public function measure(?string $only = null): array
    {
        $found = [];
        foreach (self::pages() as $name => $path) {
            if ($only !== null && $name !== '/sign-in' && ! preg_match("~{$only}~", $name)) {
                continue;
            }
            try {
                $found[$name] = [...$this->timed($path), ...self::made($path)];
            } catch (\Throwable $e) {
                $found[$name] = ['wrong' => $e->getMessage()];
            }
        }

        return $found;
    }

    /** @return array<string, array{queries: int, rows: int, mib: float}> by page, the second time it is asked for */
    public static function counted(): array
    {
        return array_map(static function (string $path): array {
            self::made($path);

            return self::made($path);
        }, self::pages());
    }

    /**
     * Prints what each page took at each size, what grows faster than the logarithm of the book and what is over a
     * limit.
     *
     * @param list<array{size: int, pages: array<string, array<string, mixed>>}> $shops the smallest first
     *
     * @return int how many pages are over a limit
     */
    public static function compare(array $shops): int
    {
        $over = 0;
        $most = end($shops);
        printf("%-26s", 'ms above the sign-in page');
        foreach ($shops as $shop) {
            printf(' %8s', $shop['size']);
        }
        print(" grows ^ queries     rows   MiB    kB\n");
        foreach ($most['pages'] as $name => $last) {
            printf('%-26s', $name);
            $points = [];
            foreach ($shops as $shop) {
                $page = $shop['pages'][$name] ?? ['wrong' => 'not there'];
                if (isset($page['wrong'])) {
                    printf(' %8s', '-');
                    continue;
                }
                $above = $page['ms'] - $shop['pages']['/sign-in']['ms'];
                printf(' %8.0f', $above);
                $points[$shop['size']] = $above;
            }
            if (isset($last['wrong'])) {
                print(" ! {$last['wrong']}\n");
                $over++;
                continue;
            }
            $wrong = array_keys(array_filter([
                'ms' => end($points) > (preg_match('~^/books(/learned|.by=year)~', $name) ? self::LONG_MS : self::MS),
                'queries' => $last['queries'] > self::QUERIES,
                'MiB' => $last['mib'] > self::MIB,
                'kB' => $last['bytes'] > self::KB * 1000 && ! preg_match('~csv|svg~', $name),
                'grows' => self::exponent($points) > 0.1 && end($points) - reset($points) > self::MS / 3,
            ]));
            printf(
                " %7.2f %7d %8d %5.1f %5.0f %s\n",
                self::exponent($points),
                $last['queries'],
                $last['rows'],
                $last['mib'],
                $last['bytes'] / 1000,
                $wrong === [] ? '' : '! '.implode(', ', $wrong),
            );
            $over += $wrong === [] ? 0 : 1;
        }
        printf("%d of %d pages are over a limit.\n", $over, count($most['pages']));

        return $over;
    }

    /**
     * With which power of the size it grows, by least squares of the logarithms; what took no time grows by none.
     *
     * @param array<int, float> $points milliseconds by size
     */
    private static function exponent(array $points): float
    {
        $xs = array_map(log(...), array_keys($points));
        $ys = array_map(static fn(float $ms): float => log(max(1, $ms)), array_values($points));
        $n = count($xs);
        $mean = static fn(array $of): float => array_sum($of) / max(1, $n);
        $top = $below = 0.0;
        foreach ($xs as $i => $x) {
            $top += ($x - $mean($xs)) * ($ys[$i] - $mean($ys));
            $below += ($x - $mean($xs)) ** 2;
        }

        return $below > 0 ? $top / $below : 0;
    }

    /** @return array{ms: float, bytes: int} */
    private function timed(string $path): array
    {
        $ask = curl_init($this->server.$path);
        curl_setopt_array($ask, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 120]);
        $times = [];
        $bytes = 0;
        for ($i = 0; $i <= self::TIMES; $i++) {
            $from = hrtime(true);
            $page = curl_exec($ask);
            $took = (hrtime(true) - $from) / 1e6;
            $status = curl_getinfo($ask, CURLINFO_RESPONSE_CODE);
            if ($status !== 200) {
                throw new \RuntimeException("{$status} after ".round($took).' ms');
            }
            $bytes = strlen((string) $page);
            // The first one makes what is kept for all others.
            $i === 0 ?: $times[] = $took;
            if ($took > 3000) {
                $times[] = $took;
                break;
            }
        }
        sort($times);

        return ['ms' => $times[intdiv(count($times), 2)], 'bytes' => $bytes];
    }

    /** @return array{queries: int, rows: int, mib: float} of one request in this process */
    private static function made(string $path): array
    {
        $app = require dirname(__DIR__).'/bootstrap/app.php';
        $kernel = $app->make(Kernel::class);
        $kernel->bootstrap();
        DB::clearResolvedInstances();
        $db = $app['db']->connection();
        $before = self::read($db);
        gc_collect_cycles();
        $held = memory_get_usage();
        memory_reset_peak_usage();
        $db->enableQueryLog();
        $answer = $kernel->handle(Request::create($path));
        if ($answer->getStatusCode() !== 200) {
            throw new \RuntimeException("{$path} answers {$answer->getStatusCode()}");
        }
        ob_start();
        $answer->sendContent();
        ob_end_clean();
        $queries = count($db->getQueryLog());
        $peak = memory_get_peak_usage() - $held;

        $rows = self::read($db) - $before;
        $db->disconnect();

        return ['queries' => $queries, 'rows' => $rows, 'mib' => $peak / 1_048_576];
    }

    /** Rows that the database has looked at for this connection. */
    private static function read(\Illuminate\Database\Connection $db): int
    {
        $found = $db->getPdo()->query("show session status where variable_name like 'Handler_read%'");

        return array_sum(array_column($found === false ? [] : $found->fetchAll(\PDO::FETCH_NUM), 1));
    }
}
