<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use Hakama\Words\Decimal;
use Hakama\Words\Joined;
use Hakama\Words\Money;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** What the core means to say as it is kept with what it is said of, so that each reader is told it in their own language. */
final class KeptText
{
    /** @return array<string, mixed> */
    public static function write(Text $text): array
    {
        return ['key' => $text->key, 'with' => array_map(self::value(...), $text->with)];
    }

    /** Before there were languages the sentence itself was kept. */
    public static function read(mixed $kept): Text
    {
        if (! is_array($kept) || ! is_string($kept['key'] ?? null)) {
            return new Text('common.words.as_kept', ['words' => is_scalar($kept) ? (string) $kept : '']);
        }

        return new Text($kept['key'], array_map(self::valueOf(...), (array) ($kept['with'] ?? [])));
    }

    /** Words of whatever kind; said() says them again in the language of whoever reads them. */
    public static function keep(Text|Texts|string $words): mixed
    {
        return self::value($words);
    }

    public static function said(mixed $kept): string
    {
        return Words::say(self::part($kept));
    }

    private static function value(string|int|Decimal|Money|Text|Texts $value): mixed
    {
        return match (true) {
            $value instanceof Text => self::write($value),
            $value instanceof Texts => [
                'joined' => $value->joined->value,
                'parts' => array_map(self::value(...), $value->parts),
            ],
            $value instanceof Decimal => ['figure' => $value->value, 'digits' => $value->digits],
            $value instanceof Money => ['cents' => $value->cents],
            default => $value,
        };
    }

    private static function valueOf(mixed $kept): string|int|Decimal|Money|Text|Texts
    {
        return match (true) {
            is_array($kept) && isset($kept['key']) => self::read($kept),
            is_array($kept) && isset($kept['joined']) => new Texts(
                Joined::from((string) $kept['joined']),
                ...array_map(self::part(...), array_values((array) $kept['parts'])),
            ),
            is_array($kept) && isset($kept['figure']) => new Decimal((float) $kept['figure'], (int) $kept['digits']),
            is_array($kept) && isset($kept['cents']) => new Money((int) $kept['cents']),
            is_int($kept) => $kept,
            default => is_scalar($kept) ? (string) $kept : '',
        };
    }

    private static function part(mixed $kept): Text|Texts|string
    {
        $part = self::valueOf($kept);

        return $part instanceof Text || $part instanceof Texts || is_string($part) ? $part : Words::say($part);
    }
}
