<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use Hakama\Words\Decimal;
use Hakama\Words\Joined;
use Hakama\Words\Money;
use Hakama\Words\Refusal;
use Hakama\Words\Text;
use Hakama\Words\Texts;
use NumberFormatter;
use Throwable;

/** What the core means to say, in the language of who reads it. */
final class Words
{
    public static function say(Text|Texts|Decimal|Money|string|int|null $what): string
    {
        return match (true) {
            $what instanceof Text => (string) trans($what->key, array_map(self::value(...), $what->with)),
            $what instanceof Texts => self::joined($what),
            $what instanceof Decimal => self::figure($what->value, $what->digits),
            $what instanceof Money => self::figure($what->cents / 100, 2),
            default => (string) $what,
        };
    }

    /** What stands between whole and parts where the reader lives: "." or ",". */
    public static function mark(): string
    {
        /** @var array<string, string> $kept */
        static $kept = [];
        $locale = Languages::locale();

        return $kept[$locale] ??= (new NumberFormatter($locale, NumberFormatter::DECIMAL))
            ->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL) ?: '.';
    }

    /** Why something was refused: what the core means to say, or the message of what is the application's own. */
    public static function why(Throwable $refusal): string
    {
        return $refusal instanceof Refusal ? self::say($refusal->text) : $refusal->getMessage();
    }

    /** The same at the beginning of a sentence. */
    public static function capital(Text|Texts|string $what): string
    {
        $words = self::say($what);

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** The same within one. */
    public static function small(Text|Texts|string $what): string
    {
        $words = self::say($what);

        return mb_strtolower(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /**
     * The first few of a list that may be long, and how many more there are.
     *
     * @param array<array-key, string> $words
     */
    public static function some(array $words, int $most = 4): string
    {
        $more = count($words) - $most;
        // "And one more" takes the room of that one.
        return $more < 2
            ? implode(', ', $words)
            : __('common.counts.and_more', ['words' => implode(', ', array_slice($words, 0, $most)), 'more' => $more]);
    }

    /**
     * @param list<Text|Texts|string> $several
     *
     * @return list<string>
     */
    public static function each(array $several): array
    {
        return array_map(self::say(...), $several);
    }

    private static function joined(Texts $several): string
    {
        $parts = self::each($several->parts);
        $kind = $several->joined;
        $last = in_array($kind, [Joined::And, Joined::Or], true) && count($parts) > 1 ? array_pop($parts) : null;
        $list = implode((string) trans($kind === Joined::Semicolon ? 'common.list.semicolon' : 'common.list.comma'), $parts);

        return match (true) {
            $kind === Joined::Sentences => implode(' ', $parts),
            $last === null => $list,
            default => (string) trans("common.list.{$kind->value}", ['list' => $list, 'last' => $last]),
        };
    }

    /** What a plural goes by stays a number. */
    private static function value(Text|Texts|Decimal|Money|string|int $value): string|int
    {
        return is_int($value) ? $value : self::say($value);
    }

    private static function figure(float $value, int $digits): string
    {
        /** @var array<string, NumberFormatter> $kept */
        static $kept = [];
        $locale = Languages::locale();
        $formatter = $kept["{$locale} {$digits}"] ??= self::formatter($locale, $digits);

        return (string) $formatter->format($value);
    }

    private static function formatter(string $locale, int $digits): NumberFormatter
    {
        $formatter = new NumberFormatter($locale, NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, $digits);
        $formatter->setAttribute(NumberFormatter::GROUPING_USED, 0);

        return $formatter;
    }
}
