<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

final class PagesTest extends BrowserTestCase
{
    private static ?string $axe = null;

    public static function tearDownAfterClass(): void
    {
        if (self::$axe !== null) {
            self::$shared?->ask('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => self::$axe]);
        }
        parent::tearDownAfterClass();
    }

    /** @return iterable<string, array{string}> */
    public static function mainPages(): iterable
    {
        foreach (
            [
                '/orders',
                '/orders/new',
                '/orders/1004',
                '/artwork',
                '/artwork/1',
                '/artwork/10/stops',
                '/artwork/2/make',
                '/artwork/10/cloth',
                '/orders/names/29',
                '/orders/colours/6',
                '/orders/1001/money',
                '/orders/1006',
                '/orders/ask',
                '/customers',
                '/orders/1008/approvals',
                '/orders/1008/letters/received',
                '/books/bank',
                '/books/ledger',
                '/shop/programs',
                '/orders/1008/approvals/new',
                '/shop/letterhead',
                '/customers/1',
                '/customers/1/change',
                '/customers/1/merge?double=Ullenmere+Night+Bakery',
                '/artwork/1/history',
                '/setup',
                '/setup/7',
                '/setup/11',
                '/setup/11/paper',
                '/setup/16',
                '/setup/backing',
                '/setup/practice',
                '/needles/M1',
                '/needles/walks',
                '/needles/M1/pins',
                '/needles/M1/care',
                '/needles/cards/B-107',
                '/plan',
                '/plan?zoom=week',
                '/plan/ask',
                '/plan/calendar',
                '/plan/batches/B-107',
                '/floor/M1',
                '/floor/M2',
                '/floor/cards/B-107',
                '/floor/finish',
                '/floor/board',
                '/floor/shift',
                '/floor/bench',
                '/floor/M1/files',
                '/floor/tags',
                '/orders/1006/tags',
                '/orders/1006/count',
                '/books/promises',
                '/reading',
                '/books/charts',
                '/books/charts/on-time',
                '/books/charts/spoilage',
                '/books/charts/margin',
                '/books/charts/hours',
                '/orders/1008/change',
                '/orders/1008/lines/new',
                '/books',
                '/books?by=month',
                '/books/jobs',
                '/books/learned',
                '/shop',
                '/shop/threads',
                '/shop/threads/needs',
                '/shop/ordering',
                '/shop/threads/match',
                '/shop/catalogue',
                '/shop/catalogue/cloths',
                '/shop/prices',
                '/shop/catalogue/garments/one?name=polo',
                '/shop/catalogue/frames',
            ] as $path
        ) {
            yield $path => [$path];
        }
    }

    #[Test]
    #[DataProvider('mainPages')]
    public function it_is_accessible_and_nothing_runs_over_its_edge_on_a_desk_or_on_a_telephone(string $path): void
    {
        // Given to the browser once: half a megabyte for each page would take longer than looking it over.
        self::$axe ??= self::$shared?->ask('Page.addScriptToEvaluateOnNewDocument', [
            'source' => file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
        ])['identifier'];
        $this->visit($path);
        $found = $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; axe.run({resultTypes: ["violations"]}).then((r) => '.
            'done(r.violations.filter((v) => ["serious", "critical"].includes(v.impact)).map((v) => v.id + ": " + '.
            'v.nodes.map((n) => n.target.join(" ") + " " + n.failureSummary).slice(0, 3).join(" | "))))',
        );

        self::assertSame([], $found);
        $twice = $this->browser->executeScript(
            'const seen = {}; for (const el of document.querySelectorAll("[data-key]")) if (el.offsetParent) '.
            '(seen[el.dataset.key] ??= []).push(el.textContent.trim().slice(0, 30)); return '.
            'Object.entries(seen).filter(([, all]) => all.length > 1)',
        );
        self::assertSame([], $twice, 'one key does one thing');
        $this->assertNothingMoved($path);
        foreach ([[1280, 800], [1024, 768], [390, 800]] as [$width, $height]) {
            $this->browser->manage()->window()->setSize(new WebDriverDimension($width, $height));
            // Tables may scroll sideways on a telephone; the page itself does not.
            $over = (int) $this->browser->executeScript(
                'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
            );
            self::assertLessThanOrEqual(0, $over, "{$path} at {$width}");
        }
    }

    /** What is read stays where it is while the rest comes: shifts add up to a fiftieth of the window at most. */
    private function assertNothingMoved(string $path): void
    {
        $moved = $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; let sum = 0; const what = []; '.
            'new PerformanceObserver((list) => { for (const one of list.getEntries()) if (!one.hadRecentInput) { '.
            'sum += one.value; what.push(...one.sources.map((of) => of.node?.outerHTML?.slice(0, 80) ?? "text")); } })'.
            '.observe({type: "layout-shift", buffered: true}); '.
            'setTimeout(() => done([sum, what.slice(0, 3).join(" | ")]), 60)',
        );
        self::assertIsArray($moved);
        self::assertLessThan(0.02, (float) $moved[0], "{$path}: {$moved[1]}");
    }

