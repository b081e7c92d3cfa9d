<?php

declare(strict_types=1);

namespace Hakama\Lettering;

/**
 * Texts as they are pasted or read from a list: one a line, with its size before or behind it where garments have sizes,
 * set apart by a semicolon, a comma or a tab.
 */
final readonly class NameList
{
    public const MOST = 200;

    /** Words that head a list instead of being in it. */
    private const HEADS = ['name', 'names', 'text', 'texts', 'size', 'sizes'];

    /** @param list<array{string, string|null}> $names text, and its size as it was typed; null where none was */
    private function __construct(public array $names) {}

    /** @param list<string> $sizes that there are; what is none of them belongs to the text */
    public static function read(string $typed, array $sizes): self
    {
        $known = array_combine(array_map(mb_strtolower(...), $sizes), $sizes);
        $names = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", mb_scrub($typed))) as $line) {
            $cells = array_map(
                static fn(string $cell): string => LetterStyle::plain(trim(trim($cell), '"')),
                explode(';', strtr($line, ",\t", ';;')),
            );
            $cells = array_values(array_filter($cells, static fn(string $cell): bool => $cell !== ''));
            $isHead = array_diff(array_map(mb_strtolower(...), $cells), self::HEADS) === [];
            if ($cells === [] || ($names === [] && $isHead)) {
                continue;
            }
            $size = null;
            foreach ([count($cells) - 1, 0] as $at) {
                if (count($cells) > 1 && isset($known[mb_strtolower($cells[$at])])) {
                    $size = $known[mb_strtolower($cells[$at])];
                    array_splice($cells, $at, 1);
                    break;
                }
            }
            $names[] = [implode(', ', $cells), $size];
        }

        return new self($names);
    }

    /**
     * Which piece gets which text: those with a size go to pieces of that size in the order they were written, the others
     * to whatever pieces are left.
     *
     * @param array<int, string> $pieces id => size, in the order they are sewn
     *
     * @return array<int, string> id => text
     *
     * @throws UnfitText when there are more or fewer texts than pieces, of all sizes or of one
     */
    public function paired(array $pieces): array
    {
        $free = [];
        foreach ($pieces as $id => $size) {
            $free[$size][] = $id;
        }
        $texts = $over = [];
        foreach ($this->names as [$text, $size]) {
            if ($size === null) {
                continue;
            }
            if (($free[$size] ?? []) === []) {
                $over[$size] = ($over[$size] ?? 0) + 1;
                continue;
            }
            $texts[array_shift($free[$size])] = $text;
        }
        if ($over !== []) {
            throw UnfitText::tooManyOfSize(array_key_first($over), $over[array_key_first($over)]);
        }
        $left = array_merge(...array_values($free));
        sort($left);
        $plain = array_column(array_filter($this->names, static fn(array $name): bool => $name[1] === null), 0);
        if (count($plain) !== count($left)) {
            $of = implode(
                ', ',
                array_map(
                    static fn(string $size, array $some): string => count($some)." of {$size}",
                    array_keys(array_filter($free)),
                    array_filter($free),
                ),
            );
            throw UnfitText::notAsMany(count($this->names), count($pieces), $of);
        }
        foreach ($plain as $i => $text) {
            $texts[$left[$i]] = $text;
        }
        ksort($texts);

        return $texts;
    }
}
