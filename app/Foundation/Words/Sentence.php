<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use Illuminate\Support\HtmlString;
use Illuminate\View\ComponentSlot;

/** One sentence of `lang/` with links or other marked parts in it, wherever the language puts them. */
final class Sentence
{
    /**
     * @param array<string, mixed> $with  what is said in it, as plain words
     * @param array<string, mixed> $parts of them the slots are put in as they are
     */
    public static function html(string $key, array $with, array $parts): HtmlString
    {
        $slots = array_filter($parts, static fn(mixed $one): bool => $one instanceof ComponentSlot);
        $marks = [];
        foreach (array_keys($slots) as $name) {
            $marks[$name] = "\u{E000}{$name}\u{E001}";
        }
        $words = e(trans($key, [...$with, ...$marks]));

        return new HtmlString(strtr($words, array_combine($marks, array_map(strval(...), $slots))));
    }
}
