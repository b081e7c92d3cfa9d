<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Machine\NeedleType;

/** Which needles have to be exchanged before which batch, since what is on them is of another size or point. */
final class Fittings
{
    /**
     * Each batch finds what the ones before it have left. A needle that nobody knows is fitted anew.
     *
     * @param array<int, NeedleType>                $fitted  needle => what is on it
     * @param list<BatchNeedles>                    $batches in running order
     * @param array<string, list<NeedleType>> $wanted  batch => what each of its blocks wants
     *
     * @return array<string, array<int, NeedleType>> batch => needle => what to fit there; batches that find all right
     *     are left out
     */
    public static function of(array $fitted, array $batches, array $wanted): array
    {
        $fittings = [];
        foreach ($batches as $batch) {
            foreach ($batch->order as $block => $needle) {
                $wants = $wanted[$batch->id][$block];
                if (! isset($fitted[$needle]) || ! $fitted[$needle]->equals($wants)) {
                    $fitted[$needle] = $fittings[$batch->id][$needle] = $wants;
                }
            }
        }
        array_walk($fittings, static fn(array &$needles): bool => ksort($needles));

        return $fittings;
    }
}