    #[Test]
    public function the_markup_of_every_page_is_valid(): void
    {
        $this->visit('/orders');
        $root = dirname(__DIR__, 2);
        $folder = sys_get_temp_dir().'/pages-'.bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            // As it was sent, not as the browser mended it.
            foreach (array_column(iterator_to_array(self::mainPages()), 0) as $i => $path) {
                $page = (string) $this->browser->executeAsyncScript(
                    'const [path, done] = arguments; fetch(path).then((r) => r.text()).then(done)',
                    [$path],
                );
                self::assertStringContainsString('</html>', $page, $path);
                file_put_contents("{$folder}/{$i}.html", "<!-- {$path} -->\n".$page);
            }
            $tell = "--config {$root}/.htmlvalidate.json --formatter json={$folder}/found.json";
            exec("{$root}/node_modules/.bin/html-validate {$tell} {$folder}/*.html");
            $files = json_decode((string) file_get_contents("{$folder}/found.json"), true, flags: JSON_THROW_ON_ERROR);
            $found = [];
            foreach ($files as $file) {
                foreach ($file['messages'] as $message) {
                    $lines = file($file['filePath']);
                    $found[] = "{$lines[0]} {$message['ruleId']}: {$message['message']} {$lines[$message['line'] - 1]}";
                }
            }
            self::assertSame([], $found);
        } finally {
            array_map(unlink(...), glob($folder.'/*') ?: []);
            rmdir($folder);
        }
    }

    #[Test]
    public function nothing_jumps_while_a_page_loads_on_a_slow_line_and_a_slow_machine(): void
    {
        $watch = self::$shared?->ask('Page.addScriptToEvaluateOnNewDocument', [
            'source' => 'window.jumped = 0; new PerformanceObserver((all) => { for (const one of all.getEntries()) if '.
                '(!one.hadRecentInput) window.jumped += one.value; }).observe({type: "layout-shift", buffered: true});',
        ])['identifier'];
        $line = ['offline' => false, 'downloadThroughput' => 200_000, 'uploadThroughput' => 200_000];
        self::$shared?->ask('Network.enable');
        self::$shared?->ask('Network.setCacheDisabled', ['cacheDisabled' => true]);
        self::$shared?->ask('Network.emulateNetworkConditions', [...$line, 'latency' => 150]);
        self::$shared?->ask('Emulation.setCPUThrottlingRate', ['rate' => 8]);
        try {
            foreach ([[1280, 800], [768, 1000], [390, 800]] as [$width, $height]) {
                $this->browser->manage()->window()->setSize(new WebDriverDimension($width, $height));
                foreach ([
                    '/plan', '/orders/1008', '/orders/ask', '/books', '/artwork/2/make', '/artwork/10/cloth', '/floor/M1',
                    '/shop/catalogue',
                ] as $path) {
                    $this->visit($path);
                    // What is loaded after the page has to be there too.
                    usleep(600_000);
                    $jumped = $this->browser->executeScript('return window.jumped');
                    self::assertIsNumeric($jumped);
                    self::assertLessThan(0.02, $jumped, "{$path} at {$width}");
                }
            }
        } finally {
            self::$shared?->ask('Emulation.setCPUThrottlingRate', ['rate' => 1]);
            self::$shared?->ask('Network.disable');
            self::$shared?->ask('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $watch]);
        }
    }

    #[Test]
    public function what_is_loaded_into_a_page_leaves_its_name_alone(): void
    {
        $this->visit('/orders/1004');
        $this->find('#story');
        usleep(300_000);
        self::assertStringStartsWith('Order 1004 ', $this->browser->getTitle());
    }

    #[Test]
    public function what_a_script_draws_by_the_width_it_finds_fits_a_telephone(): void
    {
        foreach (['/artwork/1', '/setup/7', '/plan', '/floor/board', '/books'] as $path) {
            $this->browser->manage()->window()->setSize(new WebDriverDimension(390, 800));
            $this->visit($path);
            $over = 'return document.documentElement.scrollWidth - document.documentElement.clientWidth';
            self::assertLessThanOrEqual(0, (int) $this->browser->executeScript($over), $path);
        }
    }

    #[Test]
    public function what_cannot_be_sent_is_said_before_it_is_on_its_way(): void
    {
        $this->visit('/artwork');
        $this->browser->executeScript(
            'const input = document.getElementById("tape"); const data = new DataTransfer(); data.items.add(new '.
            'File([new Uint8Array(17 * 1048576)], "big.dst")); input.files = data.files; input.dispatchEvent(new '.
            'Event("change"))',
        );
        $this->sees('a tape is at most 16 MB. Nothing was sent.');
        self::assertFalse($this->browser->executeScript('return document.getElementById("tape").checkValidity()'));
    }

    #[Test]
    public function a_tape_may_be_dropped_on_the_page(): void
    {
        $this->visit('/artwork');
        $this->browser->executeScript(
            'const data = new DataTransfer(); data.items.add(new File([new Uint8Array(2000)], "dropped.dst")); '.
            'document.querySelector("[data-drop]").dispatchEvent(new DragEvent("drop", {dataTransfer: data, '.
            'bubbles: true, cancelable: true}))',
        );
        $this->sees('dropped.dst, 2 kB');
        $this->press('Upload');
        $this->sees('not a stitch tape');
    }
}
