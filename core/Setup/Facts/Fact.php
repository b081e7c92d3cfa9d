<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Words\Text;

/** What can be said of a decoration, each by the name it has in files. A point parts what lies in another. */
enum Fact: string
{
    case Garment = 'garment';
    case Position = 'position';
    case Structure = 'structure';
    case Profile = 'profile';
    case Fabric = 'fabric';
    case Stretch = 'stretch';
    case Thickness = 'thickness';
    case Pale = 'pale';
    case Size = 'size';
    case Neck = 'sizes_mm.neck_opening';
    case Chest = 'sizes_mm.chest_width';
    case Circumference = 'sizes_mm.circumference';
    case SleeveWidth = 'sizes_mm.sleeve_width';
    case LegWidth = 'sizes_mm.leg_width';
    case PieceWidth = 'sizes_mm.width';
    case PocketWidth = 'sizes_mm.pocket_width';
    case Width = 'artwork.width_mm';
    case Height = 'artwork.height_mm';
    case Stitches = 'artwork.stitches';
    case SmallestLetter = 'artwork.smallest_letter_mm';
    case AppliedStops = 'artwork.applique_stops';
    case SewingOrder = 'artwork.sewing_order';
    case Motifs = 'motifs';
    case Drivers = 'machine.drivers';
    case TurnsCaps = 'machine.turns_caps_itself';
    case ArmWidth = 'machine.arm_width_mm';
    case Frames = 'frames';
    case Place = 'place';
    case HouseRules = 'house_rules';

    /** As people call it. */
    public function label(): Text
    {
        return new Text('setup.fact.'.str_replace('.', '_', $this->value));
    }

    /** @return list<string> the keys that lead to it */
    public function path(): array
    {
        return explode('.', $this->value);
    }
}
