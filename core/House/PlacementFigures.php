<?php

declare(strict_types=1);

namespace Hakama\House;

/** Where things go, before a shop has kept places of its own. */
final class PlacementFigures
{
    /** Rule => what it starts with, the least, the most, and whether it is money, kept in cents. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::ChestDown->value => [200, 100, 350],
        HouseRule::ChestAcross->value => [100, 60, 200],
        HouseRule::ChestStep->value => [5, 0, 30],
        HouseRule::ChestAcrossStep->value => [0, 0, 20],
        HouseRule::FrontDown->value => [75, 20, 250],
        HouseRule::FrontStep->value => [0, 0, 30],
        HouseRule::BackDown->value => [100, 20, 300],
        HouseRule::YokeInside->value => [15, 5, 60],
        HouseRule::BackStep->value => [0, 0, 30],
        HouseRule::CapSideUp->value => [15, 3, 40],
        HouseRule::CapBackUp->value => [10, 3, 40],
        HouseRule::CuffDown->value => [10, 0, 60],
        HouseRule::SleeveUp->value => [50, 10, 400],
        HouseRule::LegDown->value => [320, 30, 900],
        HouseRule::LegStep->value => [0, 0, 40],
        HouseRule::CornerIn->value => [120, 20, 500],
        HouseRule::PocketDown->value => [40, 10, 150],
    ];
}
