<?php

declare(strict_types=1);

namespace Hakama\Thread\Internal;

/**
 * The formula, in the order and with the names of the paper; primes are written out.
 *
 * @internal
 */
final class Ciede2000
{
    /**
     * @param array{float, float, float} $one L*, a*, b*
     * @param array{float, float, float} $two
     */
    public static function difference(array $one, array $two): float
    {
        [$l1, $a1, $b1] = $one;
        [$l2, $a2, $b2] = $two;
        $meanChroma = (hypot($a1, $b1) + hypot($a2, $b2)) / 2;
        $g = 0.5 * (1 - sqrt(self::seventh($meanChroma)));
        [$aPrime1, $aPrime2] = [(1 + $g) * $a1, (1 + $g) * $a2];
        [$cPrime1, $cPrime2] = [hypot($aPrime1, $b1), hypot($aPrime2, $b2)];
        [$hPrime1, $hPrime2] = [self::hue($aPrime1, $b1), self::hue($aPrime2, $b2)];

        $deltaL = $l2 - $l1;
        $deltaC = $cPrime2 - $cPrime1;
        $grey = $cPrime1 * $cPrime2 === 0.0;
        $deltaHue = $grey ? 0.0 : self::shortWay($hPrime2 - $hPrime1);
        $deltaH = 2 * sqrt($cPrime1 * $cPrime2) * sin(deg2rad($deltaHue / 2));

        $meanL = ($l1 + $l2) / 2;
        $meanC = ($cPrime1 + $cPrime2) / 2;
        $meanH = self::meanHue($hPrime1, $hPrime2, $grey);

        $t =
            1 -
            0.17 * cos(deg2rad($meanH - 30)) +
            0.24 * cos(deg2rad(2 * $meanH)) +
            0.32 * cos(deg2rad(3 * $meanH + 6)) -
            0.2 * cos(deg2rad(4 * $meanH - 63));
        $sL = 1 + (0.015 * ($meanL - 50) ** 2) / sqrt(20 + ($meanL - 50) ** 2);
        $sC = 1 + 0.045 * $meanC;
        $sH = 1 + 0.015 * $meanC * $t;
        $deltaTheta = 30 * exp(-((($meanH - 275) / 25) ** 2));
        $rT = -sin(deg2rad(2 * $deltaTheta)) * 2 * sqrt(self::seventh($meanC));

        return sqrt(
            ($deltaL / $sL) ** 2 +
                ($deltaC / $sC) ** 2 +
                ($deltaH / $sH) ** 2 +
                $rT * ($deltaC / $sC) * ($deltaH / $sH),
        );
    }

    /** C⁷ / (C⁷ + 25⁷) */
    private static function seventh(float $chroma): float
    {
        return $chroma ** 7 / ($chroma ** 7 + 25.0 ** 7);
    }

    /** @return float 0 to 360 degrees; 0 for a grey */
    private static function hue(float $aPrime, float $b): float
    {
        if ($aPrime === 0.0 && $b === 0.0) {
            return 0.0;
        }
        $degrees = rad2deg(atan2($b, $aPrime));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    private static function shortWay(float $degrees): float
    {
        return match (true) {
            $degrees > 180 => $degrees - 360,
            $degrees < -180 => $degrees + 360,
            default => $degrees,
        };
    }

    private static function meanHue(float $one, float $two, bool $grey): float
    {
        return match (true) {
            $grey => $one + $two,
            abs($one - $two) <= 180 => ($one + $two) / 2,
            $one + $two < 360 => ($one + $two + 360) / 2,
            default => ($one + $two - 360) / 2,
        };
    }
}
