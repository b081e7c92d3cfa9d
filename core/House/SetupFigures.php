<?php

declare(strict_types=1);

namespace Hakama\House;

/** What a frame, a cap, a tube and a cloth allow. */
final class SetupFigures
{
    /** Rule => label, what it starts with, the least, the most, unit, help. */
    public const SPECS = [
        HouseRule::Margin->value => [
            'Clear of the frame', 7, 2, 30, 'mm',
            'Nothing is sewn nearer to the edge of a frame: the foot’s radius and 2 mm.',
        ],
        HouseRule::FootRadius->value => [
            'Presser foot radius', 6, 2, 20, 'mm',
            'A closure or a seam nearer to a design than this is touched by the foot.',
        ],
        HouseRule::FootClears->value => [
            'Foot clears up to', 4, 1, 10, 'mm',
            'The foot strikes what is thicker under it: folded seams, zips, buttons.',
        ],
        HouseRule::ScrewBar->value => [
            'Bar of a screwed frame', 12, 4, 30, 'mm',
            'Height of its bars: the outer ring has to go into the garment.',
        ],
        HouseRule::MagnetBar->value => [
            'Bar of a magnetic frame', 8, 4, 30, 'mm',
            'Height of the lower half, which goes into the garment. Clamps, cylinder and pocket frames too.',
        ],
        HouseRule::StretchLow->value => [
            'A little stretch gives', 5, 0, 30, '%',
            'How much wider an opening gets when a frame goes in.',
        ],
        HouseRule::StretchHigh->value => [
            'Much stretch gives', 15, 0, 60, '%',
            'How much wider an opening gets when a frame goes in.',
        ],
        HouseRule::EstimateOff->value => [
            'Estimates are off by up to', 15, 0, 50, '%',
            'Hakama asks for a measure that was estimated where one so far off would change what it advises.',
        ],
        HouseRule::CapGap->value => [
            'Gap over the bill', 12, 3, 30, 'mm',
            'Left free between the bill seam of a cap and the design.',
        ],
        HouseRule::RingLow->value => [
            'Lowest line of a cap frame', 8, 3, 30, 'mm',
            'From the bill seam up to the lowest stitch: width of the strap and half the foot.',
        ],
        HouseRule::CapCentred->value => [
            'Panel much higher than a design from', 25, 5, 60, 'mm',
            'So much is left over the gap and the design: then it is centred, where the house follows that school.',
        ],
        HouseRule::CapLow->value => ['Low cap takes', 50, 20, 64, 'mm', 'Highest design on a low cap.'],
        HouseRule::CapMid->value => ['Mid cap takes', 57, 20, 64, 'mm', 'Highest design on a mid cap.'],
        HouseRule::CapHigh->value => ['High cap takes', 64, 20, 64, 'mm', 'Highest design on a high cap.'],
        HouseRule::CapSpeed->value => ['Cap speed', 650, 200, 1200, 'spm', 'Caps are sewn no faster than this.'],
        HouseRule::CapDetailSpeed->value => [
            'Cap speed with detail', 500, 200, 1200, 'spm',
            'Caps with dense detail or thick buckram are sewn no faster than this.',
        ],
        HouseRule::Speed->value => ['Speed', 850, 200, 1500, 'spm', 'On stable cloth in a flat frame.'],
        HouseRule::KnitSpeed->value => ['Speed on knits', 750, 200, 1500, 'spm', 'On knits and soft cloth.'],
        HouseRule::Dense->value => [
            'Dense design above', 250, 50, 1000, 'stitches per cm²',
            'More stitches than this over the box of a design make it a dense one.',
        ],
        HouseRule::LooseHold->value => [
            'Loose hold beyond', 40, 10, 300, 'mm',
            'A dense design pulls the cloth in. A frame that leaves more than this around it holds such a design loosely.',
        ],
        HouseRule::BackingOverlap->value => [
            'Backing beyond the frame', 25, 5, 80, 'mm',
            'How far backing reaches past the outer edge of a frame, on every side.',
        ],
        HouseRule::BackingLeast->value => [
            'Backing beyond the frame, at least', 20, 0, 80, 'mm',
            'A piece that is there and reaches so far is taken before a roll is cut.',
        ],
        HouseRule::BackingLight->value => [
            'Light backing', 40, 10, 200, 'g/m²',
            'Under thin cloth, and mesh everywhere.',
        ],
        HouseRule::BackingUsual->value => [
            'Usual backing', 60, 10, 200, 'g/m²',
            'Under cloth and designs of the usual kind.',
        ],
        HouseRule::BackingFirm->value => [
            'Firm backing', 80, 10, 300, 'g/m²',
            'Under dense designs and heavy cloth.',
        ],
        HouseRule::BackingLighter->value => [
            'Backing may be lighter by', 20, 0, 60, '%',
            'What is on the shelf and lighter than advised by more than this is not cut.',
        ],
        HouseRule::BackingRoll->value => [
            'Widest backing', 500, 100, 2000, 'mm',
            'A larger frame cannot be covered by one piece.',
        ],
        HouseRule::SmallLetter->value => [
            'Small letters below', 5, 2, 12, 'mm',
            'Lower letters close up in the usual thread.',
        ],
        HouseRule::UnreadableLetter->value => [
            'Letters unreadable below', 3, 1, 8, 'mm',
            'No thread makes lower letters readable.',
        ],
        HouseRule::PaleLightness->value => [
            'Pale cloth above', 80, 50, 100, 'CIE L*',
            'Cloth at least this light lets ordinary cutaway show through.',
        ],
        HouseRule::ValueAtRisk->value => [
            'Warn when one garment is worth more than', 4000, 0, 1000000, 'cents',
            'A reminder to practise before an expensive garment is sewn.',
        ],
        HouseRule::TubeReach->value => [
            'Reach along a tube', 75, 30, 200, 'mm',
            'How much of a narrow tube is sewn at one hooping.',
        ],
        HouseRule::ClampNudge->value => [
            'Step of a clamp’s sensor arm', 1.5, 0.5, 5, 'mm',
            'So far it is moved at a time until the machine believes in its largest frame.',
        ],
        HouseRule::ArmWidth->value => [
            'Width of the sewing arm', 70, 10, 300, 'mm',
            'What the arm takes of a neck opening, where a machine has no width of its own.',
        ],
        HouseRule::NeckTee->value => [
            'Neck of a tee', 180, 80, 600, 'mm',
            'Opening in size M, laid flat.',
        ],
        HouseRule::NeckPolo->value => [
            'Neck of a polo', 175, 80, 600, 'mm',
            'Opening in size M, laid flat.',
        ],
        HouseRule::NeckHoodie->value => [
            'Neck of a hoodie', 215, 80, 600, 'mm',
            'Opening in size M, of hoodies and sweatshirts.',
        ],
        HouseRule::NeckStep->value => [
            'Neck wider each size', 14, 0, 60, 'mm',
            'How much the neck opening grows from one size to the next.',
        ],
        HouseRule::CapHalfAngle->value => [
            'Reach round a cap', 75, 20, 160, '°',
            'How far a cap is sewn to each side of its front seam.',
        ],
        HouseRule::TubeGap->value => [
            'Gap along a tube', 12, 0, 200, 'mm',
            'Left between designs one above the other along a tube.',
        ],
        HouseRule::TubeBand->value => [
            'Gap that splits a design', 3, 1, 50, 'mm',
            'A gap this wide lets a design be sewn in two hoopings along a tube.',
        ],
        HouseRule::BackingSpoilage->value => [
            'Spare backing', 5, 0, 50, '%',
            'Cut besides, for pieces that are spoiled.',
        ],
        HouseRule::OffCutLeast->value => [
            'Keep off-cuts from', 80, 20, 400, 'mm',
            'Off-cuts whose shorter side has at least this are kept.',
        ],
    ];
}
