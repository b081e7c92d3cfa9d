<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Garment\Garment;
use Hakama\Machine\Driver;
use Hakama\Plan\Equipment;
use Hakama\Plan\Sewing;

/** What a setup, chosen or only advised, is to the plan. */
final class SewnAs
{
    /**
     * @param array<string, int> $sewS   machine => seconds a load
     * @param int                $heads  of the largest of these machines
     * @param int                $frames of its kind in the shop
     */
    public static function sewing(array $sewS, int $heads, int $hoopS, int $swapS, int $frames, int $hoopings): Sewing
    {
        return (new Sewing($sewS, $hoopS, $swapS, $frames >= 2 * $heads ? 2 : 1))->aHooping($hoopings);
    }

    /**
     * @param list<string> $threads of its blocks, in order
     * @param string       $frame   code
     * @param string       $needle  size and point
     * @param string       $design  checksum and turn
     */
    public static function equipment(
        array $threads,
        string $frame,
        Driver $driver,
        string $needle,
        string $design,
        Garment $garment,
        string $style,
    ): Equipment {
        return new Equipment(
            $threads,
            $frame,
            $needle,
            $design,
            $driver === Driver::Cap && $garment === Garment::Cap ? "{$style} cap" : '',
        );
    }
}
