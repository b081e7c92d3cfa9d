<?php

declare(strict_types=1);

namespace Hakama\House;

/** Where things go, before a shop has kept places of its own. */
final class PlacementFigures
{
    /** Rule => label, what it starts with, the least, the most, unit, help. */
    public const SPECS = [
        HouseRule::ChestDown->value => [
            'Left chest down', 200, 100, 350, 'mm',
            'Size M: from the shoulder seam at the neck down to the middle of the design.',
        ],
        HouseRule::ChestAcross->value => [
            'Left chest across', 100, 60, 200, 'mm',
            'Size M: from the centre front to the middle of the design.',
        ],
        HouseRule::ChestStep->value => [
            'Left chest lower each size', 5, 0, 30, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        HouseRule::ChestAcrossStep->value => [
            'Left chest further each size', 0, 0, 20, 'mm',
            'How much further across it goes from one size to the next.',
        ],
        HouseRule::FrontDown->value => [
            'Full front down', 75, 20, 250, 'mm',
            'Size M: from the neck seam down to the upper edge of the design.',
        ],
        HouseRule::FrontStep->value => [
            'Full front lower each size', 0, 0, 30, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        HouseRule::BackDown->value => [
            'Full back down', 100, 20, 300, 'mm',
            'Size M: from the collar seam down to the upper edge of the design; with a yoke, a finger inside its seam.',
        ],
        HouseRule::YokeInside->value => [
            'Below the yoke seam', 15, 5, 60, 'mm',
            'A full back on a garment with a yoke begins so far below its seam: about a finger.',
        ],
        HouseRule::BackStep->value => [
            'Full back lower each size', 0, 0, 30, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        HouseRule::CapSideUp->value => [
            'Cap side up', 15, 3, 40, 'mm',
            'From the sweatband seam up to the lower edge of the design.',
        ],
        HouseRule::CapBackUp->value => [
            'Cap back up', 10, 3, 40, 'mm',
            'From the strap opening up to the lower edge of the design.',
        ],
        HouseRule::CuffDown->value => [
            'Hat cuff down', 10, 0, 60, 'mm',
            'From the upper fold of the cuff down to the upper edge of the design.',
        ],
        HouseRule::SleeveUp->value => [
            'Sleeve up', 50, 10, 400, 'mm',
            'From the hem up to the lower edge of the design.',
        ],
        HouseRule::LegDown->value => [
            'Leg down', 320, 30, 900, 'mm',
            'Size M: from the waistband down to the upper edge of the design, below the bags of the pockets.',
        ],
        HouseRule::LegStep->value => [
            'Leg lower each size', 0, 0, 40, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        HouseRule::CornerIn->value => [
            'Corner in', 120, 20, 500, 'mm',
            'From inside the edging along the bisector of the corner to the middle of the design.',
        ],
        HouseRule::PocketDown->value => [
            'Pocket down', 40, 10, 150, 'mm',
            'From the upper edge of the pocket down to the middle of the design.',
        ],
    ];
}
