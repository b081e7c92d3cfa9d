<?php

declare(strict_types=1);

namespace Hakama\House;

/** What is looked at, stepped back, changed and oiled, and when. */
final class FloorFigures
{
    /** Rule => what it starts with, the least, the most, and whether it is money, kept in cents. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::BreaksLook->value => [3, 2, 20],
        HouseRule::StepBack->value => [6, 0, 60],
        HouseRule::NeedleStitches->value => [400000, 10000, 20000000],
        HouseRule::OilStitches->value => [150000, 1000, 5000000],
        HouseRule::TensionDays->value => [7, 1, 365],
        HouseRule::CheckOneIn->value => [10, 2, 100],
        HouseRule::CheckValue->value => [0, 0, 100000000, true],
        HouseRule::CutOutSpeed->value => [8, 1, 100],
        HouseRule::PressSide->value => [20, 1, 120],
        HouseRule::PressCool->value => [30, 0, 600],
        HouseRule::PlaceLeaveTurn->value => [0.3, 0, 3],
        HouseRule::PlaceHoopAgain->value => [1, 0.2, 15],
        HouseRule::PicturePixel->value => [1.5, 0.2, 20],
        HouseRule::PlaceLeave->value => [0.5, 0, 10],
    ];
}
