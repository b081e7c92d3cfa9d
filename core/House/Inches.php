<?php

declare(strict_types=1);

namespace Hakama\House;

/** Millimetres in inches to the nearest eighth, as they stand on a tape. */
final class Inches
{
    private const MM = 25.4;
    private const PARTS = 8;

    /** Such as "7 7/8 in", "3/4 in", "0 in". */
    public static function of(float $mm): string
    {
        $eighths = (int) round((abs($mm) / self::MM) * self::PARTS);
        [$whole, $over, $parts] = [intdiv($eighths, self::PARTS), $eighths % self::PARTS, self::PARTS];
        while ($over > 0 && $over % 2 === 0) {
            [$over, $parts] = [intdiv($over, 2), intdiv($parts, 2)];
        }
        $words = trim(($whole > 0 || $over === 0 ? (string) $whole : '').($over > 0 ? " {$over}/{$parts}" : ''));

        return ($mm < 0 && $eighths > 0 ? '−' : '').$words.' in';
    }
}
