<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

/**
 * The small alphabet: lines that are sewn there and back, for letters too low for a satin column. What closes up when it
 * is low is drawn open and high: small letters reach to 74, bowls have corners, nothing stands nearer than 20 to the next
 * line. The rest is as in the block alphabet.
 *
 * @internal
 */
final class SmallGlyphs
{
    public const DRAWN = [
        'a' => 'M48 68 L30 74 L10 68 L0 48 L0 26 L10 6 L26 0 L40 6 L48 18|M48 74 L48 0',
        'b' => 'M0 100 L0 0|M0 18 L8 6 L24 0 L40 6 L50 26 L50 48 L40 68 L22 74 L0 62',
        'c' => 'M46 60 L34 74 L16 74 L0 54 L0 20 L16 0 L34 0 L46 14',
        'd' => 'M50 62 L28 74 L10 68 L0 48 L0 26 L10 6 L26 0 L42 6 L50 18|M50 100 L50 0',
        'e' => 'M0 38 L50 38 L50 54 L38 74 L14 74 L0 54 L0 20 L14 0 L36 0 L48 12',
        'g' => 'M48 62 L28 74 L10 68 L0 48 L0 30 L10 10 L26 4 L40 10 L48 22|M48 74 L48 -14 L36 -28 L10 -28 L0 -18',
        'h' => 'M0 100 L0 0|M0 54 L18 74 L34 74 L46 58 L46 0',
        'm' => 'M0 74 L0 0|M0 56 L16 74 L28 74 L40 58 L40 0|M40 58 L56 74 L68 74 L80 58 L80 0',
        'n' => 'M0 74 L0 0|M0 54 L18 74 L34 74 L46 58 L46 0',
        'o' => 'M16 74 L0 54 L0 20 L16 0 L36 0 L52 20 L52 54 L36 74 L16 74 Z',
        'p' => 'M0 74 L0 -28|M0 18 L8 6 L24 0 L40 6 L50 26 L50 48 L40 68 L22 74 L0 62',
        'q' => 'M50 62 L28 74 L10 68 L0 48 L0 26 L10 6 L26 0 L42 6 L50 18|M50 74 L50 -28',
        'r' => 'M0 74 L0 0|M0 50 L18 74 L36 74',
        's' => 'M44 64 L32 74 L12 74 L2 62 L2 50 L14 40 L32 34 L44 24 L44 12 L32 0 L12 0 L0 10',
        'u' => 'M0 74 L0 16 L12 0 L28 0 L46 20|M46 74 L46 0',
        'v' => 'M0 74 L25 0 L50 74',
        'w' => 'M0 74 L20 0 L40 68 L60 0 L80 74',
        'x' => 'M0 74 L46 0|M46 74 L0 0',
        'y' => 'M52 74 L16 -28|M0 74 L25 0',
        'z' => 'M2 74 L44 74 L0 0 L46 0',
        'i' => 'M0 74 L0 0|M0 94 L0 104',
        'j' => 'M14 74 L14 -16 L4 -28 L-10 -28|M14 94 L14 104',
        'S' => 'M56 82 L42 100 L16 100 L2 84 L2 66 L16 54 L44 46 L58 34 L58 16 L44 0 L14 0 L0 16',
        'B' => 'M0 0 L0 100|M0 100 L38 100 L52 88 L52 66 L38 54 L0 54|M38 54 L58 42 L58 12 L44 0 L0 0',
        'R' => 'M0 0 L0 100|M0 100 L40 100 L56 86 L56 60 L40 48 L0 48|M32 48 L60 0',
        '3' => 'M2 86 L16 100 L40 100 L54 88 L54 66 L40 54 L22 54|M40 54 L58 42 L58 14 L42 0 L14 0 L0 14',
        '6' => 'M48 100 L14 72 L0 42 L0 16 L14 0 L44 0 L58 16 L58 40 L44 54 L14 54 L0 40',
        '8' =>
            'M14 54 L2 66 L2 88 L16 100 L42 100 L56 88 L56 66 L44 54 L14 54 L0 40 L0 14 L14 0 L44 0 L58 14 L58 40 L44 54',
        '9' => 'M10 0 L44 28 L58 58 L58 84 L44 100 L14 100 L0 84 L0 60 L14 46 L44 46 L58 60',
        'ı' => 'M0 74 L0 0',
        'ȷ' => 'M14 74 L14 -16 L4 -28 L-10 -28',
    ];
}
