<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/** Why a piece was spoiled. */
enum SpoilCause: string
{
    case WrongWayUp = 'wrong_way_up';
    case WrongColour = 'wrong_colour';
    case OffPlace = 'off_place';
    case Registration = 'registration';
    case Puckering = 'puckering';
    case FrameStruck = 'frame_struck';
    case ClothCut = 'cloth_cut';
    case Other = 'other';

    public function label(): Text
    {
        return new Text("floor.spoil.{$this->value}");
    }
}
