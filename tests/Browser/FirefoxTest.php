<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Bidi;

/** The same pages in the other family of browsers: nothing complains, nothing runs over, and an order is entered. */
final class FirefoxTest extends TestCase
{
    private const PAGES = [
        '/orders', '/orders/new', '/orders/1008', '/orders/ask', '/artwork', '/artwork/1', '/setup', '/setup/7',
        '/setup/11',
        '/needles/M1', '/plan', '/plan/batches/B-107', '/plan/calendar', '/floor/M1', '/floor/finish', '/floor/bench',
        '/books', '/books/charts', '/books/charts/margin', '/shop', '/shop/threads', '/shop/people', '/reading',
    ];
    private const SIZES = [[1280, 800], [1024, 768], [768, 1024], [390, 844]];

    private const PREFERENCES = [
        'browser.shell.checkDefaultBrowser' => false,
        'datareporting.policy.dataSubmissionEnabled' => false,
        'toolkit.telemetry.enabled' => false,
        'app.update.enabled' => false,
        'network.captive-portal-service.enabled' => false,
        'network.connectivity-service.enabled' => false,
        'intl.accept_languages' => 'en-GB',
        // A window that nobody looks at has its focus all the same.
        'focusmanager.testmode' => true,
    ];

    private static ?Process $process = null;
    private static ?Bidi $browser = null;
    private static string $profile = '';

    public static function setUpBeforeClass(): void
    {
        self::$profile = sys_get_temp_dir().'/hakama-firefox-'.bin2hex(random_bytes(6));
        mkdir(self::$profile);
        // It asks nobody for anything but the pages, and says so in the language of the tests.
        file_put_contents(self::$profile.'/user.js', implode("\n", array_map(
            static fn(string $name, mixed $is): string => sprintf('user_pref("%s", %s);', $name, json_encode($is)),
            array_keys(self::PREFERENCES),
            self::PREFERENCES,
        )));
        $listen = stream_socket_server('tcp://127.0.0.1:0');
        assert($listen !== false);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($listen, false), ':'), 1);
        fclose($listen);
        self::$process = new Process(
            [
                'firefox-esr',
                '--headless',
                '--no-remote',
                '--profile',
                self::$profile,
                "--remote-debugging-port={$port}",
            ],
            env: ['MOZ_HEADLESS' => '1', 'HOME' => self::$profile],
        );
        self::$process->setTimeout(null);
        self::$process->start();
        self::$browser = Bidi::connect($port);
    }

    public static function tearDownAfterClass(): void
    {
        self::$browser?->close();
        self::$process?->stop(3);
        (new Filesystem())->deleteDirectory(self::$profile);
        self::$browser = self::$process = null;
    }

    #[Test]
    public function no_page_complains_or_runs_over_its_edge_at_four_widths(): void
    {
        $axe = (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js');
        $found = [];
        foreach (self::PAGES as $path) {
            foreach (self::SIZES as $i => [$width, $height]) {
                self::browser()->size($width, $height);
                if ($i === 0) {
                    self::browser()->visit(getenv('TEST_URL').$path);
                    self::browser()->evaluate("(() => { {$axe}; return true; })()");
                    $wrong = self::browser()->evaluate(
                        'axe.run({resultTypes: ["violations"]}).then((r) => r.violations.filter((v) => '.
                        '["serious", "critical"].includes(v.impact)).map((v) => `${v.id} ${v.nodes[0].target}`))',
                    );
                    foreach ((array) $wrong as $one) {
                        $found[] = "{$path}: {$one}";
                    }
                }
                $over = (int) self::browser()->evaluate(
                    'document.documentElement.scrollWidth - document.documentElement.clientWidth',
                );
                if ($over > 0) {
                    $found[] = "{$path} at {$width}: {$over} px over";
                }
            }
            array_push($found, ...array_map(
                static fn(string $one): string => "{$path} says: {$one}",
                self::browser()->complaints(),
            ));
        }
        self::assertSame([], $found);
    }

    #[Test]
    public function an_order_is_typed_with_the_keys_and_its_day_is_read(): void
    {
        self::browser()->size(1280, 800);
        self::browser()->visit(getenv('TEST_URL').'/orders/new');
        foreach (
            [
                'customer' => 'Fox Harbour',
                'due_date' => '20.3.2026',
                'due_time' => '4pm',
                'l0-colour' => 'navy',
                'l0-M' => '3',
            ] as $id => $text
        ) {
            self::browser()->evaluate("((field) => (field.focus(), field.select()))(document.getElementById('{$id}'))");
            // The tabulator leaves the field, as a hand would.
            self::browser()->keys($text."\u{E004}");
        }
        self::assertSame('2026-03-20 16:00', self::browser()->evaluate(
            '["due_date", "due_time"].map((id) => document.getElementById(`${id}-iso`).value).join(" ")',
        ));
        $this->becomes('document.getElementById("l0-hex").value', '#26324f');
        self::browser()->evaluate('void document.querySelector("form[action$=\'/orders\'] button.btn-main").click()');
        $this->becomes('/Order \d+ saved\./.test(document.body.innerText)', true);
        $this->becomes('document.body.innerText.includes("Fox Harbour")', true);
        self::assertSame([], self::browser()->complaints());
    }

    #[Test]
    public function the_design_is_drawn_and_the_plan_is_there(): void
    {
        self::browser()->visit(getenv('TEST_URL').'/artwork/1');
        $this->becomes(
            '[...document.querySelector("canvas").getContext("2d").getImageData(0, 0, 700, 384).data]'.
            '.filter((v, i) => i % 4 === 3 && v > 0).length > 2000',
            true,
        );
        self::browser()->visit(getenv('TEST_URL').'/plan');
        $this->becomes('document.querySelectorAll("svg .batch, svg [data-batch], svg a").length > 5', true);
    }

    private function becomes(string $expression, mixed $value): void
    {
        $until = microtime(true) + 10;
        while (true) {
            try {
                $is = self::browser()->evaluate($expression);
            } catch (\RuntimeException) {
                // Between two pages there is nothing to ask.
                $is = null;
            }
            if ($is === $value || microtime(true) > $until) {
                break;
            }
            usleep(100_000);
        }
        self::assertSame($value, $is, $expression);
    }

    private static function browser(): Bidi
    {
        self::assertNotNull(self::$browser);

        return self::$browser;
    }
}
