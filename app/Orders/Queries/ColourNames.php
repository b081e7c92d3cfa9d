<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Foundation\Words\Languages;
use App\Foundation\Words\Words;
use App\Orders\Models\OrderLine;
use Hakama\Garment\ClothColour;
use Illuminate\Support\Str;

/** What a garment's colour is called, and how it is drawn: as the shop drew it before, else by the words of every language. */
final class ColourNames
{
    /** So many lines back. */
    private const LINES = 400;

    /** Null where no name stands in what it is called. */
    public static function hex(string $called): ?string
    {
        $called = self::plain($called);

        return $called === '' ? null : self::own()[$called] ?? self::common($called);
    }

    /** By the ordinary words alone. */
    public static function common(string $called): ?string
    {
        /** @var array{array<string, string>, list<string>, list<string>}|null $words */
        static $words = null;
        $words ??= self::words();

        return ClothColour::read(self::plain($called), ...$words);
    }

    /** @return list<string> to be chosen from: the shop's own, then those of the language, by name */
    public static function offered(): array
    {
        $names = array_map(
            static fn(ClothColour $one): string => mb_strtolower(Words::say($one->label())),
            ClothColour::cases(),
        );
        sort($names);

        return array_values(array_unique([...array_keys(self::own()), ...$names]));
    }

    /** @return array<string, string> name => hex, as it was drawn last */
    private static function own(): array
    {
        return OrderLine::query()
            ->orderByDesc('id')
            ->limit(self::LINES)
            ->toBase()
            ->get(['colour_name', 'colour_hex'])
            ->reverse()
            ->mapWithKeys(static fn(object $line): array => [self::plain($line->colour_name) => $line->colour_hex])
            ->all();
    }

    /** @return array{array<string, string>, list<string>, list<string>} names, words for darker and for lighter */
    private static function words(): array
    {
        $names = [];
        foreach (ClothColour::cases() as $colour) {
            foreach (Languages::inEach(static fn(): string => Words::say($colour->label())) as $name) {
                $names[self::plain($name)] = $colour->hex();
            }
        }
        $each = static fn(string $key): array => array_merge(
            ...array_map(
                static fn(string $list): array => explode(' ', self::plain($list)),
                Languages::inEach(static fn(): string => __($key)),
            ),
        );

        return [$names, $each('garment.cloth_colour.words_for_darker'), $each('garment.cloth_colour.words_for_lighter')];
    }

    private static function plain(string $words): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', ' ', strtolower(Str::ascii($words))));
    }
}
