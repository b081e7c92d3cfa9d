<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Fabric as F;
use Hakama\Garment\Garment as G;
use Hakama\Garment\Measure;
use Hakama\Garment\Position;
use Hakama\Garment\Stretch;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Fit\Obstruction;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Stitch\Band;
use Hakama\Stitch\Point;

/** What may stand in the way of a decoration: first what stops it, then what is to be minded. */
final class WarningTable
{
    /** Machines with so few needles are the light ones. */
    private const LIGHT_MACHINE_NEEDLES = 6;
    /** A design whose outer edge comes within this of the side lies under the arm when it is worn. */
    private const UNDER_ARM_MM = 40.0;

    /** @return list<WarningRule> */
    public static function all(): array
    {
        /** @var list<WarningRule>|null $kept */
        static $kept = null;

        return $kept ??= [
            ...StopTable::all(),
            new WarningRule(
                'under_the_arm',
                false,
                'a left chest whose outer edge comes near the side of the garment',
                self::underTheArm(...),
            ),
            new WarningRule(
                'neck_travel',
                false,
                'a design wider than the neck opening less the arm',
                static fn(SetupDecision $d): ?string => $d->facts->neckIsTight()
                    ? sprintf(
                        'The design is %s wide and the neck leaves the frame %s: neck first it would be held back. '.
                            'Waist first, turned half round, never mirrored.',
                        $d->units()->said($d->facts->design->widthMm),
                        $d->units()->said((float) $d->facts->travelMm()),
                    )
                    : null,
            ),
            new WarningRule(
                'not_digitised_for_caps',
                false,
                'a cap, and an artwork not sewn from the middle outwards and from the bill upwards',
                static fn(SetupDecision $d): ?string => $d->facts->item->isOnCap()
                && $d->facts->design->order->spoilsACap($d->follows(Question::CapOrder, 'both'))
                    ? 'The artwork is not sewn as a cap wants it: slack is pushed into the design. Ask for a cap '.
                        'version, from the middle outwards and from the bill upwards.'
                    : null,
            ),
            new WarningRule(
                'seam_or_opening_in_the_way',
                static fn(SetupDecision $d): bool => array_filter(
                    $d->obstructions,
                    static fn(Obstruction $one): bool => $one->isBarred(),
                ) !== [],
                'a design across a placket, a zip, a pocket or an opening (stops), across a seam, or nearer to one of them '.
                    'than the foot',
                static fn(SetupDecision $d): ?string => self::inTheWay($d) ?? self::onSeamOfCap($d),
            ),
            new WarningRule(
                'fine_needle_on_thick',
                false,
                'a fine needle against cloth that bends it',
                static fn(SetupDecision $d): ?string => $d->decisions->needle->value->isThin()
                && ($d->facts->item->structure->needsCapFrame()
                    || in_array($d->facts->item->cloth->fabric, [F::Canvas, F::Denim, F::Leather], true)
                    || $d->facts->item->cloth->thickness === Thickness::Heavy)
                    ? 'Fine thread asks for a fine needle, and cloth this thick bends it: larger letters and usual '.
                        'thread, or slowly and with spare needles.'
                    : null,
            ),
            new WarningRule(
                'clamp_marks',
                false,
                'cloth that keeps the mark of what held it',
                static fn(SetupDecision $d): ?string => in_array(
                    $d->facts->item->cloth->fabric,
                    [F::Vinyl, F::Leather, F::Plush, F::Quilted],
                    true,
                )
                    ? 'What holds it leaves its mark on this cloth: stick it on hooped backing, or pad frame and '.
                        'clamp, and try it on a scrap.'
                    : null,
            ),
            new WarningRule(
                'heat_marks',
                false,
                'cloth that heat spoils',
                static fn(SetupDecision $d): ?string => $d->facts->item->cloth->isSpoiledByHeat()
                || $d->facts->item->garment === G::PaddedJacket
                    ? 'Heat spoils it: no iron and no press, for marks and backing neither.'
                    : null,
            ),
            new WarningRule(
                'bulk_behind_arm',
                false,
                'a bulky garment on a machine without a gap under its carriage',
                static fn(SetupDecision $d): ?string => $d->facts->machine->gapUnderCarriage === false
                && $d->facts->item->garment->isClippedUp()
                    ? 'This machine has no gap between carriage and arm: the body has to be clipped up so that it '.
                        'hangs free of what moves.'
                    : null,
            ),
            new WarningRule(
                'below_ring_line',
                false,
                'a design on a cap that begins lower than its ring can sew',
                static fn(SetupDecision $d): ?string => $d->isInCapFrame()
                && $d->facts->item->position === Position::CapFront
                && $d->fit?->frame->lowLineMm !== null
                && -$d->placement->downMm < $d->fit->frame->lowLineMm
                    ? sprintf(
                        'The lowest line of %s is %s above the bill seam and the design begins at %s: the foot strikes the '.
                            'strap. Move it up.',
                        $d->fit->frame->id,
                        $d->units()->said($d->fit->frame->lowLineMm),
                        $d->units()->said(-$d->placement->downMm),
                    )
                    : null,
            ),
            new WarningRule(
                'small_lettering',
                false,
                'letters lower than the house’s limit',
                self::smallLetters(...),
            ),
            new WarningRule(
                'puckering_risk',
                false,
                'thin, soft or stretchy knits',
                static fn(SetupDecision $d): ?string => in_array(
                    $d->facts->item->cloth->fabric,
                    [F::TechnicalKnit, F::Fleece, F::Jersey],
                    true,
                ) || $d->facts->item->cloth->stretch === Stretch::High
                    ? 'This cloth puckers, and shows it only after unhooping: smooth it without stretching, and look '.
                        'at the first one unhooped.'
                    : null,
            ),
            new WarningRule(
                'dense_for_fabric',
                false,
                'a dense design on soft or thin cloth',
                static fn(SetupDecision $d): ?string => $d->facts->isDense($d->house)
                && ($d->facts->item->cloth->fabric->isKnit()
                    || $d->facts->item->cloth->thickness === Thickness::Light
                    || in_array($d->facts->item->cloth->fabric, [F::Vinyl, F::Leather], true))
                    ? sprintf(
                        '%.0f stitches per cm² are much for this cloth: it stiffens, puckers or is cut. Ask for a '.
                            'lighter version.',
                        $d->facts->design->stitchesPerCm2(),
                    )
                    : null,
            ),
            new WarningRule(
                'not_practised',
                false,
                'a material nobody here has sewn',
                static fn(SetupDecision $d): ?string => match (true) {
                    $d->isPractised() !== false => null,
                    $d->facts->history->practised === true => sprintf(
                        'Nobody here has sewn this material in a %s frame yet: practise on scrap or an old garment first.',
                        $d->fit?->frame->kind->value,
                    ),
                    default => 'Nobody here has sewn this material at such a place yet: practise on scrap or an old '.
                        'garment before the promise is made.',
                },
            ),
            new WarningRule(
                'value_at_risk',
                false,
                'a garment worth more than the house’s limit',
                static fn(SetupDecision $d): ?string => $d->facts->history->unitValueCents !== null
                && $d->facts->history->unitValueCents >= $d->house->value(HouseRule::ValueAtRisk)
                    ? self::atRisk($d)
                    : null,
            ),
            new WarningRule(
                'window_offset',
                false,
                'a frame whose window does not lie about the machine’s own centre',
                static fn(SetupDecision $d): ?string => $d->fit !== null && $d->fit->frame->isOffCentre()
                    ? sprintf(
                        'The middle of the window of %s lies %s what the machine takes for its centre: find the true '.
                            'centre from the notches, and do not let it scan.',
                        $d->fit->frame->id,
                        (new Point($d->fit->frame->offsetX, $d->fit->frame->offsetY))->seenFrom(new Point(0, 0)),
                    )
                    : null,
            ),
            new WarningRule(
                'several_hoopings',
                false,
                'a design on a narrow tube longer than one hooping reaches',
                self::severalHoopings(...),
            ),
            new WarningRule(
                'too_many_colours',
                false,
                'more colours than the machine has needles',
                static fn(SetupDecision $d): ?string => $d->facts->machine->needles !== null
                && $d->facts->design->colours > $d->facts->machine->needles
                    ? sprintf(
                        '%d colours and %d needles: threads have to be swapped at stops, or a machine with more needles taken.',
                        $d->facts->design->colours,
                        $d->facts->machine->needles,
                    )
                    : null,
            ),
            new WarningRule(
                'seam_too_thick',
                false,
                'a design across a seam thicker than the foot clears, or thick seams about on a light machine',
                self::tooThick(...),
            ),
            new WarningRule(
                'backing_smaller_than_frame',
                false,
                'a frame larger than any piece of backing',
                static fn(SetupDecision $d): ?string => $d->fit !== null
                && min(self::piece($d)->widthMm, self::piece($d)->heightMm) > $d->house->value(HouseRule::BackingRoll)
                    ? sprintf(
                        'Backing of %s is wanted and the widest there is has %s: lay two pieces that overlap, or '.
                            'take a smaller frame.',
                        $d->units()->size(self::piece($d)->widthMm, self::piece($d)->heightMm),
                        $d->units()->said($d->house->value(HouseRule::BackingRoll)),
                    )
                    : null,
            ),
        ];
    }

