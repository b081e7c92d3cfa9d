<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Orders\Queries\StationCounts;
use App\Orders\TypedLine;
use App\Setup\PracticeBook;
use App\Shop\Calendar\CalendarBook;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Garment\Fabric;
use Hakama\House\HouseRule;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class ManyPagesTest extends FeatureTestCase
{
    /** Twelve for what it shows, and one that says whether what is kept between pages is still so. */
    /** These read all that orders are made of: each kind of it once, however many orders. */
    private const ACCOUNTS = ['/books/jobs', '/books/charts/margin'];
    private const MOST_OF_ACCOUNTS = 20;
    private const MOST_QUERIES = 13;

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (
            [
                '/orders',
                '/orders?show=finished',
                '/orders/new',
                '/customers',
                '/orders/1008/approvals',
                '/orders/1008/letters/received',
                '/shop/letterhead',
                '/customers/1',
                '/customers/1/change',
                '/orders/1001',
                '/orders/1004',
                '/orders/1009',
                '/orders/1012',
                '/artwork',
                '/artwork/1',
                '/artwork/6',
                '/artwork/10/stops',
                '/artwork/2/make',
                '/artwork/1/history',
                '/setup',
                '/setup/11',
                '/setup/7',
                '/setup/9',
                '/setup/16',
                '/setup/11/paper',
                '/setup/backing',
                '/setup/practice',
                '/shop/catalogue',
                '/shop/catalogue/frames',
                '/shop/catalogue/machines',
                '/shop/catalogue/positions',
                '/shop/catalogue/garments/one?name=Landing',
                '/needles',
                '/needles/M2',
                '/needles/M3',
                '/needles/walks',
                '/needles/M1/pins',
                '/needles/M1/care',
                '/floor/M1/files',
                '/needles/cards/B-107',
                '/plan',
                '/plan?day=3',
                '/plan?zoom=week',
                '/plan?zoom=hour',
                '/plan/ask',
                '/plan/calendar',
                '/plan/batches/B-106',
                '/floor',
                '/floor/M2',
                '/floor/cards/B-107',
                '/floor/M3',
                '/floor/M1/pulse',
                '/books',
                '/books/promises',
                '/books/charts',
                '/books/jobs',
                '/books/charts/on-time',
                '/books/charts/spoilage',
                '/books/charts/margin',
                '/books/charts/hours',
                '/books?from=2026-01-01&to=2026-03-04',
                '/shop',
                '/shop/threads',
                '/shop/threads/needs',
                '/shop/threads/match',
                '/orders/1004/story',
                '/orders/1004/change',
                '/shop/people',
                '/reading',
                '/shop/machines',
                '/shop/changes',
                '/shop/ordering',
                '/begin',
                '/floor/M2/corrections',
            ] as $path
        ) {
            yield $path => [$path];
        }
    }

    #[Test]
    #[DataProvider('pages')]
    public function a_page_asks_the_database_little_and_says_where_it_stands(string $path): void
    {
        // Rules and setups are kept between requests; the first one after a change reads them.
        app(House::class)->rules();
        app(Catalogue::class)->styles();
        app(PracticeBook::class)->on(Fabric::Twill);
        app(CalendarBook::class)->daysOff();
        $this->get($path)->assertOk();
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $answer = $this->get($path)->assertOk();

        self::assertLessThanOrEqual(
            in_array($path, self::ACCOUNTS, true) ? self::MOST_OF_ACCOUNTS : self::MOST_QUERIES,
            count(DB::getQueryLog()),
            implode("\n", array_column(DB::getQueryLog(), 'query')),
        );
        if (! str_ends_with($path, 'pulse')) {
            $answer
                ->assertSee('aria-current="page"', false)
                ->assertSee('<html lang="en" dir="ltr" ', false)
                ->assertHeader('Content-Security-Policy');
            self::assertSame(1, substr_count((string) $answer->getContent(), '<main'));
            self::assertStringNotContainsString('onclick=', (string) $answer->getContent());
        }
    }

    #[Test]
    public function what_a_page_fetches_for_itself_leaves_the_session_alone(): void
    {
        foreach (
            [
                '/artwork/1/drawing.svg',
                '/artwork/1/track',
                '/artwork/1/density',
                '/artwork/1/template.pdf',
                '/artwork/5/note.txt',
                '/artwork/2/make/preview?columns=2',
                '/floor/M1/pulse',
            ] as $path
        ) {
            $cookies = array_map(
                static fn($cookie): string => $cookie->getName(),
                $this->get($path)->assertOk()->headers->getCookies(),
            );
            self::assertNotContains('hakama', $cookies, $path);
        }
    }

    #[Test]
    public function pages_go_out_packed_to_whoever_can_unpack_them(): void
    {
        $plain = $this->get('/books')->assertOk();
        self::assertFalse($plain->headers->has('Content-Encoding'));
        $packed = $this->get('/books', ['Accept-Encoding' => 'gzip, br'])
            ->assertOk()
            ->assertHeader('Content-Encoding', 'gzip');
        self::assertStringContainsString('Accept-Encoding', (string) $packed->headers->get('Vary'));
        $strip = static fn(string $page): string => (string) preg_replace('/(content|value)="(\w{40}|[0-9a-f-]{36})"/', '', $page);
        self::assertSame(
            $strip((string) $plain->getContent()),
            $strip(self::asShown((string) gzdecode((string) $packed->getContent()))),
        );
        // Drawings are packed already, and not packed twice.
        $drawing = $this->get('/artwork/1/drawing.svg', ['Accept-Encoding' => 'gzip']);
        self::assertStringStartsWith('<svg', (string) gzdecode((string) $drawing->getContent()));
    }

    #[Test]
    public function the_number_of_queries_does_not_grow_with_the_orders(): void
    {
        $count = function (): int {
            // What is kept between pages is read by the first after a write.
            $this->get('/orders')->assertOk();
            app()->forgetScopedInstances();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get('/orders')->assertOk();

            return count(DB::getQueryLog());
        };
        $count(); // the rules are read once and kept
        $before = $count();
        for ($i = 0; $i < 12; $i++) {
            \App\Orders\Actions\OrderBook::enter(
                "Customer {$i}",
                now()->toImmutable(),
                now()->addDays(3)->toImmutable(),
                '',
                array_filter([
                    TypedLine::read(
                        [
                            'garment' => 'bag',
                            'fabric' => 'canvas',
                            'colour_name' => 'ecru',
                            'colour_hex' => '#e6dcc3',
                            'sizes' => ['one' => 5],
                            'decorations' => [['position' => 'centre', 'artwork_id' => 1]],
                        ],
                        app(Catalogue::class),
                    ),
                ]),
            );
        }

        self::assertSame($before, $count());
    }

    #[Test]
    public function what_is_not_there_gets_a_plain_page_that_says_so(): void
    {
        foreach (['/orders/99999', '/artwork/99999', '/setup/99999', '/floor/M9', '/nowhere'] as $path) {
            $this->get($path)->assertNotFound()->assertSee('Page not found')->assertSee('Nothing was changed');
        }
        self::assertStringContainsString('Nothing was stored', view('errors.413')->render());
        self::assertStringContainsString('reload the page and send again', view('errors.419')->render());
    }

    #[Test]
    public function a_form_of_another_site_is_not_taken(): void
    {
        $this->withMiddleware(\App\Foundation\Http\CheckToken::class);
        config(['app.env' => 'production']);
        app()->detectEnvironment(static fn(): string => 'production');
        $before = DB::table('plans')->value('version');
        $this->post('/plan/due', ['version' => $before])->assertStatus(419);

        self::assertSame($before, DB::table('plans')->value('version'));
    }

    #[Test]
    public function a_rule_that_is_set_is_kept_and_what_was_read_before_is_forgotten(): void
    {
        $house = app(House::class);
        self::assertSame(7.0, $house->rules()->value(HouseRule::Margin));
        $this->put('/shop/rules', ['frame_margin_mm' => '9.5'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();

        self::assertSame(9.5, app(House::class)->rules()->value(HouseRule::Margin));
        $this->get('/setup/11')->assertSee('9.5 mm needed');
        $this->get('/shop')->assertSee('Standard 7, from 2 to');
    }

    #[Test]
    public function pieces_wander_from_station_to_station(): void
    {
        $blankets = self::decoration(self::blankets())->id;
        $at = static fn(): array => app(StationCounts::class)->waiting();
        $before = $at();
        $this->put("/orders/decorations/{$blankets}", [
            'artwork_id' => \App\Artwork\Models\Artwork::query()->where('name', 'Lantern row')->value('id'),
        ]);
        self::assertSame([$before['orders'] - 6, $before['setup'] + 6], [$at()['orders'], $at()['setup']]);

        $this->put('/artwork/3/blocks/3', ['thread' => 'D-12']);
        self::assertSame([0, $before['setup'] + 6 + 8], [$at()['artwork'], $at()['setup']]);

        $this->post("/setup/{$blankets}", [
            'frame' => 'R-12',
            'turn' => 180,
        ])->assertSessionHasNoErrors();
        self::assertSame($before['setup'] + 8, $at()['setup']);
        self::assertSame(
            array_sum($before) - $before['books'],
            array_sum($at()) - $at()['books'],
            'no piece is lost on its way',
        );
    }
}
