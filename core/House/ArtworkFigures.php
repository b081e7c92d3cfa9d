<?php

declare(strict_types=1);

namespace Hakama\House;

/** What is found in a tape, how letters and patches are made, how thread is counted. */
final class ArtworkFigures
{
    /** Rule => what it starts with, the least, the most, and whether it is money, kept in cents. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::TrimJumps->value => [3, 2, 12],
        HouseRule::ShortStitch->value => [0.4, 0.1, 2],
        HouseRule::ShortShare->value => [5, 0, 100],
        HouseRule::LongStitch->value => [12.1, 3, 20],
        HouseRule::DenseStitches->value => [12, 2, 60],
        HouseRule::LongJump->value => [7, 2, 60],
        HouseRule::ThreadsAlike->value => [5, 0.5, 20],
        HouseRule::ThreadShows->value => [12, 0, 50],
        HouseRule::DrawnStitch->value => [3, 0.5, 12],
        HouseRule::PatchFilled->value => [95, 50, 100],
        HouseRule::PatchBorder->value => [2.5, 1, 8],
        HouseRule::CopiesGap->value => [5, 0, 100],
        HouseRule::LetterPull->value => [0.15, 0, 0.6],
        HouseRule::LetterRow->value => [0.4, 0.25, 0.8],
        HouseRule::LetterTrim->value => [2, 0.5, 20],
        HouseRule::LetterNarrowest->value => [80, 60, 100],
        HouseRule::BlockLeast->value => [6, 4, 20],
        HouseRule::ScriptLeast->value => [8, 5, 25],
        HouseRule::SmallLeast->value => [3, 2, 6],
        HouseRule::NamesGap->value => [4, 0, 50],
        HouseRule::PreCutBeyond->value => [1.5, 0, 10],
        HouseRule::TrimmedBeyond->value => [15, 5, 60],
        HouseRule::ClothApart->value => [6, 0, 50],
        HouseRule::ClothGap->value => [5, 0, 50],
        HouseRule::TopPerLength->value => [1.05, 0.5, 3],
        HouseRule::TopPerStitch->value => [1.6, 0, 10],
        HouseRule::BobbinPerLength->value => [0.6, 0.1, 3],
        HouseRule::BobbinPerStitch->value => [0.2, 0, 10],
        HouseRule::ThreadWaste->value => [0, 0, 50],
        HouseRule::BobbinHolds->value => [90, 10, 300],
    ];
}
