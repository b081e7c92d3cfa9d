<?php

declare(strict_types=1);

namespace Bench;

use App\Foundation\Formats\Json;
use App\Plan\PlanJson;
use Hakama\Floor\HandTimes;
use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Structure;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Plan\Bound;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Search;
use Hakama\Plan\Timetable;
use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Simulator\Day;

/**
 * Measures and prints. Times are medians; a yardstick of plain arithmetic is timed beside them, since machines
 * differ.
 */
final class Figures
{
    private const PAGES = [
        '/orders',
        '/orders?show=finished',
        '/orders/new',
        '/orders/1004',
        '/artwork',
        '/artwork/1',
        '/artwork/7/stops',
        '/artwork/7/make',
        '/artwork/1/history',
        '/setup',
        '/setup/7',
        '/setup/11',
        '/setup/16',
        '/setup/backing',
        '/setup/practice',
        '/needles/M1',
        '/needles/walks',
        '/needles/M1/pins',
        '/plan',
        '/plan?zoom=week',
        '/plan/batches/B-109',
        '/plan/ask',
        '/plan/calendar',
        '/floor/M1',
        '/floor/M1/pulse',
        '/books',
        '/shop',
        '/shop/threads',
        '/shop/threads/needs',
        '/shop/catalogue',
    ];

    /** One run of four hundred thousand changes of the search before this one. */
    private const BEST_200 = 309170.504;

    public function __construct(private readonly string $server) {}

    public function machine(): void
    {
        $cpu =
            preg_match('/model name\s*:\s*(.+)/', (string) @file_get_contents('/proc/cpuinfo'), $found) === 1
                ? $found[1]
                : 'unknown';
        printf("%s, %s cores, PHP %s, %s\n", $cpu, trim((string) shell_exec('nproc')), PHP_VERSION, php_uname('s'));
        // Tapes are read in processes that are not compiled ahead, plans are looked for and pages made in such as are.
        $plain = array_map(
            static fn(int $i): float => (float) shell_exec(
                'php -d opcache.jit=off -r \'$t = hrtime(true); for ($i = $n = 0; $i < 10_000_000; $i++) { $n += $i '.
                '& 7; } echo (hrtime(true) - $t) / 1e6;\'',
            ),
            range(1, 5),
        );
        sort($plain);
        printf(
            "yardstick, 10 million additions: %.0f ms, compiled %.0f ms\n",
            $plain[2],
            1000 *
                self::median(5, static function (): void {
                    for ($i = $n = 0; $i < 10_000_000; $i++) {
                        $n += $i & 7;
                    }
                }),
        );
    }