    private static function underTheArm(SetupDecision $d): ?string
    {
        $chest = $d->facts->item->measures->mm(Measure::ChestWidth);
        if ($d->facts->item->position !== Position::LeftChest || $chest === null) {
            return null;
        }
        $left = $chest / 2 - $d->placement->acrossMm - $d->facts->design->widthMm / 2;

        return $left < self::UNDER_ARM_MM
            ? sprintf(
                'Only %s are left between the design and the side: it hangs under the arm. Nearer to the centre '.
                    'front, or smaller.',
                $d->units()->said($left),
            )
            : null;
    }

    private static function atRisk(SetupDecision $d): string
    {
        $each = $d->facts->history->unitValueCents ?? 0;
        $words = sprintf('Each garment is worth %.2f', $each / 100);
        if ($d->facts->history->garments !== null && $d->facts->history->garments > 1) {
            $words .= sprintf(
                ', the %d of them %.2f',
                $d->facts->history->garments,
                ($d->facts->history->garments * $each) / 100,
            );
        }

        return $words.
            match ($d->facts->history->spares) {
                null, 0 => ': ask for a spare, and sew the first one alone.',
                1 => '; there is one spare. Sew the first one alone.',
                default => "; there are {$d->facts->history->spares} spares. Sew the first one alone.",
            };
    }

