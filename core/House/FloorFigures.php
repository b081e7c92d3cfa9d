<?php

declare(strict_types=1);

namespace Hakama\House;

/** What is looked at, stepped back, changed and oiled, and when. */
final class FloorFigures
{
    /** Rule => label, what it starts with, the least, the most, unit, help. */
    public const SPECS = [
        HouseRule::BreaksLook->value => [
            'Look closer after breaks', 3, 2, 20, 'at one needle',
            'In a fortnight, or since the needle was fitted: then the page says what to look at.',
        ],
        HouseRule::StepBack->value => [
            'Step back after a break', 6, 0, 60, 'stitches',
            'Past the break, so that the new thread lies over the old.',
        ],
        HouseRule::NeedleStitches->value => [
            'A needle is changed after', 400000, 10000, 20000000, 'stitches',
            'Some eight hours of sewing; a bent or blunt one at once.',
        ],
        HouseRule::OilStitches->value => [
            'The hook is oiled after', 150000, 1000, 5000000, 'stitches',
            'Some four hours of sewing; what the machine’s manual says goes before.',
        ],
        HouseRule::TensionDays->value => [
            'The tension is tried after', 7, 1, 365, 'days',
            'On scrap, with every thread that is on the machine.',
        ],
        HouseRule::CheckOneIn->value => [
            'Look at one in', 10, 2, 100, 'pieces',
            'Where one in so many is looked at by another person: the first, and every so manieth after it.',
        ],
        HouseRule::CheckValue->value => [
            'Always look at garments worth', 0, 0, 100000000, 'cents and more',
            'Whatever else the house does, another person looks at these. Nought: none for that.',
        ],
        HouseRule::CutOutSpeed->value => [
            'Patches cut out', 8, 1, 100, 'mm a second',
            'Along the edge of the patch.',
        ],
        HouseRule::PressSide->value => [
            'Film pressed', 20, 1, 120, 's a side',
            'Iron-on film on the back of a patch; what its maker says goes before.',
        ],
        HouseRule::PressCool->value => ['Cools between', 30, 0, 600, 's', 'Before a pressed patch is turned over.'],
        HouseRule::PlaceLeaveTurn->value => [
            'Hooped askew is left below', 0.3, 0, 3, '°',
            'A piece that lies turned by less than this in its frame is sewn as it lies.',
        ],
        HouseRule::PlaceHoopAgain->value => [
            'Hooped askew is hooped again above', 1, 0.2, 15, '°',
            'Between the two the design is turned on the machine, where it can do that.',
        ],
        HouseRule::PicturePixel->value => [
            'A point in a picture is off by', 1.5, 0.2, 20, 'px',
            'One standard deviation; what is measured says by how much it may be off with it.',
        ],
        HouseRule::PlaceLeave->value => [
            'Hooped off its place is left below', 0.5, 0, 10, 'mm',
            'Less than this from its place the design is not moved.',
        ],
    ];
}
