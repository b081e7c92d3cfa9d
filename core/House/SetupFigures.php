<?php

declare(strict_types=1);

namespace Hakama\House;

/** What a frame, a cap, a tube and a cloth allow. */
final class SetupFigures
{
    /** Rule => what it starts with, the least, the most, unit. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::Margin->value => [7, 2, 30, 'mm'],
        HouseRule::FootRadius->value => [6, 2, 20, 'mm'],
        HouseRule::FootClears->value => [4, 1, 10, 'mm'],
        HouseRule::ScrewBar->value => [12, 4, 30, 'mm'],
        HouseRule::MagnetBar->value => [8, 4, 30, 'mm'],
        HouseRule::StretchLow->value => [5, 0, 30, '%'],
        HouseRule::StretchHigh->value => [15, 0, 60, '%'],
        HouseRule::EstimateOff->value => [15, 0, 50, '%'],
        HouseRule::CapGap->value => [12, 3, 30, 'mm'],
        HouseRule::RingLow->value => [8, 3, 30, 'mm'],
        HouseRule::CapCentred->value => [25, 5, 60, 'mm'],
        HouseRule::CapLow->value => [50, 20, 64, 'mm'],
        HouseRule::CapMid->value => [57, 20, 64, 'mm'],
        HouseRule::CapHigh->value => [64, 20, 64, 'mm'],
        HouseRule::CapSpeed->value => [650, 200, 1200, 'spm'],
        HouseRule::CapDetailSpeed->value => [500, 200, 1200, 'spm'],
        HouseRule::Speed->value => [850, 200, 1500, 'spm'],
        HouseRule::KnitSpeed->value => [750, 200, 1500, 'spm'],
        HouseRule::Dense->value => [250, 50, 1000, 'stitches per cm²'],
        HouseRule::LooseHold->value => [40, 10, 300, 'mm'],
        HouseRule::BackingOverlap->value => [25, 5, 80, 'mm'],
        HouseRule::BackingLeast->value => [20, 0, 80, 'mm'],
        HouseRule::BackingLight->value => [40, 10, 200, 'g/m²'],
        HouseRule::BackingUsual->value => [60, 10, 200, 'g/m²'],
        HouseRule::BackingFirm->value => [80, 10, 300, 'g/m²'],
        HouseRule::BackingLighter->value => [20, 0, 60, '%'],
        HouseRule::BackingRoll->value => [500, 100, 2000, 'mm'],
        HouseRule::SmallLetter->value => [5, 2, 12, 'mm'],
        HouseRule::UnreadableLetter->value => [3, 1, 8, 'mm'],
        HouseRule::PaleLightness->value => [80, 50, 100, 'CIE L*'],
        HouseRule::ValueAtRisk->value => [4000, 0, 1000000, 'cents'],
        HouseRule::TubeReach->value => [75, 30, 200, 'mm'],
        HouseRule::ClampNudge->value => [1.5, 0.5, 5, 'mm'],
        HouseRule::ArmWidth->value => [70, 10, 300, 'mm'],
        HouseRule::NeckTee->value => [180, 80, 600, 'mm'],
        HouseRule::NeckPolo->value => [175, 80, 600, 'mm'],
        HouseRule::NeckHoodie->value => [215, 80, 600, 'mm'],
        HouseRule::NeckStep->value => [14, 0, 60, 'mm'],
        HouseRule::CapHalfAngle->value => [75, 20, 160, '°'],
        HouseRule::TubeGap->value => [12, 0, 200, 'mm'],
        HouseRule::TubeBand->value => [3, 1, 50, 'mm'],
        HouseRule::BackingSpoilage->value => [5, 0, 50, '%'],
        HouseRule::OffCutLeast->value => [80, 20, 400, 'mm'],
    ];
}
