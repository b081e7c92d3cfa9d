<?php

declare(strict_types=1);

namespace Hakama\House;

/** What a frame, a cap, a tube and a cloth allow. */
final class SetupFigures
{
    /** Rule => what it starts with, the least, the most, and whether it is money, kept in cents. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::Margin->value => [7, 2, 30],
        HouseRule::FootRadius->value => [6, 2, 20],
        HouseRule::FootClears->value => [4, 1, 10],
        HouseRule::ScrewBar->value => [12, 4, 30],
        HouseRule::MagnetBar->value => [8, 4, 30],
        HouseRule::StretchLow->value => [5, 0, 30],
        HouseRule::StretchHigh->value => [15, 0, 60],
        HouseRule::EstimateOff->value => [15, 0, 50],
        HouseRule::CapGap->value => [12, 3, 30],
        HouseRule::RingLow->value => [8, 3, 30],
        HouseRule::CapCentred->value => [25, 5, 60],
        HouseRule::CapLow->value => [50, 20, 64],
        HouseRule::CapMid->value => [57, 20, 64],
        HouseRule::CapHigh->value => [64, 20, 64],
        HouseRule::CapSpeed->value => [650, 200, 1200],
        HouseRule::CapDetailSpeed->value => [500, 200, 1200],
        HouseRule::Speed->value => [850, 200, 1500],
        HouseRule::KnitSpeed->value => [750, 200, 1500],
        HouseRule::Dense->value => [250, 50, 1000],
        HouseRule::LooseHold->value => [40, 10, 300],
        HouseRule::BackingOverlap->value => [25, 5, 80],
        HouseRule::BackingLeast->value => [20, 0, 80],
        HouseRule::BackingLight->value => [40, 10, 200],
        HouseRule::BackingUsual->value => [60, 10, 200],
        HouseRule::BackingFirm->value => [80, 10, 300],
        HouseRule::BackingLighter->value => [20, 0, 60],
        HouseRule::BackingRoll->value => [500, 100, 2000],
        HouseRule::SmallLetter->value => [5, 2, 12],
        HouseRule::UnreadableLetter->value => [3, 1, 8],
        HouseRule::PaleLightness->value => [80, 50, 100],
        HouseRule::ValueAtRisk->value => [4000, 0, 1000000, true],
        HouseRule::TubeReach->value => [75, 30, 200],
        HouseRule::ClampNudge->value => [1.5, 0.5, 5],
        HouseRule::ArmWidth->value => [70, 10, 300],
        HouseRule::NeckTee->value => [180, 80, 600],
        HouseRule::NeckPolo->value => [175, 80, 600],
        HouseRule::NeckHoodie->value => [215, 80, 600],
        HouseRule::NeckStep->value => [14, 0, 60],
        HouseRule::CapHalfAngle->value => [75, 20, 160],
        HouseRule::TubeGap->value => [12, 0, 200],
        HouseRule::TubeBand->value => [3, 1, 50],
        HouseRule::BackingSpoilage->value => [5, 0, 50],
        HouseRule::OffCutLeast->value => [80, 20, 400],
    ];
}
