<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use TCPDF_FONTS;

/**
 * The letters of a line in the order they are seen in, Arabic ones in the shape they have between their neighbours. The
 * rules are those of Unicode Standard Annex 9 for text without explicit marks of direction: P2, W7, N1, N2, L2.
 */
final class SeenOrder
{
    private const RIGHT = '/[\p{Hebrew}\p{Arabic}\p{Syriac}\p{Thaana}\p{Nko}]/u';
    private const DIGIT = '/\p{Nd}/u';
    private const LETTER = '/\p{L}/u';

    /** Whether any of it runs from right to left. */
    public static function turns(string $text): bool
    {
        return preg_match(self::RIGHT, $text) === 1;
    }

    /** @return list<int> code points, from left to right */
    public static function of(string $text): array
    {
        $signs = mb_str_split($text);
        if (! self::turns($text)) {
            return self::points($signs);
        }
        $strong = array_map(self::strong(...), $signs);
        $letters = array_filter($strong, static fn(?string $one): bool => in_array($one, ['L', 'R'], true));
        $base = array_values($letters)[0];
        [$ways, $runs] = [self::resolved($strong, $base), []];
        for ($from = 0; $from < count($ways); $from = $to) {
            $to = $from + 1;
            while (($ways[$to] ?? '') === $ways[$from]) {
                $to++;
            }
            $runs[] = [$ways[$from], array_slice($signs, $from, $to - $from)];
        }

        return array_merge(...array_map(
            static fn(array $run): array => $run[0] === 'L' ? self::points($run[1]) : self::shaped($run[1]),
            $base === 'L' ? $runs : array_reverse($runs),
        ));
    }

    /** L or R, N a digit, null what takes its direction from what is around it. */
    private static function strong(string $sign): ?string
    {
        return match (1) {
            preg_match(self::DIGIT, $sign) => 'N',
            preg_match(self::RIGHT, $sign) => 'R',
            preg_match(self::LETTER, $sign) => 'L',
            default => null,
        };
    }

    /**
     * @param list<string|null> $strong
     *
     * @return list<string> L or R for each; a number behind letters from the right goes with them
     */
    private static function resolved(array $strong, string $base): array
    {
        $last = $base;
        foreach ($strong as $i => $one) {
            if ($one === 'N') {
                $strong[$i] = $last;
            } elseif ($one !== null) {
                $last = $one;
            }
        }
        $before = $base;
        $ways = [];
        foreach ($strong as $i => $one) {
            if ($one === null) {
                $after = $base;
                for ($next = $i + 1; $next < count($strong); $next++) {
                    if ($strong[$next] !== null) {
                        $after = $strong[$next];
                        break;
                    }
                }
                $ways[] = $before === $after ? $before : $base;
            } else {
                $ways[] = $before = $one;
            }
        }

        return $ways;
    }

    /**
     * @param list<string> $signs all from right to left, or numbers among them
     *
     * @return list<int>
     */
    private static function shaped(array $signs): array
    {
        $none = ['cw' => [], 'subsetchars' => []];

        return array_values(array_map(
            intval(...),
            TCPDF_FONTS::utf8Bidi(self::points($signs), implode('', $signs), true, true, $none),
        ));
    }

    /**
     * @param list<string> $signs
     *
     * @return list<int>
     */
    private static function points(array $signs): array
    {
        return array_map(mb_ord(...), $signs);
    }
}
