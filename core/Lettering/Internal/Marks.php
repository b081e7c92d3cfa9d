<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

/**
 * The marks over and under letters, drawn about the middle of the letter: those above start at the height of 0 over it,
 * those below hang from 0.
 *
 * @internal
 */
final class Marks
{
    /** Combining sign => centre lines. */
    public const ABOVE = [
        "\u{0300}" => 'M-10 20 L6 2',
        "\u{0301}" => 'M10 20 L-6 2',
        "\u{0302}" => 'M-16 2 L0 20|M16 2 L0 20',
        "\u{0303}" => 'M-20 4 C-12 24 -2 18 0 12 C4 2 14 2 20 20',
        "\u{0304}" => 'M-18 10 L18 10',
        "\u{0306}" => 'A0 18 16 14 180 360',
        "\u{0307}" => 'M0 9 L0 11',
        "\u{0308}" => 'M-14 9 L-14 11|M14 9 L14 11',
        "\u{030A}" => 'A0 12 11 11 270 630 Z',
        "\u{030B}" => 'M0 20 L-14 2|M20 20 L6 2',
        "\u{030C}" => 'M-16 20 L0 2|M16 20 L0 2',
    ];

    public const BELOW = [
        "\u{0323}" => 'M0 -14 L0 -16',
        "\u{0326}" => 'M4 -8 L-3 -26',
        "\u{0327}" => 'M2 0 L0 -10 C18 -12 14 -32 -12 -28',
        "\u{0328}" => 'M4 0 C-12 -14 -4 -30 14 -24',
    ];
}
