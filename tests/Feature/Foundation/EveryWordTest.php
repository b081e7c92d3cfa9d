<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Foundation\Words\Languages;
use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;
use Tests\Support\Pseudo;

/** Each page in a language in which every word has marks: a word without them is none of any language's. */
final class EveryWordTest extends FeatureTestCase
{
    /** What people of the shop typed themselves. */
    private const TYPED = [
        'artwork_blocks' => ['note'],
        'artworks' => ['name', 'made', 'file_name'],
        'changes' => ['what', 'who', 'thing', 'before', 'after'],
        'cones' => ['shelf'],
        'cloths' => ['code', 'name'],
        'customers' => ['name', 'email', 'note', 'invoice_address', 'contacts'],
        'frames' => ['code', 'name', 'label', 'holes'],
        'garment_styles' => ['name'],
        'hardware' => ['code', 'name'],
        'machines' => ['code', 'name', 'panel'],
        'order_lines' => ['style', 'colour_name'],
        'orders' => ['contact', 'note', 'shelf'],
        'people' => ['name'],
        'shops' => ['name', 'letterhead'],
        'practices' => ['remark'],
        'sew_outs' => ['remark'],
        'tablets' => ['name'],
        'threads' => ['code', 'name'],
    ];

    /** Said alike in every language, or by what the computer knows of days. */
    private const SAME = '/^('.self::NAMES.'|'.self::DAYS.')$/';
    private const NAMES = 'hakama|http|english|español|min|spm|csv|xlsx|svg|pdf|dst|eur|ics|utc|jpeg|png|webp|xxl|shift|esc';
    private const DAYS = 'mon|tue|wed|thu|fri|sat|sun|monday|tuesday|wednesday|thursday|friday|saturday|sunday|'.
        'jan|feb|mar|apr|may|jun|jul|aug|sept|oct|nov|dec|january|february|march|april|june|july|august|'.
        'september|october|november|december';

    /** @return iterable<string, array{string}> pages that are asked for less often */
    public static function more(): iterable
    {
        $paths = <<<'PATHS'
            /orders/quotes /orders/ask /orders/1004/money /orders/1004/tags /orders/1004/count
            /orders/1004/foresight /orders/1004/lines/new /orders/new/line /orders/colours/8
            /orders/names/8 /artwork/14 /artwork/14/stops /artwork/14/cloth /artwork/12/make
            /artwork/1/density /artwork/1/timeline /setup/clamps /setup/12 /setup/12/picture /setup/6
            /setup/1 /setup/3 /setup/5 /setup/11/measure /plan/lateness /plan/batches/B-107
            /plan/batches/B-106/splitting /floor/board /floor/shift /floor/bench /floor/finish /floor/tags
            /floor/finder /floor/M1 /floor/cards/B-106 /books/learned /shop/prices /books/bank /books/ledger /shop/programs
            /shop/catalogue/cloths /shop/catalogue/hardware /shop/catalogue/frames/one?name=R-9
            /shop/catalogue/machines/one?name=M1
            /setup/7?tab=machines /setup/7?tab=frames /setup/7?tab=sizes /setup/7?tab=practice
            /setup/11?tab=machines /setup/11?tab=frames /setup/16?tab=frames /setup/16?tab=practice /setup/16?tab=sizes
            PATHS;
        foreach (preg_split('/\s+/', $paths) ?: [] as $path) {
            yield $path => [$path];
        }
    }

    private static string $folder = '';

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$folder = sys_get_temp_dir().'/hakama-languages-'.getmypid();
    }

    public static function tearDownAfterClass(): void
    {
        (new \Illuminate\Filesystem\Filesystem())->deleteDirectory(self::$folder);
        parent::tearDownAfterClass();
    }

    protected function setUp(): void
    {
        parent::setUp();
        if (! File::isDirectory(self::$folder)) {
            Pseudo::write(self::$folder);
        }
        Languages::alsoFrom(self::$folder);
        $this->post('/language', ['language' => Pseudo::CODE])->assertSessionHasNoErrors();
    }

    #[Test, DataProviderExternal(ManyPagesTest::class, 'pages'), DataProvider('more')]
    public function a_page_says_nothing_that_cannot_be_said_in_another_language(string $path): void
    {
        $page = (string) $this->get($path)->assertOk()->getContent();
        if (str_ends_with($path, 'pulse')) {
            self::assertJson($page);

            return;
        }
        if (str_contains($page, '<html')) {
            self::assertStringContainsString('lang="'.Pseudo::CODE.'"', $page);
        }

        $typed = self::typed();
        $left = [];
        foreach (self::said($page) as $words) {
            if (str_ends_with($words, '…')) {
                // Cut to the room there is; whole in the title beside it.
                continue;
            }
            preg_match_all('/(?<![\p{L}\d\/._-])[a-z]{3,}(?![\p{L}\d\/_…-])/iu', strtr($words, $typed), $plain);
            foreach ($plain[0] as $word) {
                if (preg_match(self::SAME, mb_strtolower($word)) !== 1) {
                    $left["{$word} in: ".mb_substr(trim($words), 0, 70)] = true;
                }
            }
        }
        self::assertSame([], array_keys($left));
    }

    /** @return array<string, string> what was typed => a space, as strtr() takes it away */
    private static function typed(): array
    {
        static $values = [];
        if ($values === []) {
            foreach (self::TYPED as $table => $columns) {
                foreach ($columns as $column) {
                    foreach (DB::table($table)->distinct()->pluck($column) as $value) {
                        self::take(json_decode((string) $value, true) ?? $value, $values);
                    }
                }
            }
        }

        return $values;
    }

    /** @param array<string, string> $values */
    private static function take(mixed $value, array &$values): void
    {
        if (is_array($value)) {
            foreach ($value as $key => $one) {
                self::take(str_replace('_', ' ', (string) $key), $values);
                self::take($one, $values);
            }
        } elseif (is_string($value) && mb_strlen(trim($value)) > 2) {
            $typed = trim($value);
            // At the beginning of a sentence too.
            $values += [$typed => ' ', mb_strtoupper(mb_substr($typed, 0, 1)).mb_substr($typed, 1) => ' '];
        }
    }

    /** @return list<string> what is read on it, or read out */
    private static function said(string $page): array
    {
        $dom = new DOMDocument();
        @$dom->loadHTML('<?xml encoding="utf-8">'.$page);
        $path = new DOMXPath($dom);
        $out = '//script|//style|//kbd|//code|//*[@id="zone"]|//*[@id="region"]|//body//*[@lang]|//*[@data-codes]';
        foreach (iterator_to_array($path->query($out) ?: []) as $node) {
            $node->parentNode?->removeChild($node);
        }
        $said = [];
        foreach ($path->query('//body//text()|//title/text()') ?: [] as $text) {
            $said[] = $text instanceof DOMNode ? (string) $text->nodeValue : '';
        }
        foreach ($path->query('//*[@title or @alt or @placeholder or @aria-label or @data-does]') ?: [] as $of) {
            foreach (['title', 'alt', 'placeholder', 'aria-label', 'data-does'] as $name) {
                $said[] = $of instanceof DOMElement ? $of->getAttribute($name) : '';
            }
        }

        return array_values(array_filter($said, static fn(string $words): bool => trim($words) !== ''));
    }
}
