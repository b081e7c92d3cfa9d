<?php

declare(strict_types=1);

namespace Hakama\House;

/** How long things take, what lateness costs, how far times spread. */
final class PlanFigures
{
    /** Rule => what it starts with, the least, the most, unit. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::ChangeTime->value => [7, 0, 60, 's'],
        HouseRule::TrimTime->value => [6, 0, 60, 's'],
        HouseRule::RampTime->value => [1.5, 0, 30, 's'],
        HouseRule::HandStopTime->value => [30, 0, 900, 's'],
        HouseRule::LayTime->value => [30, 0, 900, 's'],
        HouseRule::FilmTime->value => [30, 0, 900, 's'],
        HouseRule::AddBackingTime->value => [30, 0, 900, 's'],
        HouseRule::TurnOverTime->value => [150, 0, 1800, 's'],
        HouseRule::PressTime->value => [40, 0, 900, 's'],
        HouseRule::LintTime->value => [15, 0, 300, 's'],
        HouseRule::TrimClothTime->value => [20, 0, 300, 's'],
        HouseRule::TrimClothSpeed->value => [12, 1, 100, 'mm a second'],
        HouseRule::BreakRate->value => [0.05, 0, 5, 'per 1000 stitches'],
        HouseRule::BreakTime->value => [90, 0, 900, 's'],
        HouseRule::HoopTime->value => [90, 5, 1200, 's'],
        HouseRule::CapHoopTime->value => [120, 5, 1200, 's'],
        HouseRule::SeamTime->value => [12, 0, 60, 'min'],
        HouseRule::SwapTime->value => [40, 5, 600, 's'],
        HouseRule::StrapTime->value => [2, 0, 30, 'min'],
        HouseRule::LoadTime->value => [3, 0, 60, 'min'],
        HouseRule::FrameTime->value => [4, 0, 60, 'min'],
        HouseRule::ThreadTime->value => [2.5, 0, 30, 'min'],
        HouseRule::DriverTime->value => [15, 0, 120, 'min'],
        HouseRule::People->value => [2, 1, 50, 'people'],
        HouseRule::Tends->value => [3, 1, 20, 'machines'],
        HouseRule::DayStarts->value => [8, 0, 24, 'h'],
        HouseRule::BreakStarts->value => [12, 0, 24, 'h'],
        HouseRule::BreakEnds->value => [12.5, 0, 24, 'h'],
        HouseRule::DayEnds->value => [17, 0, 24, 'h'],
        HouseRule::NeedleTime->value => [1.5, 0, 15, 'min'],
        HouseRule::ClipTime->value => [45, 0, 600, 's a piece'],
        HouseRule::WalkTime->value => [1, 0, 30, 'min'],
        HouseRule::SearchChanges->value => [20000, 100, 5000000, 'steps'],
        HouseRule::AgainTime->value => [1, 0, 60, 'min'],
        HouseRule::LateCost->value => [10, 0, 1000, 'per min'],
        HouseRule::LateHour->value => [0, 0, 10000, 'min more'],
        HouseRule::LateDay->value => [0, 0, 10000, 'min more'],
        HouseRule::LateEvent->value => [480, 0, 100000, 'min more'],
        HouseRule::ChangeoverCost->value => [1, 0, 1000, 'per min'],
        HouseRule::FlowCost->value => [0.01, 0, 100, 'per min'],
        HouseRule::MovedCost->value => [30, 0, 100000, 'a batch'],
        HouseRule::BeyondCost->value => [0, 0, 1000, 'per min'],
        HouseRule::PreparedAhead->value => [2, 0, 72, 'h'],
        HouseRule::LeadDays->value => [4, 0, 120, 'days'],
        HouseRule::SewSpread->value => [8, 0, 200, '%'],
        HouseRule::HoopSpread->value => [25, 0, 200, '%'],
        HouseRule::ChangeoverSpread->value => [30, 0, 200, '%'],
        HouseRule::SpoiledPieces->value => [2, 0, 50, '%'],
        HouseRule::PromiseKept->value => [90, 50, 99, '% of cases'],
    ];
}
