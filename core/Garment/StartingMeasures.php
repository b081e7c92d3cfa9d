<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Garment\Measure as M;

/**
 * Measures to start with, for garments that nobody has measured yet: of size M, and how much they grow from one size to
 * the next. The catalogue replaces them, by style or for a whole kind.
 */
final class StartingMeasures
{
    /** For what a kind does not say of itself: measure => [mm in M, mm a size] */
    private const ANY = [
        M::SleeveLength->value => [600, 12],
        M::SleeveWidth->value => [150, 8],
        M::LegLength->value => [1040, 15],
        M::LegWidth->value => [210, 10],
        M::PocketWidth->value => [130, 0],
        M::PocketHeight->value => [150, 0],
        M::Width->value => [400, 0],
        M::Height->value => [400, 0],
    ];

    /** garment => measure => [mm in M, mm a size] */
    private const OF = [
        'tee' => [
            M::ChestWidth->value => [520, 50],
            M::BodyLength->value => [710, 20],
            M::SleeveLength->value => [220, 8],
            M::SleeveWidth->value => [180, 10],
        ],
        'polo' => [
            M::ChestWidth->value => [530, 50],
            M::BodyLength->value => [720, 20],
            M::SleeveLength->value => [240, 8],
            M::SleeveWidth->value => [170, 10],
            M::PocketWidth->value => [110, 0],
            M::PocketHeight->value => [130, 0],
        ],
        'hoodie' => [
            M::ChestWidth->value => [580, 50],
            M::BodyLength->value => [690, 20],
            M::SleeveLength->value => [620, 14],
            M::SleeveWidth->value => [150, 6],
        ],
        'jacket' => [
            M::ChestWidth->value => [600, 50],
            M::BodyLength->value => [720, 20],
            M::SleeveLength->value => [640, 14],
            M::SleeveWidth->value => [160, 6],
        ],
        'padded_jacket' => [
            M::ChestWidth->value => [640, 50],
            M::BodyLength->value => [720, 20],
            M::SleeveLength->value => [650, 14],
            M::SleeveWidth->value => [170, 6],
        ],
        'cap' => [M::Circumference->value => [580, 0], M::Height->value => [110, 0]],
        'knit_hat' => [
            M::Circumference->value => [480, 0],
            M::Height->value => [210, 0],
            M::CuffHeight->value => [80, 0],
        ],
        'stocking' => [M::LegLength->value => [460, 0], M::LegWidth->value => [190, 0]],
        'sleeve' => [M::SleeveLength->value => [600, 12], M::SleeveWidth->value => [160, 6]],
        'blanket' => [M::Width->value => [1300, 0], M::Height->value => [1500, 0]],
        'towel' => [M::Width->value => [500, 0], M::Height->value => [1000, 0]],
        'bag' => [M::Width->value => [380, 0], M::Height->value => [420, 0]],
        'glove' => [M::Width->value => [120, 6], M::Height->value => [240, 8]],
        'pocket' => [
            M::PocketWidth->value => [140, 0],
            M::PocketHeight->value => [160, 0],
            M::Width->value => [140, 0],
            M::Height->value => [160, 0],
        ],
        'apron' => [M::Width->value => [700, 0], M::Height->value => [850, 0]],
        'patch' => [M::Width->value => [300, 0], M::Height->value => [300, 0]],
    ];

    public static function of(Garment $garment, Size $size): Measures
    {
        $mm = [];
        foreach ([...self::ANY, ...self::OF[$garment->value] ?? []] as $measure => [$ofM, $step]) {
            $mm[$measure] = (float) max(M::LEAST_MM, $ofM + $size->stepsFromM() * $step);
        }

        return new Measures($mm);
    }
}
