<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use Hakama\Words\Decimal;
use Hakama\Words\Money;
use Hakama\Words\Text;
use Hakama\Words\Texts;
use Illuminate\Translation\Translator;
use MessageFormatter;
use Stringable;
use UnexpectedValueException;

/**
 * Words of `lang/` with ICU placeholders: "{pieces, plural, one {# piece} other {# pieces}}". Figures come as they are to
 * be read; only what a plural or a choice goes by comes as a number. The framework's own lines (`:attribute`) stay theirs.
 */
final class IcuTranslator extends Translator
{
    /** A placeholder, and no branch of a plural, which is in braces too. */
    private const PLAIN = '/(?<!zero )(?<!one )(?<!two )(?<!few )(?<!many )(?<!other )(?<!=\d )\{(\w+)\}/';

    /** @var array<string, MessageFormatter> */
    private array $formatters = [];

    /**
     * @param string       $line
     * @param array<mixed> $replace
     */
    protected function makeReplacements($line, array $replace)
    {
        return $replace === [] || ! str_contains($line, '{')
            ? parent::makeReplacements($line, $replace)
            : $this->formatted($line, $replace);
    }

    /** @param array<mixed> $replace */
    private function formatted(string $line, array $replace): string
    {
        $given = [];
        foreach ($replace as $name => $value) {
            $given[$name] = match (true) {
                is_int($value) || is_float($value) => $value,
                $value === null => '',
                is_scalar($value) || $value instanceof Stringable => (string) $value,
                $value instanceof Text, $value instanceof Texts, $value instanceof Decimal, $value instanceof Money
                    => Words::say($value),
                default => throw new UnexpectedValueException("{$name} is nothing to be read, in: {$line}"),
            };
        }
        // No branch can be named after nothing.
        foreach ($given as $name => $value) {
            if ($value === '' && str_contains($line, "{{$name}, select,")) {
                $given[$name] = 'none';
            }
        }
        // A number that is read as it is: an order's 1042 has no comma in it.
        $pattern = preg_replace_callback(
            self::PLAIN,
            static fn(array $at): string => is_string($given[$at[1]] ?? '') ? $at[0] : self::quoted((string) $given[$at[1]]),
            $line,
        ) ?? $line;
        $words = $this->formatter($pattern)->format($given);

        return $words === false ? throw new UnexpectedValueException("{$line} cannot be said") : $words;
    }

    private static function quoted(string $value): string
    {
        return strtr($value, ["'" => "''", '{' => "'{'", '}' => "'}'"]);
    }

    private function formatter(string $pattern): MessageFormatter
    {
        return $this->formatters["{$this->locale} {$pattern}"] ??= MessageFormatter::create($this->locale, $pattern)
            ?? throw new UnexpectedValueException("{$pattern} is no pattern");
    }
}
