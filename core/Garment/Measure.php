<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

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
    /** Of a cap: how far closing the strap pulls its front seam to the right. */
    case StrapPull = 'strap_pull';
    case Width = 'width';
    case Height = 'height';
    /** Of a sleeve at the upper arm, of a leg at the thigh: a tube is narrower at its hem. */
    case UpperWidth = 'upper_width';
    case PlacketWidth = 'placket_width';
    /** From the neck seam down; a placket without it goes down to the hem. */
    case PlacketLength = 'placket_length';
    case ZipWidth = 'zip_width';
    /** From the collar down to the seam of the yoke. */
    case YokeDown = 'yoke_down';
    /** From the hem up to the upper edge of a front pocket. */
    case PocketTop = 'pocket_top';
    /** Down to a pocket: from the shoulder seam, from the waistband, from below the bib. */
    case PocketDown = 'pocket_down';
    /** Of a cap: from its front seam to the next seams, at the foot. */
    case SeamAt = 'seam_at';
    /** Of a cap: from the button down to the eyelets. */
    case EyeletDown = 'eyelet_down';
    case OpeningWidth = 'opening_width';
    case OpeningHeight = 'opening_height';
    /** Of a towel: from each end to its woven border. */
    case BorderAt = 'border_at';
    case BorderWidth = 'border_width';
    case BibWidth = 'bib_width';
    case BibHeight = 'bib_height';
    /** Of a bag: from each side to its handles. */
    case HandleAt = 'handle_at';
    /** Of a glove: from its cuff to where the fingers begin. */
    case FingerRoots = 'finger_roots';

    public const LEAST_MM = 20.0;
    private const LEAST_PULL_MM = 0.5;
    public const MOST_MM = 5000.0;

    public function leastMm(): float
    {
        return $this === self::StrapPull ? self::LEAST_PULL_MM : self::LEAST_MM;
    }

    public function label(): Text
    {
        return new Text("garment.measure.{$this->value}");
    }
}
