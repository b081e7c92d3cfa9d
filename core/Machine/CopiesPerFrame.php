<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** An artwork may be made of several copies, patches on a sheet: one frame then holds as many pieces. */
final class CopiesPerFrame
{
    public const MOST = 500;

    /** How many frames so many pieces want; the last of them may not be full. */
    public static function frames(int $pieces, int $copies): int
    {
        return intdiv($pieces + $copies - 1, $copies);
    }

    /** How many pieces are left over on the last frame, when all of it is sewn. */
    public static function over(int $pieces, int $copies): int
    {
        return self::frames($pieces, $copies) * $copies - $pieces;
    }
}
