<?php

declare(strict_types=1);

namespace Hakama\House;

/** What is found in a tape, how letters and patches are made, how thread is counted. */
final class ArtworkFigures
{
    /** Rule => what it starts with, the least, the most, unit. Its words stand in lang/, under its name. */
    public const SPECS = [
        HouseRule::TrimJumps->value => [3, 2, 12, 'jumps'],
        HouseRule::ShortStitch->value => [0.4, 0.1, 2, 'mm'],
        HouseRule::ShortShare->value => [5, 0, 100, '%'],
        HouseRule::LongStitch->value => [12.1, 3, 20, 'mm'],
        HouseRule::DenseStitches->value => [12, 2, 60, 'per mm²'],
        HouseRule::LongJump->value => [7, 2, 60, 'mm'],
        HouseRule::ThreadsAlike->value => [5, 0.5, 20, 'CIEDE2000'],
        HouseRule::ThreadShows->value => [12, 0, 50, 'CIEDE2000'],
        HouseRule::DrawnStitch->value => [3, 0.5, 12, 'mm'],
        HouseRule::PatchFilled->value => [95, 50, 100, '%'],
        HouseRule::PatchBorder->value => [2.5, 1, 8, 'mm'],
        HouseRule::CopiesGap->value => [5, 0, 100, 'mm'],
        HouseRule::LetterPull->value => [0.15, 0, 0.6, 'mm a side'],
        HouseRule::LetterRow->value => [0.4, 0.25, 0.8, 'mm'],
        HouseRule::LetterTrim->value => [2, 0.5, 20, 'mm'],
        HouseRule::LetterNarrowest->value => [80, 60, 100, '% of their width'],
        HouseRule::BlockLeast->value => [6, 4, 20, 'mm'],
        HouseRule::ScriptLeast->value => [8, 5, 25, 'mm'],
        HouseRule::SmallLeast->value => [3, 2, 6, 'mm'],
        HouseRule::NamesGap->value => [4, 0, 50, 'mm'],
        HouseRule::PreCutBeyond->value => [1.5, 0, 10, 'mm'],
        HouseRule::TrimmedBeyond->value => [15, 5, 60, 'mm a side'],
        HouseRule::ClothApart->value => [6, 0, 50, 'mm'],
        HouseRule::ClothGap->value => [5, 0, 50, 'mm'],
        HouseRule::TopPerLength->value => [1.05, 0.5, 3, 'mm per mm'],
        HouseRule::TopPerStitch->value => [1.6, 0, 10, 'mm'],
        HouseRule::BobbinPerLength->value => [0.6, 0.1, 3, 'mm per mm'],
        HouseRule::BobbinPerStitch->value => [0.2, 0, 10, 'mm'],
        HouseRule::ThreadWaste->value => [0, 0, 50, '%'],
        HouseRule::BobbinHolds->value => [90, 10, 300, 'm'],
    ];
}
