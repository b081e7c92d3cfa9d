<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** What is measured of a garment, laid flat, mm. The value is its name in lists. */
enum Measure: string
{
    case ChestWidth = 'chest_width';
    case BodyLength = 'body_length';
    case NeckOpening = 'neck_opening';
    case SleeveLength = 'sleeve_length';
    case SleeveWidth = 'sleeve_width';
    case LegLength = 'leg_length';
    case LegWidth = 'leg_width';
    case PocketWidth = 'pocket_width';
    case PocketHeight = 'pocket_height';
    case Circumference = 'circumference';
    case CuffHeight = 'cuff_height';
    /** Of a cap on its frame: to what the strap of the frame is set for its style. */
    case StrapGap = 'strap_gap';
    case Width = 'width';
    case Height = 'height';

    public const LEAST_MM = 20.0;
    public const MOST_MM = 5000.0;

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
