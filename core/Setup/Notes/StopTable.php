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
                'a design higher than the cap’s profile takes',
                self::tooTall(...),
            ),
            new WarningRule(
                'driver_missing',
                true,
                'no machine has a driver that would do',
                static fn(SetupDecision $d): ?string => $d->drivers !== []
                    ? null
                    : sprintf(
                        'There is no %s driver here, and this needs one. Take another machine, send it out, or '.
                            'change the garment.',
                        $d->wanted[0]->value ?? Driver::Flat->value,
                    ),
            ),
            new WarningRule(
                'beyond_cap_wrap',
                true,
                'a design wider than the cap driver reaches round the cap',
                self::beyondWrap(...),
            ),
            new WarningRule(
                'outside_garment',
                true,
                'a design that would not lie wholly on the cloth at its place',
                static fn(SetupDecision $d): ?string => $d->marked === null
                // How high the front of a cap is sewn is a matter of its profile.
                || ($d->facts->item->isOnCap() && $d->facts->item->position === Position::CapFront)
                || $d->marked->isOnCloth()
                    ? null
                    : sprintf(
                        'At its place the design, %s, reaches beyond the %s%s. Ask for a smaller version, or take '.
                            'another place or a larger size.',
                        $d->units()->size($d->facts->design->widthMm, $d->facts->design->heightMm),
                        $d->marked->shape->panel->label(),
                        $d->facts->item->size === null ? '' : " in size {$d->facts->item->size->value}",
                    ),
            ),
            new WarningRule(
                'structured_needs_cap_frame',
                true,
                'a structured cap and no cap frame',
                static fn(SetupDecision $d): ?string => $d->framesKnown
                && $d->fit === null
                && $d->facts->item->isOnCap()
                && $d->facts->item->structure !== Structure::Unstructured
                    ? 'A structured cap cannot be forced into a flat frame: it would be damaged. It needs a cap '.
                        'frame, or an unstructured cap.'
                    : null,
            ),
            new WarningRule(
                'fits_no_frame',
                true,
                'no frame for the driver holds it with the margin',
                self::fitsNoFrame(...),
            ),
            new WarningRule(
                'motifs_overlap',
                true,
                'designs along one tube that lie over each other',
                static fn(SetupDecision $d): ?string => $d->facts->overlaps() === []
                    ? null
                    : sprintf(
                        'Along the tube %s. Change the place of one of them, or ask for a smaller version.',
                        implode('; ', $d->facts->overlaps()),
                    ),
            ),
        ];
    }

    private static function tooTall(SetupDecision $d): ?string
    {
        $limit = CapFace::profileLimitMm($d->facts->item->profile, $d->house);

        return match (true) {
            ! $d->facts->item->isOnCap()
                || $d->facts->item->position !== Position::CapFront
                || $d->facts->design->heightMm <= $limit
                => null,
            // Nobody said how high the cap is: more than the highest takes is too much for any.
            $d->facts->item->profile === Profile::None => sprintf(
                'The design is %s high and the highest cap takes %s. Ask for a version at most %s high.',
                $d->units()->said($d->facts->design->heightMm, 1),
                $d->units()->said($limit),
                $d->units()->said($limit),
            ),
            default => sprintf(
                'The design is %s high and a %s cap takes %s. Ask for a version at most %s high, or a higher cap.',
                $d->units()->said($d->facts->design->heightMm, 1),
                $d->facts->item->profile->value,
                $d->units()->said($limit),
                $d->units()->said($limit),
            ),
        };
    }

    private static function beyondWrap(SetupDecision $d): ?string
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
            $isSide => sprintf(
                'The driver reaches %s round from the front seam (%.0f°): there is no room for %s beside it. '.
                    'Ask for a narrower version, or take a cap frame that reaches further round.',
                $d->units()->said($face->wrapMm()),
                $face->halfAngleDeg,
                $d->units()->said($width),
            ),
            default => sprintf(
                'The design is %s wide and the driver reaches %s round this cap (%.0f° to each side). Ask for a '.
                    'version at most that wide, or sew the sides apart.',
                $d->units()->said($width),
                $d->units()->said(2 * $face->wrapMm()),
                $face->halfAngleDeg,
            ),
        };
    }

    private static function fitsNoFrame(SetupDecision $d): ?string
    {
        if (! $d->framesKnown || $d->drivers === []) {
            return null;
        }
        if ($d->fit === null) {
            return sprintf(
                'There is no frame for the %s driver. Get one, or change the garment.',
                $d->drivers[0]->value,
            );
        }

        $obstacle = $d->best?->obstacle($d->units());

        return $obstacle === null ? null : "No frame here does. The nearest is {$d->fit->frame->id}: {$obstacle}";
    }
}
