<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

use Hakama\Lettering\Alphabet;
use Hakama\Lettering\UnfitText;
use Normalizer;

/**
 * One letter with its marks, as middle lines about its own left edge: 100 is the height of a capital.
 *
 * @internal
 */
final readonly class Glyph
{
    /** Marks stand so much over the letter; between two columns there is room for the eye. */
    private const OVER = 16.0;
    private const OVER_COLUMNS = 26.0;
    private const DOT = 10.0;

    /** What is typed in several ways is drawn in one. */
    private const SAME = [
        "\u{2019}" => "'",
        "\u{2018}" => "'",
        '`' => "'",
        "\u{00B4}" => "'",
        "\u{201C}" => '"',
        "\u{201D}" => '"',
        "\u{2013}" => '-',
        "\u{2014}" => '-',
        "\u{2212}" => '-',
    ];

    /**
     * @param non-empty-list<Stroke> $lines
     * @param bool $joins  its last line is a tail that runs into the next letter
     * @param bool $joined a tail may run into it
     */
    private function __construct(public string $sign, public array $lines, public bool $joins, public bool $joined) {}

    /** @throws UnfitText */
    public static function of(string $sign, Alphabet $alphabet): self
    {
        $sign = self::SAME[$sign] ?? $sign;
        $drawn = self::drawn($alphabet);
        $lines = isset($drawn[$sign]) ? self::lines($drawn[$sign], $alphabet) : self::marked($sign, $drawn, $alphabet);
        $small = preg_match('/^\p{Ll}/u', $sign) === 1;
        $script = $alphabet === Alphabet::Script;

        return new self(
            $sign,
            $lines,
            $script && preg_match('/^\p{L}/u', $sign) === 1 && ($small || ! self::standsAlone($sign)),
            $script && $small,
        );
    }

    /** @return array<string> sign => lines; figures are numbers as keys */
    private static function drawn(Alphabet $alphabet): array
    {
        return match ($alphabet) {
            Alphabet::Block => BlockGlyphs::DRAWN,
            Alphabet::Script => ScriptGlyphs::DRAWN + BlockGlyphs::DRAWN,
            Alphabet::Small => SmallGlyphs::DRAWN + BlockGlyphs::DRAWN,
            Alphabet::Rounded => RoundedGlyphs::DRAWN + BlockGlyphs::DRAWN,
        };
    }

    /** @return non-empty-list<Stroke> */
    private static function lines(string $drawn, Alphabet $alphabet): array
    {
        $lines = Pen::lines($drawn, $alphabet->isSatin());
        if ($alphabet->isSatin()) {
            return $lines;
        }

        return array_map(static function (Stroke $line): Stroke {
            [$first, $last] = [$line->points[0], $line->end()];
            if (count($line->points) > 2 || hypot($last[0] - $first[0], $last[1] - $first[1]) >= self::DOT) {
                return $line;
            }
            // A dot is a column of no length; where there are no columns it is a short line.
            $middle = ($first[1] + $last[1]) / 2;

            return new Stroke([[$first[0], $middle - self::DOT / 2], [$first[0], $middle + self::DOT / 2]], false);
        }, $lines);
    }

    /** @return list<string> the letter, and its marks */
    private static function parts(string $sign): array
    {
        $parts = Normalizer::normalize($sign, Normalizer::FORM_D);

        return is_string($parts) ? mb_str_split($parts) : [];
    }

    private static function standsAlone(string $sign): bool
    {
        $base = self::parts($sign)[0] ?? '';

        return str_contains(ScriptGlyphs::ALONE.'ØĐÐ', $base);
    }

    /**
     * @param array<string> $drawn
     *
     * @return non-empty-list<Stroke>
     *
     * @throws UnfitText
     */
    private static function marked(string $sign, array $drawn, Alphabet $alphabet): array
    {
        $parts = self::parts($sign);
        $base = array_shift($parts) ?? '';
        $isAbove = array_filter($parts, static fn(string $mark): bool => isset(Marks::ABOVE[$mark])) !== [];
        // A letter with a mark over it has no dot of its own.
        $base = $isAbove ? ['i' => 'ı', 'j' => 'ȷ'][$base] ?? $base : $base;
        if (! isset($drawn[$base]) || $parts === []) {
            throw UnfitText::unknownSign($sign, $alphabet);
        }
        $lines = self::lines($drawn[$base], $alphabet);
        $all = array_merge(...array_map(static fn(Stroke $line): array => $line->points, $lines));
        $top = max(array_column($all, 1));
        $marks = [];
        foreach ($parts as $mark) {
            [$of, $x, $y] = match (true) {
                isset(Marks::ABOVE[$mark]) => [
                    Marks::ABOVE[$mark],
                    self::middle($all, $top - 20, INF),
                    $top + ($alphabet->isSatin() ? self::OVER_COLUMNS : self::OVER),
                ],
                isset(Marks::BELOW[$mark]) => [Marks::BELOW[$mark], self::middle($all, -12, 12), 0.0],
                default => throw UnfitText::unknownSign($sign, $alphabet),
            };
            foreach (self::lines($of, $alphabet) as $line) {
                $marks[] = $line->moved($x, $y);
            }
        }

        // Marks first: the tail of a script letter stays its last line.
        return [...$marks, ...$lines];
    }

    /**
     * The middle of what lies within a height.
     *
     * @param non-empty-list<array{float, float}> $points
     */
    private static function middle(array $points, float $from, float $to): float
    {
        $xs = array_column(array_filter($points, static fn(array $p): bool => $p[1] >= $from && $p[1] <= $to), 0);

        return $xs === [] ? 0.0 : (min($xs) + max($xs)) / 2;
    }
}
