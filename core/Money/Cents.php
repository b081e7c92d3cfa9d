<?php

declare(strict_types=1);

namespace Hakama\Money;

/** Amounts are whole cents; a product of figures becomes one here and nowhere else. */
final class Cents
{
    /** What is nearer than this to a half is a half: 0.145 · 100 is not quite 14.5 to the machine. */
    private const DIGITS = 6;

    /** Rounded half up. */
    public static function of(float $cents): int
    {
        return (int) floor(round($cents, self::DIGITS) + 0.5);
    }

    /** Rounded up to the next whole cent. */
    public static function up(float $cents): int
    {
        return (int) ceil(round($cents, self::DIGITS));
    }
}
