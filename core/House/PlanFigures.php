<?php

declare(strict_types=1);

namespace Hakama\House;

/** How long things take, what lateness costs, how far times spread. */
final class PlanFigures
{
    /** Rule => what it starts with, the least, the most, and whether it is money, kept in cents. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::ChangeTime->value => [7, 0, 60],
        HouseRule::TrimTime->value => [6, 0, 60],
        HouseRule::RampTime->value => [1.5, 0, 30],
        HouseRule::HandStopTime->value => [30, 0, 900],
        HouseRule::LayTime->value => [30, 0, 900],
        HouseRule::FilmTime->value => [30, 0, 900],
        HouseRule::AddBackingTime->value => [30, 0, 900],
        HouseRule::TurnOverTime->value => [150, 0, 1800],
        HouseRule::PressTime->value => [40, 0, 900],
        HouseRule::LintTime->value => [15, 0, 300],
        HouseRule::TrimClothTime->value => [20, 0, 300],
        HouseRule::TrimClothSpeed->value => [12, 1, 100],
        HouseRule::BreakRate->value => [0.05, 0, 5],
        HouseRule::BreakTime->value => [90, 0, 900],
        HouseRule::HoopTime->value => [90, 5, 1200],
        HouseRule::CapHoopTime->value => [120, 5, 1200],
        HouseRule::SeamTime->value => [12, 0, 60],
        HouseRule::SwapTime->value => [40, 5, 600],
        HouseRule::StrapTime->value => [2, 0, 30],
        HouseRule::LoadTime->value => [3, 0, 60],
        HouseRule::FrameTime->value => [4, 0, 60],
        HouseRule::ThreadTime->value => [2.5, 0, 30],
        HouseRule::DriverTime->value => [15, 0, 120],
        HouseRule::People->value => [2, 1, 50],
        HouseRule::Tends->value => [3, 1, 20],
        HouseRule::DayStarts->value => [8, 0, 24],
        HouseRule::BreakStarts->value => [12, 0, 24],
        HouseRule::BreakEnds->value => [12.5, 0, 24],
        HouseRule::DayEnds->value => [17, 0, 24],
        HouseRule::NeedleTime->value => [1.5, 0, 15],
        HouseRule::ClipTime->value => [45, 0, 600],
        HouseRule::WalkTime->value => [1, 0, 30],
        HouseRule::SearchChanges->value => [20000, 100, 5000000],
        HouseRule::SearchWeeks->value => [4, 1, 104],
        HouseRule::AgainTime->value => [1, 0, 60],
        HouseRule::LateCost->value => [10, 0, 1000],
        HouseRule::LateHour->value => [0, 0, 10000],
        HouseRule::LateDay->value => [0, 0, 10000],
        HouseRule::LateEvent->value => [480, 0, 100000],
        HouseRule::ChangeoverCost->value => [1, 0, 1000],
        HouseRule::FlowCost->value => [0.01, 0, 100],
        HouseRule::UnfitCost->value => [1, 0, 1000],
        HouseRule::SpoilMinutes->value => [45, 0, 1000],
        HouseRule::LightBreaks->value => [4, 0, 100],
        HouseRule::NeedleBreakMinutes->value => [10, 0, 240],
        HouseRule::MovedCost->value => [30, 0, 100000],
        HouseRule::BeyondCost->value => [0, 0, 1000],
        HouseRule::PreparedAhead->value => [2, 0, 72],
        HouseRule::FrozenAhead->value => [1, 0, 72],
        HouseRule::MendedMoves->value => [3, 1, 20],
        HouseRule::LeadDays->value => [4, 0, 120],
        HouseRule::SewSpread->value => [8, 0, 200],
        HouseRule::HoopSpread->value => [25, 0, 200],
        HouseRule::ChangeoverSpread->value => [30, 0, 200],
        HouseRule::SpoiledPieces->value => [2, 0, 50],
        HouseRule::PromiseKept->value => [90, 50, 99],
    ];
}
