<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use Closure;
use Collator;
use Hakama\Artwork\Paper;
use Illuminate\Support\Facades\App;
use Illuminate\Translation\FileLoader;
use IntlCalendar;
use Locale;
use ResourceBundle;

/** The languages there are: each folder of `lang/` is one. */
final class Languages
{
    /** In which every word is written first. */
    public const FIRST = 'en';
    /** Where sheets are Letter and not A4. */
    private const LETTER = ['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE'];
    /** Whose hours are written where no region was chosen: the wall clocks of this trade count to twenty-four. */
    private const REGIONS = ['en' => 'GB'];

    private static ?Habits $habits = null;

    /** @return array<string, string> code => its name in its own words, by name */
    public static function all(): array
    {
        /** @var array<string, array<string, string>> $read */
        static $read = [];
        $names = [];
        foreach (array_filter([App::langPath(), (string) config('shop.languages')], static fn(string $one): bool => $one !== '') as $folder) {
            $names += $read[$folder] ??= self::read($folder);
        }
        asort($names);

        return $names;
    }

    /** Languages that do not come with the application: a folder of them, each a folder as those of `lang/` are. */
    public static function alsoFrom(string $folder): void
    {
        config(['shop.languages' => $folder]);
        $loader = App::make('translation.loader');
        assert($loader instanceof FileLoader);
        $loader->addPath($folder);
    }

    public static function isThere(?string $code): bool
    {
        return $code !== null && isset(self::all()[$code]);
    }

    public static function now(): string
    {
        return (string) trans()->getLocale();
    }

    /** With the region whose dates and hours are used, where the shop has said one: "en_US". */
    public static function locale(): string
    {
        $region = self::habits()->region !== '' ? self::habits()->region : self::REGIONS[self::now()] ?? '';

        return self::now().($region === '' ? '' : "_{$region}");
    }

    /** The same as browsers call it: "en-US". */
    public static function tag(): string
    {
        return str_replace('_', '-', self::locale());
    }

    /** On which sheets whoever reads prints. */
    public static function paper(): Paper
    {
        $isLetter = in_array(substr(self::locale(), -2), self::LETTER, true);

        return self::habits()->paper ?? ($isLetter ? Paper::Letter : Paper::A4);
    }

    /** Of the week: 1 Monday to 7 Sunday. */
    public static function firstDay(): int
    {
        // There Sunday is 1.
        $there = (int) IntlCalendar::createInstance(null, self::locale())?->getFirstDayOfWeek();

        return self::habits()->firstDay ?? ($there === 1 ? 7 : $there - 1);
    }

    /** Days, hours, figures and lengths are written by these from here on. */
    public static function live(Habits $habits): void
    {
        self::$habits = $habits;
    }

    /** What words and figures that are kept hang on: whoever reads otherwise has others. */
    public static function sign(): string
    {
        return self::now().implode(',', self::habits()->kept());
    }

    public static function habits(): Habits
    {
        return self::$habits ??= new Habits();
    }

    /** @return array<string, string> two letters => name, by name */
    public static function regions(): array
    {
        $names = [];
        foreach (ResourceBundle::getLocales('') ?: [] as $locale) {
            $region = (string) Locale::getRegion($locale);
            if (preg_match('/^[A-Z]{2}$/', $region) === 1) {
                $names[$region] ??= (string) Locale::getDisplayRegion("-{$region}", self::now());
            }
        }
        (new Collator(self::now()))->asort($names);

        return $names;
    }

    /** From here on the first of these that is there is spoken. */
    public static function speak(?string ...$wished): void
    {
        foreach ($wished as $code) {
            if (self::isThere($code)) {
                App::setLocale((string) $code);

                return;
            }
        }
        App::setLocale(self::FIRST);
    }

    /**
     * What is written for somebody who reads another language than whoever asks.
     *
     * @template T
     *
     * @param string|null  $code   null: as it is spoken now
     * @param Closure(): T $write
     *
     * @return T
     */
    public static function in(?string $code, Closure $write): mixed
    {
        $before = self::now();
        if (! self::isThere($code) || $code === $before) {
            return $write();
        }
        App::setLocale((string) $code);
        try {
            return $write();
        } finally {
            App::setLocale($before);
        }
    }

    /**
     * What somebody may have written, or had written for them, before they chose another language.
     *
     * @param Closure(): string $say
     *
     * @return list<string>
     */
    public static function inEach(Closure $say): array
    {
        return array_map(static fn(string $code): string => self::in($code, $say), array_keys(self::all()));
    }

    /** "ltr" or "rtl", as the language now spoken is read. */
    public static function direction(): string
    {
        $layout = ResourceBundle::create(self::now(), 'ICUDATA')?->get('layout');

        return $layout instanceof ResourceBundle && $layout->get('characters') === 'right-to-left' ? 'rtl' : 'ltr';
    }

    /** @return array<string, string> */
    private static function read(string $folder): array
    {
        $names = [];
        foreach (glob("{$folder}/*", GLOB_ONLYDIR) ?: [] as $language) {
            $code = basename($language);
            $name = (string) Locale::getDisplayLanguage($code, $code);
            $names[$code] = mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
        }

        return $names;
    }
}
