<?php

declare(strict_types=1);

namespace Hakama\Floor;

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

    public function label(): string
    {
        return match ($this) {
            self::WrongWayUp => 'wrong way up',
            self::WrongColour => 'wrong colour',
            self::OffPlace => 'off its place',
            self::Registration => 'lost registration',
            self::Puckering => 'puckered',
            self::FrameStruck => 'frame struck',
            self::ClothCut => 'cloth cut',
            self::Other => 'something else',
        };
    }
}
