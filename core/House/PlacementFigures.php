<?php

declare(strict_types=1);

namespace Hakama\House;

/** Where things go, before a shop has kept places of its own. */
final class PlacementFigures
{
    /** Rule => what it starts with, the least, the most, unit. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::ChestDown->value => [200, 100, 350, 'mm'],
        HouseRule::ChestAcross->value => [100, 60, 200, 'mm'],
        HouseRule::ChestStep->value => [5, 0, 30, 'mm'],
        HouseRule::ChestAcrossStep->value => [0, 0, 20, 'mm'],
        HouseRule::FrontDown->value => [75, 20, 250, 'mm'],
        HouseRule::FrontStep->value => [0, 0, 30, 'mm'],
        HouseRule::BackDown->value => [100, 20, 300, 'mm'],
        HouseRule::YokeInside->value => [15, 5, 60, 'mm'],
        HouseRule::BackStep->value => [0, 0, 30, 'mm'],
        HouseRule::CapSideUp->value => [15, 3, 40, 'mm'],
        HouseRule::CapBackUp->value => [10, 3, 40, 'mm'],
        HouseRule::CuffDown->value => [10, 0, 60, 'mm'],
        HouseRule::SleeveUp->value => [50, 10, 400, 'mm'],
        HouseRule::LegDown->value => [320, 30, 900, 'mm'],
        HouseRule::LegStep->value => [0, 0, 40, 'mm'],
        HouseRule::CornerIn->value => [120, 20, 500, 'mm'],
        HouseRule::PocketDown->value => [40, 10, 150, 'mm'],
    ];
}