    private static function severalHoopings(SetupDecision $d): ?string
    {
        $bands = $d->facts->design->bands;
        $alongMm =
            $bands === []
                ? $d->facts->design->heightMm
                : max(array_map(static fn(Band $band): float => $band->top, $bands)) -
                    min(array_map(static fn(Band $band): float => $band->bottom, $bands));

        return $d->hoopings() > 1
            ? sprintf(
                '%s along the tube and %s at one hooping: %d hoopings, moving along the tube, with a template mark '.
                    'for each and no motif across two.',
                $d->units()->said($alongMm),
                $d->units()->said(Hoopings::reachMm($d->house, $d->fit?->frame)),
                $d->hoopings(),
            )
            : null;
    }

    private static function piece(SetupDecision $d): BackingPiece
    {
        assert($d->fit !== null);

        return BackingPiece::of($d->fit->frame, $d->house);
    }

    /** The worst of what lies under the design, or beside it. */
    private static function inTheWay(SetupDecision $d): ?string
    {
        $worst = $d->obstructions;
        usort(
            $worst,
            static fn(Obstruction $one, Obstruction $two): int => [$two->isBarred(), $two->isAcross()] <=> [
                $one->isBarred(),
                $one->isAcross(),
            ],
        );

        return $worst === [] ? null : $worst[0]->words($d->units());
    }

    private static function smallLetters(SetupDecision $d): ?string
    {
        $limit = $d->house->value(HouseRule::SmallLetter);
        $least = $d->house->value(HouseRule::UnreadableLetter);
        $letters = (float) $d->facts->design->letters->smallestMm;

        return match (true) {
            ! $d->facts->design->hasSmallLetters($limit) => null,
            $letters < $least => sprintf(
                'The smallest letters are %s high. Below %s no thread makes them readable: larger letters, or leave them out.',
                $d->units()->said($letters, 1),
                $d->units()->said($least),
            ),
            default => sprintf(
                'The smallest letters are %s high and close up below %s: fine thread and needle, or larger letters.',
                $d->units()->said($letters, 1),
                $d->units()->said($limit),
            ),
        };
    }

    private static function tooThick(SetupDecision $d): ?string
    {
        foreach ($d->obstructions as $crossing) {
            if ($crossing->isStruck()) {
                return $crossing->words($d->units());
            }
        }
        $isLight = $d->facts->machine->needles !== null && $d->facts->machine->needles <= self::LIGHT_MACHINE_NEEDLES;
        $hasSeams = $d->facts->item->isNarrowTube()
            || in_array($d->facts->item->garment, [G::Trousers, G::Bag, G::Jacket], true);

        return $isLight && $hasSeams && $d->facts->item->cloth->thickness === Thickness::Heavy
            ? 'A light machine breaks needles on seams this thick: keep clear of them, or take a heavier machine.'
            : null;
    }

    private static function onSeamOfCap(SetupDecision $d): ?string
    {
        $face = CapFace::forFacts($d->facts, $d->house);
        $position = $d->facts->item->position;
        $width = $d->facts->design->widthMm;
        $centre = $face->centreMm($position, $width);

        return $d->facts->item->isOnCap() && $face->crossesSeam($position, $width)
            ? sprintf(
                'The design is %s wide, its middle %s round from the %s seam (%.0f°), and it crosses a seam of the '.
                    'panel: those are at %s%s. Ask for a smaller version, or sew slowly over the seam%s.',
                $d->units()->said($width),
                $d->units()->said($centre),
                $position === Position::CapBack ? 'back' : 'front',
                $face->angleDeg($centre),
                $d->units()->said($face->seamMm(1)),
                $position === Position::CapSide ? " and {$d->units()->said($face->seamMm(2))}" : '',
                $position === Position::CapBack
                    ? '; look at the opening of the strap too, whose lower edge gives way'
                    : '',
            )
            : null;
    }
}