    public function tapes(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'tape');
        $start = self::inspected(
            $path,
            (new TapeWriter())->toString((new PatternBuilder('ONE'))->stitchTo(9, 9)->pattern()),
        );
        printf(
            "\nstitch:inspect over its own start of %.2f s (limits: 1 s, 64 MiB; astray three times that)\n",
            $start[0],
        );
        foreach (['1 000 000 records' => self::million(), 'the same, astray' => self::astray()] as $what => $tape) {
            [$seconds, $peak] = self::inspected($path, $tape);
            printf("  %-18s %.2f s, peak %.0f MiB\n", $what, $seconds - $start[0], $peak);
        }
        unlink($path);
    }

    /** @return array{float, float} seconds of the whole command, and its peak in MiB; medians of five */
    private static function inspected(string $path, string $tape): array
    {
        file_put_contents($path, $tape);
        $times = $peaks = [];
        for ($i = 0; $i < 5; $i++) {
            $out = (string) shell_exec(
                sprintf(
                    'php -d memory_limit=512M -d auto_prepend_file=%s artisan stitch:inspect %s',
                    escapeshellarg(__DIR__.'/peak.php'),
                    escapeshellarg($path),
                ),
            );
            [$times[], $peaks[]] = array_map(floatval(...), explode(' ', trim((string) strrchr($out, "\n"))));
        }
        sort($times);
        sort($peaks);

        return [$times[2], $peaks[2]];
    }

    /** A tape that leaves every frame there is by more than a hundred metres. */
    private static function astray(): string
    {
        mt_srand(3);
        $xs = $ys = '';
        $x = $y = 0;
        for ($i = 0; $i < 1_000_000; $i++) {
            $xs .= pack('l', $x += mt_rand(-100, 121));
            $ys .= pack('l', $y += mt_rand(0, 3));
        }

        return (new TapeWriter())->toString(Pattern::ofPacked('ASTRAY', $xs, $ys, str_repeat("\0", 1_000_000)));
    }

    /** All garments, cloths and places, with four frames to choose among. */
    public function advice(): void
    {
        $house = HouseRules::of();
        $frames = array_map(
            static fn(int $side): FrameSpec => new FrameSpec(
                "F{$side}",
                FrameKind::Square,
                Driver::Flat,
                $side + 30,
                $side + 30,
                Window::rectangle($side, $side, 8),
            ),
            [90, 120, 180, 240],
        );
        $cases = 0;
        $seconds = self::median(3, static function () use ($house, $frames, &$cases): void {
            $cases = 0;
            foreach (Garment::cases() as $garment) {
                foreach (Fabric::cases() as $fabric) {
                    foreach (Position::cases() as $position) {
                        foreach (Structure::cases() as $structure) {
                            foreach ([true, false] as $turnsCapsItself) {
                                Advice::of(
                                    new Facts(
                                        new Design(70, 45, 5000, 40),
                                        new Item($garment, $position, new ClothSpec($fabric), $structure),
                                        new OnMachine(Driver::cases(), turnsCapsItself: $turnsCapsItself),
                                    ),
                                    $house,
                                    $frames,
                                );
                                $cases++;
                            }
                        }
                    }
                }
            }
        });
        printf("\nAdvice (limit: 20 000 cases in 5 s)\n  %d cases with frames in %.2f s\n", $cases, $seconds);
    }

    /** Machines that stand for want of hands, by the list of the floor and first come, first served. */
    public function hands(): void
    {
        printf("\nMinutes machines stand in four hours for want of a hand, mean of 30 days drawn by chance\n");
        $times = HandTimes::of(HouseRules::of());
        foreach ([[3, 2], [3, 1], [4, 2], [6, 2]] as [$machines, $hands]) {
            $stood = [0.0, 0.0];
            for ($seed = 1; $seed <= 30; $seed++) {
                mt_srand($seed);
                $day = Day::byChance($machines, $times);
                $stood[0] += $day->stoodMin($hands, 4 * 3600, true) / 30;
                $stood[1] += $day->stoodMin($hands, 4 * 3600, false) / 30;
            }
            printf(
                "  %d machines, %d %s: by the list %.1f, first come first served %.1f\n",
                $machines,
                $hands,
                $hands === 1 ? 'hand' : 'hands',
                ...$stood,
            );
        }
    }

    /**
     * How near the search comes to what another program's search reached in five to ten minutes, with three seeds; for
     * the largest shop, to what the search before this one reached with four hundred thousand changes.
     */
    public function plans(): void
    {
        printf(
            "\nPlans, above the best of another program (limits: 40 x 4 mean 3 %%, worst 8 %% in 2 s; 80 x 6 mean 5 ".
            "%% in 6 s; three seeds, 20 000 iterations)\n",
        );
        $folder = __DIR__.'/../tests/fixtures/plans';
        $best = json_decode((string) file_get_contents("{$folder}/best.json"), true);
        foreach (['40 x 4' => [4, 5, 6, 7], '80 x 6' => [8, 9]] as $size => $cases) {
            $all = $times = [];
            foreach ($cases as $case) {
                $file = "{$folder}/case-{$case}.json";
                $workload = PlanJson::of(Json::of($file, (string) file_get_contents($file)))->workload;
                $gaps = [];
                foreach ([1, 2, 3] as $seed) {
                    $begun = hrtime(true);
                    $cost = Search::of($workload, $seed, 20_000)->run(20_000)->cost();
                    $times[] = (hrtime(true) - $begun) / 1e9;
                    $gaps[] = 100 * ($cost / $best["case-{$case}"]['cost'] - 1);
                }
                printf("  %s, case %d: %5.2f %5.2f %5.2f %%\n", $size, $case, ...$gaps);
                array_push($all, ...$gaps);
            }
            printf(
                "  %s: mean %.2f %%, worst %.2f %%, at most %.1f s\n",
                $size,
                array_sum($all) / count($all),
                max($all),
                max($times),
            );
        }

        foreach ([8, 9, 10] as $batches) {
            $proven = 0;
            $times = [];
            for ($seed = 1; $seed <= 20; $seed++) {
                $begun = hrtime(true);
                $search = Search::of(PlanWorkload::of($batches, 3, 15, 22, 0.9 + $seed / 20, $seed))->run(20_000);
                $times[] = (hrtime(true) - $begun) / 1e9;
                $proven += $search->isProven() ? 1 : 0;
            }
            sort($times);
            printf(
                "  %d x 3: %d of 20 proven, median %.2f s, at most %.1f s\n",
                $batches,
                $proven,
                $times[10],
                max($times),
            );
        }

        $workload = PlanWorkload::of(200, 12, 15, 60, 1.8, 31);
        $begun = hrtime(true);
        $search = Search::of($workload, 1, 20_000)->run(20_000);
        $took = (hrtime(true) - $begun) / 1e9;
        printf(
            "  200 x 12: as booked %.0f, found %.0f, the search before at length %.0f: %.2f %% from it, bound %.0f, %.1f s\n",
            Timetable::of($workload, Dispatch::asBooked($workload))->totals->cost,
            $search->cost(),
            self::BEST_200,
            100 * ($search->cost() / self::BEST_200 - 1),
            Bound::of($workload)->cost,
            $took,
        );
    }

    /** Median server time over HTTP, and the queries of one request. */
    public function pages(string $title): void
    {
        printf("\n%s (limits: 60 ms, 13 queries)\n", $title);
        foreach (self::PAGES as $page) {
            $this->get($page);
            $times = [];
            for ($i = 0; $i < 15; $i++) {
                $times[] = $this->get($page);
            }
            sort($times);
            printf("  %-24s %5.0f ms %3d queries\n", $page, $times[7], self::queries($page));
        }
    }

    private function get(string $page): float
    {
        $from = hrtime(true);
        $body = file_get_contents(
            $this->server.$page,
            false,
            stream_context_create(['http' => ['header' => 'Connection: close']]),
        );
        if ($body === false) {
            throw new \RuntimeException("{$page} did not answer");
        }

        return (hrtime(true) - $from) / 1e6;
    }

    private static function queries(string $page): int
    {
        $app = require dirname(__DIR__).'/bootstrap/app.php';
        $kernel = $app->make(Kernel::class);
        $kernel->bootstrap();
        DB::clearResolvedInstances();
        $app['db']->connection()->enableQueryLog();
        $response = $kernel->handle(Request::create($page));
        if ($response->getStatusCode() !== 200) {
            throw new \RuntimeException("{$page} answers {$response->getStatusCode()}");
        }

        return count($app['db']->connection()->getQueryLog());
    }

    /** @param callable(): void $work */
    private static function median(int $times, callable $work): float
    {
        $taken = [];
        for ($i = 0; $i < $times; $i++) {
            $from = hrtime(true);
            $work();
            $taken[] = (hrtime(true) - $from) / 1e9;
        }
        sort($taken);

        return $taken[intdiv($times, 2)];
    }

    /** A design of 40 × 40 cm: rows of fill, with a change and a trim now and then. */
    private static function million(): string
    {
        $builder = new PatternBuilder('MILLION');
        for ($i = 0; $i < 999_600; $i++) {
            $row = intdiv($i, 200);
            $step = $i % 200;
            $i % 100_000 === 99_999
                ? $builder->stop()
                : $builder->stitchTo(20 * ($row % 2 === 0 ? $step : 199 - $step), $row % 4000);
        }

        return (new TapeWriter())->toString($builder->pattern());
    }
}
