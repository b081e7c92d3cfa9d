<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Books\PeriodWords;
use App\Foundation\Words\Dates;
use App\Foundation\Words\Habits;
use App\Foundation\Words\Languages;
use App\Money\Papers\PaperPdf;
use App\People\Models\Person;
use App\Shop\Figure;
use App\Shop\House;
use App\Shop\RuleWords;
use Carbon\CarbonImmutable;
use Hakama\Artwork\Paper;
use Hakama\Books\Period;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\Units;
use Hakama\Money\Amount;
use MessageFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Each language says all of it, and its figures stand where the first language has them. */
final class LanguagesTest extends FeatureTestCase
{
    /** @return array<string, array{string}> every language but the first */
    public static function others(): array
    {
        $others = [];
        foreach (glob(dirname(__DIR__, 3).'/lang/*', GLOB_ONLYDIR) ?: [] as $folder) {
            if (basename($folder) !== Languages::FIRST) {
                $others[basename($folder)] = [basename($folder)];
            }
        }

        return $others;
    }

    #[Test, DataProvider('others')]
    public function says_all_of_it(string $language): void
    {
        $first = self::lines(Languages::FIRST);
        $lines = self::lines($language);

        self::assertSame([], array_keys(array_diff_key($first, $lines)), 'not said');
        self::assertSame([], array_keys(array_diff_key($lines, $first)), 'said, and nobody asks for it');
        // Figures, names and units alone are the same; a sentence is not.
        $same = array_filter(
            array_intersect_assoc($lines, $first),
            static function (string $line): bool {
                $words = preg_replace('/\{[^{}]*\}/', '', $line) ?? '';

                return preg_match('/\p{L}{2,} \p{L}{2,} \p{L}{2,}/u', $words) === 1;
            },
        );
        self::assertSame([], $same, 'left in the first language');
    }

    #[Test, DataProvider('others')]
    public function takes_what_the_first_takes(string $language): void
    {
        $lines = self::lines($language);
        foreach (self::lines(Languages::FIRST) as $key => $line) {
            $said = $lines[$key] ?? '';
            self::assertSame(self::taken($line), self::taken($said), "{$key}: {$said}");
            if (! str_starts_with($key, 'validation.')) {
                self::assertNotNull(MessageFormatter::create($language, $said), "{$key}: {$said}");
                self::assertStringNotContainsString("'", $said, "{$key}: ' quotes a pattern");
                self::assertSame(str_contains($line, '|'), str_contains($said, '|'), "{$key}: keys before the bar");
            }
        }
    }

    #[Test]
    public function days_and_hours_are_written_as_they_are_there(): void
    {
        $at = new CarbonImmutable('2026-03-04 16:05', 'Europe/Berlin');
        $said = static function (string $language, string $region) use ($at): array {
            Languages::speak($language);
            Languages::live(new Habits($region));

            return [Dates::dayTime($at), Dates::longDay($at), Dates::time($at), Dates::dateYear($at)];
        };

        self::assertSame(['Wed 4 Mar 16:05', 'Wednesday 4 March', '16:05', '4 Mar 2026'], $said('en', ''));
        self::assertSame(
            ["Wed Mar 4, 4:05\u{A0}PM", 'Wednesday March 4', "4:05\u{A0}PM", 'Mar 4, 2026'],
            $said('en', 'US'),
        );
        self::assertSame(['mié 4 mar 16:05', 'miércoles 4 de marzo', '16:05', '4 mar 2026'], $said('es', ''));
    }

