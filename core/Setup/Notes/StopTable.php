<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Measure;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Hakama\Machine\Driver;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Words\Decimal;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** Why a decoration cannot be sewn as it is asked for; each says what would make it possible. */
final class StopTable
{
    /** @return list<WarningRule> */
    public static function all(): array
    {
        /** @var list<WarningRule>|null $kept */
        static $kept = null;

        return $kept ??= [
            new WarningRule(
                'too_tall_for_profile',
                true,
                self::tooTall(...),
            ),
            new WarningRule(
                'driver_missing',
                true,
                static fn(SetupDecision $d): ?Text => $d->drivers !== []
                    ? null
                    : new Text('warnings.says.driver_missing', ['driver' => ($d->wanted[0] ?? Driver::Flat)->label()]),
            ),
            new WarningRule(
                'beyond_cap_wrap',
                true,
                self::beyondWrap(...),
            ),
            new WarningRule(
                'outside_garment',
                true,
                static fn(SetupDecision $d): ?Text => $d->marked === null
                // How high the front of a cap is sewn is a matter of its profile.
                || ($d->facts->item->isOnCap() && $d->facts->item->position === Position::CapFront)
                || $d->marked->isOnCloth()
                    ? null
                    : new Text('warnings.says.outside_garment', [
                        'size' => $d->units()->size($d->facts->design->widthMm, $d->facts->design->heightMm),
                        'panel' => $d->marked->shape->panel->label(),
                        'ordered' => $d->facts->item->size->value ?? '',
                    ]),
            ),
            new WarningRule(
                'structured_needs_cap_frame',
                true,
                static fn(SetupDecision $d): ?Text => $d->framesKnown
                && $d->fit === null
                && $d->facts->item->isOnCap()
                && $d->facts->item->structure !== Structure::Unstructured
                    ? new Text('warnings.says.structured_needs_cap_frame')
                    : null,
            ),
            new WarningRule(
                'fits_no_frame',
                true,
                self::fitsNoFrame(...),
            ),
            new WarningRule(
                'motifs_overlap',
                true,
                static fn(SetupDecision $d): ?Text => $d->facts->overlaps() === []
                    ? null
                    : new Text('warnings.says.motifs_overlap', [
                        'overlaps' => new Texts(Joined::Semicolon, ...$d->facts->overlaps()),
                    ]),
            ),
        ];
    }

    private static function tooTall(SetupDecision $d): ?Text
    {
        $limit = CapFace::profileLimitMm($d->facts->item->profile, $d->house);

        return match (true) {
            ! $d->facts->item->isOnCap()
                || $d->facts->item->position !== Position::CapFront
                || $d->facts->design->heightMm <= $limit
                => null,
            // Nobody said how high the cap is: more than the highest takes is too much for any.
            $d->facts->item->profile === Profile::None => new Text('warnings.says.too_tall_for_any_cap', [
                'height' => $d->units()->said($d->facts->design->heightMm, 1),
                'limit' => $d->units()->said($limit),
            ]),
            default => new Text('warnings.says.too_tall_for_profile', [
                'height' => $d->units()->said($d->facts->design->heightMm, 1),
                'profile' => $d->facts->item->profile->label(),
                'limit' => $d->units()->said($limit),
            ]),
        };
    }

    private static function beyondWrap(SetupDecision $d): ?Text
    {
        if (
            ! $d->facts->item->isOnCap()
            || $d->facts->item->measures->mm(Measure::Circumference) === null
            || $d->driver() !== Driver::Cap
        ) {
            return null;
        }
        $face = CapFace::forFacts($d->facts, $d->house);

        $width = $d->facts->design->widthMm;
        $centre = $face->centreMm($d->facts->item->position, $width);
        $isSide = $d->facts->item->position === Position::CapSide;

        return match (true) {
            // On the side it must not come round to the front seam either.
            $centre + $width / 2 <= $face->wrapMm() && (! $isSide || $centre >= $width / 2) => null,
            $isSide => new Text('warnings.says.beyond_cap_side', [
                'wrap' => $d->units()->said($face->wrapMm()),
                'half_angle' => new Decimal($face->halfAngleDeg, 0),
                'width' => $d->units()->said($width),
            ]),
            default => new Text('warnings.says.beyond_cap_wrap', [
                'width' => $d->units()->said($width),
                'wrap' => $d->units()->said(2 * $face->wrapMm()),
                'half_angle' => new Decimal($face->halfAngleDeg, 0),
            ]),
        };
    }

    private static function fitsNoFrame(SetupDecision $d): ?Text
    {
        if (! $d->framesKnown || $d->drivers === []) {
            return null;
        }
        if ($d->fit === null) {
            return new Text('warnings.says.no_frame_for_driver', ['driver' => $d->drivers[0]->label()]);
        }

        $obstacle = $d->best?->obstacle($d->units());

        return $obstacle === null ? null : new Text('warnings.says.fits_no_frame', [
            'frame' => $d->fit->frame->id,
            'obstacle' => $obstacle,
        ]);
    }
}
