<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

use Hakama\Words\Text;

/** What a design is centred on, or measured across from. */
enum Line: string
{
    case CentreFront = 'centre_front';
    case SideSeams = 'side_seams';
    case FrontSeam = 'front_seam';
    case PanelSeams = 'panel_seams';
    case BackSeam = 'back_seam';
    case Join = 'join';
    case OuterSeam = 'outer_seam';
    case Bisector = 'bisector';
    case Sides = 'sides';
    case BothWays = 'both_ways';

    /** "on the centre front", of a design that is centred on it. */
    public function on(): Text
    {
        return new Text("setup.line_on.{$this->value}");
    }
}
