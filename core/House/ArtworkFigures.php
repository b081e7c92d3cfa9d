<?php

declare(strict_types=1);

namespace Hakama\House;

/** What is found in a tape, how letters and patches are made, how thread is counted. */
final class ArtworkFigures
{
    /** Rule => label, what it starts with, the least, the most, unit, help. */
    public const SPECS = [
        HouseRule::TrimJumps->value => [
            'Trim after jumps in a row', 3, 2, 12, 'jumps',
            'This many jumps in a row on a tape are read as a trim.',
        ],
        HouseRule::ShortStitch->value => [
            'Short stitch below', 0.4, 0.1, 2, 'mm',
            'Shorter stitches fray the thread and heat the needle.',
        ],
        HouseRule::ShortShare->value => [
            'Short stitches reported above', 5, 0, 100, '%',
            'A share of short stitches larger than this is listed as a finding.',
        ],
        HouseRule::LongStitch->value => [
            'Long stitch above', 12.1, 3, 20, 'mm',
            'Longer stitches slow the machine and catch on things.',
        ],
        HouseRule::DenseStitches->value => [
            'Dense spot above', 12, 2, 60, 'per mm²',
            'More needle points than this in one square millimetre are listed as a finding.',
        ],
        HouseRule::LongJump->value => [
            'Long jump without a trim above', 7, 2, 60, 'mm',
            'A thread carried further than this has to be cut by hand.',
        ],
        HouseRule::ThreadsAlike->value => [
            'Threads look alike below', 5, 0.5, 20, 'CIEDE2000',
            'Two threads that differ less than this are mixed up on the rack.',
        ],
        HouseRule::ThreadShows->value => [
            'Thread shows on cloth from', 12, 0, 50, 'CIEDE2000',
            'A thread nearer to the colour of its cloth hardly shows there.',
        ],
        HouseRule::DrawnStitch->value => [
            'Longest stitch in a drawing', 3, 0.5, 12, 'mm',
            'Lines of a drawing are sewn in stitches no longer than this.',
        ],
        HouseRule::PatchFilled->value => [
            'A patch is sewn over', 95, 50, 100, '%',
            'So much of its shape at least; below that the felt shows between.',
        ],
        HouseRule::PatchBorder->value => [
            'Border of a patch', 2.5, 1, 8, 'mm',
            'So wide at least, to cut out along it.',
        ],
        HouseRule::CopiesGap->value => [
            'Gap between copies', 5, 0, 100, 'mm',
            'Left between copies in one frame, to cut them apart.',
        ],
        HouseRule::LetterPull->value => [
            'Letters sewn wider', 0.15, 0, 0.6, 'mm a side',
            'Stitches pull a column in; it is sewn so much wider on each side.',
        ],
        HouseRule::LetterRow->value => [
            'Rows in letters', 0.4, 0.25, 0.8, 'mm',
            'From one needle point to the next on the same side of a satin column.',
        ],
        HouseRule::LetterTrim->value => [
            'Trim between letters over', 2, 0.5, 20, 'mm',
            'Where the way to the next letter is longer the thread is cut.',
        ],
        HouseRule::LetterNarrowest->value => [
            'Narrow letters to', 80, 60, 100, '% of their width',
            'A text that is too long is narrowed so far before its letters are made lower.',
        ],
        HouseRule::BlockLeast->value => [
            'Block letters from', 6, 4, 20, 'mm',
            'Lower capitals close up in satin: the small alphabet sews them as lines.',
        ],
        HouseRule::ScriptLeast->value => [
            'Script letters from', 8, 5, 25, 'mm',
            'Lower capitals close up in satin: the small alphabet sews them as lines.',
        ],
        HouseRule::SmallLeast->value => [
            'Small letters from', 3, 2, 6, 'mm',
            'Nothing that can be read is sewn lower.',
        ],
        HouseRule::NamesGap->value => [
            'Gap from design to name', 4, 0, 50, 'mm',
            'Left between a design and the name sewn under it.',
        ],
        HouseRule::PreCutBeyond->value => [
            'Cloth beyond its tack-down', 1.5, 0, 10, 'mm',
            'How much larger a shape is that is cut before it is laid, so that the tack-down holds it everywhere.',
        ],
        HouseRule::TrimmedBeyond->value => [
            'Room to trim cloth', 15, 5, 60, 'mm a side',
            'How much larger a piece is that is trimmed in the frame.',
        ],
        HouseRule::ClothApart->value => [
            'Clear between cloths', 6, 0, 50, 'mm',
            'Nearer than this, stitches that cover one cloth may reach the other: each is trimmed at its own stop.',
        ],
        HouseRule::ClothGap->value => [
            'Gap between cut cloths', 5, 0, 50, 'mm',
            'Left between two pieces laid out on a width of cloth.',
        ],
        HouseRule::TopPerLength->value => [
            'Top thread per sewn length', 1.05, 0.5, 3, 'mm per mm',
            'Thread used for each millimetre that is sewn.',
        ],
        HouseRule::TopPerStitch->value => [
            'Top thread per stitch', 1.6, 0, 10, 'mm',
            'Thread each stitch uses besides its length.',
        ],
        HouseRule::BobbinPerLength->value => [
            'Bobbin thread per sewn length', 0.6, 0.1, 3, 'mm per mm',
            'Thread used for each millimetre that is sewn.',
        ],
        HouseRule::BobbinPerStitch->value => [
            'Bobbin thread per stitch', 0.2, 0, 10, 'mm',
            'Thread each stitch uses besides its length.',
        ],
        HouseRule::ThreadWaste->value => ['Thread lost', 0, 0, 50, '%', 'Tails, breaks and cone ends.'],
        HouseRule::BobbinHolds->value => [
            'Thread on a full bobbin', 90, 10, 300, 'm',
            'What a new bobbin holds.',
        ],
    ];
}