    #[Test]
    public function figures_have_the_mark_of_where_they_are_read_and_lists_for_programs_have_a_point(): void
    {
        self::assertSame("14\u{202F}389.7", Figure::words(14389.66, 1));
        self::assertSame('-1 234.50', PaperPdf::amount(-123450));
        Languages::speak('es');
        self::assertSame("14\u{202F}389,7", Figure::words(14389.66, 1));
        self::assertSame('-1 234,50', PaperPdf::amount(-123450));
        self::assertSame('18.00', Amount::plain(1800));
        self::assertSame('+4,2', Figure::signed(4.21, 1));
        self::assertSame('-0,4', Figure::signed(-0.4, 1));
        Languages::live(new Habits('MX'));
        self::assertSame("14\u{202F}389.7", Figure::words(14389.66, 1));
        Languages::live(new Habits('ES'));
        // What stands in a field with a comma is read with one.
        self::assertSame('0,4', RuleWords::figure(HouseRule::ClothGap, 0.4));
        $this->put('/shop/rules', [HouseRule::ClothGap->value => '3,5'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertEqualsWithDelta(3.5, app(House::class)->rules()->value(HouseRule::ClothGap), 1e-9);
    }

    #[Test]
    public function a_period_is_called_by_its_day_its_week_its_month_or_its_year(): void
    {
        $of = static fn(Period $period, string $day): string => PeriodWords::of($period, new CarbonImmutable($day));

        self::assertSame('Wed 4 Mar', $of(Period::Day, '2026-03-04'));
        self::assertSame('week 10, 2 Mar', $of(Period::Week, '2026-03-08'));
        self::assertSame('week 53, 28 Dec', $of(Period::Week, '2027-01-02'));
        self::assertSame('February 2024', $of(Period::Month, '2024-02-11'));
        self::assertSame('2026', $of(Period::Year, '2026-07-01'));
        Languages::speak('es');
        self::assertSame('febrero de 2024', $of(Period::Month, '2024-02-11'));
    }

    #[Test]
    public function whoever_chose_a_language_is_answered_in_it(): void
    {
        $this->get('/stock')->assertSee('lang="en"', false);
        $this->from('/orders')->post('/language', ['language' => 'xx'])->assertSessionHasErrors('language');
        $this->from('/orders')->post('/language', ['language' => 'es'])->assertRedirect('/orders');

        $this->get('/orders')->assertSee('lang="es"', false)->assertSee('Pedidos')->assertDontSee('Keyboard shortcuts');
        $this->get('/orders/0')->assertNotFound();
        $this->from('/orders')->post('/language', ['language' => 'en']);
        $this->get('/orders')->assertSee('lang="en"', false)->assertSee('Keyboard shortcuts');
    }

    #[Test]
    public function the_shop_speaks_to_whoever_chose_nothing(): void
    {
        $this->put('/shop/people/language', ['language' => 'es', 'region' => 'XX'])->assertSessionHasErrors('region');
        $this->put('/shop/people/language', ['language' => 'es', 'region' => 'US'])->assertSessionHasNoErrors();

        $this->get('/shop/people')->assertSee('lang="es"', false)->assertSee('miércoles 4 de marzo');
    }

    #[Test]
    public function what_a_person_says_stands_before_the_desk_and_that_before_the_shop(): void
    {
        $shop = new Habits('US', '', 1, null, Units::Inches);
        $desk = new Habits('', '24', null, Paper::A4);
        $read = (new Habits('ES'))->over($desk)->over($shop);
        self::assertEquals(new Habits('ES', '24', 1, Paper::A4, Units::Inches), $read);
        self::assertEquals($read, Habits::read($read->kept()));
        // Kept by another version, or written by hand: what cannot be is not said.
        self::assertEquals(
            new Habits('ES'),
            Habits::read(['region' => 'ES', 'hours' => '13', 'first_day' => 9, 'paper' => 'a3', 'units' => 'ell']),
        );
    }

    #[Test]
    public function sheets_and_weeks_are_those_of_the_region_unless_somebody_says_otherwise(): void
    {
        $of = static function (string $language, Habits $habits): array {
            Languages::speak($language);
            Languages::live($habits);

            $day = Dates::numeric(new CarbonImmutable('2026-03-04'));

            return [Languages::paper(), Languages::firstDay(), Dates::hours(), $day];
        };
        self::assertSame([Paper::A4, 1, '24', '04/03/2026'], $of('en', new Habits()));
        self::assertSame([Paper::Letter, 7, '12', '3/4/2026'], $of('en', new Habits('US')));
        self::assertSame([Paper::A4, 6, '24', '3/4/2026'], $of('en', new Habits('US', '24', 6, Paper::A4)));
        self::assertSame([Paper::Letter, 7, '24'], array_slice($of('es', new Habits('MX')), 0, 3));
    }

    #[Test]
    public function whoever_chose_habits_reads_writes_and_prints_by_them(): void
    {
        $this->put('/reading', ['language' => 'en', 'hours' => '13'])->assertSessionHasErrors('hours');
        $this->put('/reading', [
            'language' => 'en',
            'region' => 'US',
            'first_day' => 3,
            'units' => 'inch',
        ])->assertSessionHasNoErrors();

        $this->get('/reading')
            ->assertSee('Wednesday March 4, 2026 at 9:40')
            ->assertSee('3 5/8 in (92 mm)')
            ->assertSee('data-locale="en-US"', false)
            ->assertSee('data-hours="12"', false)
            ->assertSee('data-first-day="3"', false);
        // The house goes on in its own units, and its page says so.
        app()->forgetScopedInstances();
        self::assertSame('mm', app(House::class)->ofShop()->school(Question::Units));
        self::assertSame('mm', app(House::class)->schools()['units']);
        self::assertSame(Units::Inches, app(House::class)->units());
        $sheet = (string) $this->get('/artwork/1/template.pdf')->assertOk()->getContent();
        self::assertStringContainsString('/MediaBox [0.000 0.000 612', $sheet, 'a sheet 8 1/2 inches wide');

        // Whoever is signed in has them on every computer.
        $ilse = Person::query()->where('name', 'Ilse')->firstOrFail();
        $this->actingAs($ilse)->put('/reading', ['language' => 'es', 'region' => 'MX', 'paper' => 'a4']);
        self::assertEquals(new Habits('MX', paper: Paper::A4), $ilse->refresh()->habits);
        self::assertSame('es', $ilse->language);
    }

    /** @return array<string, string> by key, the framework's own among them */
    private static function lines(string $language): array
    {
        $lines = [];
        $take = static function (array $of, string $at) use (&$take, &$lines): void {
            foreach ($of as $key => $line) {
                is_array($line) ? $take($line, "{$at}.{$key}") : $lines["{$at}.{$key}"] = (string) $line;
            }
        };
        foreach (glob(dirname(__DIR__, 3)."/lang/{$language}/*.php") ?: [] as $file) {
            $take((array) require $file, basename($file, '.php'));
        }

        return $lines;
    }

    /** @return list<string> what is put into a line, in whatever branch of a choice */
    private static function taken(string $line): array
    {
        preg_match_all('/:([a-z_]+)\b/', str_contains($line, '{') ? '' : $line, $framework);
        $names = $framework[1];
        self::read($line, $names);
        $names = array_unique($names);
        sort($names);

        return $names;
    }

    /**
     * Reads words up to the brace that ends them.
     *
     * @param list<string> $names what is put in, so far
     *
     * @return string what is left
     */
    private static function read(string $words, array &$names): string
    {
        while (preg_match('/^[^{}]*([{}])(.*)$/s', $words, $at) === 1 && $at[1] === '{') {
            preg_match('/^\s*(\w+)\s*(?:,\s*\w+\s*,)?(.*)$/s', $at[2], $of);
            $names[] = $of[1];
            $words = $of[2];
            while (preg_match('/^\s*=?\w+\s*\{(.*)$/s', $words, $branch) === 1) {
                $words = self::read($branch[1], $names);
            }
            $words = (string) preg_replace('/^\s*\}/', '', $words);
        }

        return $at[2] ?? '';
    }
}
