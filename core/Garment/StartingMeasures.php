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
            M::ChestWidth->value => [520, 28],
            M::BodyLength->value => [720, 20],
            M::SleeveLength->value => [220, 8],
            M::SleeveWidth->value => [195, 14],
        ],
        'polo' => [
            M::ChestWidth->value => [520, 28],
            M::BodyLength->value => [720, 20],
            M::SleeveLength->value => [240, 8],
            M::SleeveWidth->value => [190, 14],
            M::PocketWidth->value => [110, 0],
            M::PocketHeight->value => [130, 0],
            M::PlacketWidth->value => [35, 0],
            M::PlacketLength->value => [160, 0],
        ],
        'hoodie' => [
            M::ChestWidth->value => [570, 28],
            M::BodyLength->value => [700, 20],
            M::SleeveLength->value => [620, 14],
            M::SleeveWidth->value => [100, 5],
            M::UpperWidth->value => [200, 14],
            M::PocketWidth->value => [300, 0],
            M::PocketTop->value => [230, 0],
        ],
        'jacket' => [
            M::ChestWidth->value => [560, 28],
            M::BodyLength->value => [650, 20],
            M::SleeveLength->value => [640, 14],
            M::SleeveWidth->value => [110, 5],
            M::UpperWidth->value => [200, 14],
            M::NeckOpening->value => [220, 14],
            M::PlacketWidth->value => [45, 0],
            M::YokeDown->value => [120, 0],
            M::PocketDown->value => [150, 0],
        ],
        'padded_jacket' => [
            M::ChestWidth->value => [600, 28],
            M::BodyLength->value => [720, 20],
            M::SleeveLength->value => [650, 14],
            M::SleeveWidth->value => [120, 5],
            M::UpperWidth->value => [220, 14],
            M::ZipWidth->value => [35, 0],
        ],
        'trousers' => [
            M::LegLength->value => [1040, 15],
            M::LegWidth->value => [200, 10],
            M::UpperWidth->value => [320, 14],
            M::PocketDown->value => [300, 0],
        ],
        'cap' => [
            M::Circumference->value => [580, 0],
            M::Height->value => [100, 0],
            M::SeamAt->value => [75, 0],
            M::EyeletDown->value => [35, 0],
            M::OpeningWidth->value => [70, 0],
            M::OpeningHeight->value => [45, 0],
        ],
        'knit_hat' => [
            M::Circumference->value => [440, 0],
            M::Height->value => [210, 0],
            M::CuffHeight->value => [70, 0],
        ],
        'stocking' => [
            M::LegLength->value => [420, 0],
            M::LegWidth->value => [200, 0],
            M::CuffHeight->value => [110, 0],
        ],
        'sleeve' => [
            M::SleeveLength->value => [600, 12],
            M::SleeveWidth->value => [100, 5],
            M::UpperWidth->value => [200, 14],
        ],
        'blanket' => [M::Width->value => [1300, 0], M::Height->value => [1700, 0]],
        'towel' => [
            M::Width->value => [500, 0],
            M::Height->value => [1000, 0],
            M::BorderAt->value => [80, 0],
            M::BorderWidth->value => [60, 0],
        ],
        'bag' => [
            M::Width->value => [380, 0],
            M::Height->value => [420, 0],
            M::HandleAt->value => [90, 0],
        ],
        'glove' => [
            M::Width->value => [95, 5],
            M::Height->value => [260, 8],
            M::Circumference->value => [210, 10],
            M::CuffHeight->value => [70, 0],
            M::FingerRoots->value => [95, 4],
        ],
        'pocket' => [
            M::PocketWidth->value => [140, 0],
            M::PocketHeight->value => [160, 0],
            M::Width->value => [140, 0],
            M::Height->value => [160, 0],
        ],
        'apron' => [
            M::Width->value => [700, 0],
            M::Height->value => [860, 0],
            M::BibWidth->value => [260, 0],
            M::BibHeight->value => [300, 0],
            M::PocketWidth->value => [400, 0],
            M::PocketHeight->value => [200, 0],
            M::PocketDown->value => [330, 0],
        ],
        'patch' => [M::Width->value => [300, 0], M::Height->value => [300, 0]],
    ];

    /** Profile of a cap => height of its front at the seam. */
    private const CAP_HEIGHT = ['low' => 92.0, 'mid' => 100.0, 'high' => 112.0];

    public static function of(Garment $garment, Size $size, Profile $profile = Profile::None): Measures
    {
        $mm = [];
        foreach ([...self::ANY, ...self::OF[$garment->value] ?? []] as $measure => [$ofM, $step]) {
            $mm[$measure] = (float) max(M::LEAST_MM, $ofM + $size->stepsFromM() * $step);
        }

        if ($garment === Garment::Cap) {
            $mm[M::Height->value] = self::CAP_HEIGHT[$profile->value] ?? self::CAP_HEIGHT['mid'];
        }

        return new Measures($mm, Provenance::Estimated);
    }
}
