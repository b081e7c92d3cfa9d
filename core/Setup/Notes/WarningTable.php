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
use Hakama\Setup\Fit\MachineFit;
use Hakama\Setup\Fit\Obstruction;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Stitch\Band;
use Hakama\Stitch\Point;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

/** What may stand in the way of a decoration: first what stops it, then what is to be minded. */
final class WarningTable
{
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
                self::underTheArm(...),
            ),
            new WarningRule(
                'neck_travel',
                false,
                static fn(SetupDecision $d): ?Text => $d->facts->neckIsTight()
                    ? new Text('warnings.says.neck_travel', [
                        'width' => $d->units()->said($d->facts->design->widthMm),
                        'travel' => $d->units()->said((float) $d->facts->travelMm()),
                    ])
                    : null,
            ),
            new WarningRule(
                'not_digitised_for_caps',
                false,
                static fn(SetupDecision $d): ?Text => $d->facts->item->isOnCap()
                && $d->facts->design->order->spoilsACap($d->follows(Question::CapOrder, 'both'))
                    ? new Text('warnings.says.not_digitised_for_caps')
                    : null,
            ),
            new WarningRule(
                'seam_or_opening_in_the_way',
                static fn(SetupDecision $d): bool => array_filter(
                    $d->obstructions,
                    static fn(Obstruction $one): bool => $one->isBarred(),
                ) !== [],
                static fn(SetupDecision $d): ?Text => self::inTheWay($d) ?? self::onSeamOfCap($d),
            ),
            new WarningRule(
                'fine_needle_on_thick',
                false,
                static fn(SetupDecision $d): ?Text => $d->decisions->needle->value->isThin()
                && ($d->facts->item->structure->needsCapFrame()
                    || in_array($d->facts->item->cloth->fabric, [F::Canvas, F::Denim, F::Leather], true)
                    || $d->facts->item->cloth->thickness === Thickness::Heavy)
                    ? new Text('warnings.says.fine_needle_on_thick')
                    : null,
            ),
            new WarningRule(
                'clamp_marks',
                false,
                static fn(SetupDecision $d): ?Text => in_array(
                    $d->facts->item->cloth->fabric,
                    [F::Vinyl, F::Leather, F::Plush, F::Quilted],
                    true,
                )
                    ? new Text('warnings.says.clamp_marks')
                    : null,
            ),
            new WarningRule(
                'heat_marks',
                false,
                static fn(SetupDecision $d): ?Text => $d->facts->item->cloth->isSpoiledByHeat()
                || $d->facts->item->garment === G::PaddedJacket
                    ? new Text('warnings.says.heat_marks')
                    : null,
            ),
            new WarningRule(
                'bulk_behind_arm',
                false,
                static fn(SetupDecision $d): ?Text => MachineFit::hasBulkBehindArm(
                    $d->facts->item->garment,
                    $d->facts->machine->gapUnderCarriage,
                )
                    ? new Text('warnings.says.bulk_behind_arm')
                    : null,
            ),
            new WarningRule(
                'below_ring_line',
                false,
                static fn(SetupDecision $d): ?Text => $d->isInCapFrame()
                && $d->facts->item->position === Position::CapFront
                && $d->fit?->frame->lowLineMm !== null
                && -$d->placement->downMm < $d->fit->frame->lowLineMm
                    ? new Text('warnings.says.below_ring_line', [
                        'frame' => $d->fit->frame->id,
                        'low_line' => $d->units()->said($d->fit->frame->lowLineMm),
                        'down' => $d->units()->said(-$d->placement->downMm),
                    ])
                    : null,
            ),
            new WarningRule(
                'small_lettering',
                false,
                self::smallLetters(...),
            ),
            new WarningRule(
                'puckering_risk',
                false,
                static fn(SetupDecision $d): ?Text => in_array(
                    $d->facts->item->cloth->fabric,
                    [F::TechnicalKnit, F::Fleece, F::Jersey],
                    true,
                ) || $d->facts->item->cloth->stretch === Stretch::High
                    ? new Text('warnings.says.puckering_risk')
                    : null,
            ),
            new WarningRule(
                'dense_for_fabric',
                false,
                static fn(SetupDecision $d): ?Text => $d->facts->isDense($d->house)
                && ($d->facts->item->cloth->fabric->isKnit()
                    || $d->facts->item->cloth->thickness === Thickness::Light
                    || in_array($d->facts->item->cloth->fabric, [F::Vinyl, F::Leather], true))
                    ? new Text('warnings.says.dense_for_fabric', [
                        'stitches' => new Decimal($d->facts->design->stitchesPerCm2(), 0),
                    ])
                    : null,
            ),
            new WarningRule(
                'not_practised',
                false,
                static fn(SetupDecision $d): ?Text => match (true) {
                    $d->isPractised() !== false => null,
                    $d->facts->history->practised === true => new Text('warnings.says.not_practised_frame', [
                        'kind' => $d->fit?->frame->kind->label() ?? '',
                    ]),
                    default => new Text('warnings.says.not_practised'),
                },
            ),
            new WarningRule(
                'value_at_risk',
                false,
                static fn(SetupDecision $d): ?Text => $d->facts->history->unitValueCents !== null
                && $d->facts->history->unitValueCents >= $d->house->value(HouseRule::ValueAtRisk)
                    ? self::atRisk($d)
                    : null,
            ),
            new WarningRule(
                'window_offset',
                false,
                static fn(SetupDecision $d): ?Text => $d->fit !== null && $d->fit->frame->isOffCentre()
                    ? new Text('warnings.says.window_offset', [
                        'frame' => $d->fit->frame->id,
                        'where' => (new Point($d->fit->frame->offsetX, $d->fit->frame->offsetY))->seenFrom(new Point(0, 0)),
                    ])
                    : null,
            ),
            new WarningRule(
                'several_hoopings',
                false,
                self::severalHoopings(...),
            ),
            new WarningRule(
                'too_many_colours',
                false,
                static fn(SetupDecision $d): ?Text => $d->facts->machine->needles !== null
                && $d->facts->design->colours > $d->facts->machine->needles
                    ? new Text('warnings.says.too_many_colours', [
                        'colours' => $d->facts->design->colours,
                        'needles' => $d->facts->machine->needles,
                    ])
                    : null,
            ),
            new WarningRule(
                'seam_too_thick',
                false,
                self::tooThick(...),
            ),
            new WarningRule(
                'backing_smaller_than_frame',
                false,
                static fn(SetupDecision $d): ?Text => $d->fit !== null
                && min(self::piece($d)->widthMm, self::piece($d)->heightMm) > $d->house->value(HouseRule::BackingRoll)
                    ? new Text('warnings.says.backing_smaller_than_frame', [
                        'size' => $d->units()->size(self::piece($d)->widthMm, self::piece($d)->heightMm),
                        'widest' => $d->units()->said($d->house->value(HouseRule::BackingRoll)),
                    ])
                    : null,
            ),
        ];
    }

    private static function underTheArm(SetupDecision $d): ?Text
    {
        $chest = $d->facts->item->measures->mm(Measure::ChestWidth);
        if ($d->facts->item->position !== Position::LeftChest || $chest === null) {
            return null;
        }
        $left = $chest / 2 - $d->placement->acrossMm - $d->facts->design->widthMm / 2;

        return $left < self::UNDER_ARM_MM
            ? new Text('warnings.says.under_the_arm', ['left' => $d->units()->said($left)])
            : null;
    }

    private static function atRisk(SetupDecision $d): Text
    {
        $each = $d->facts->history->unitValueCents ?? 0;
        $garments = $d->facts->history->garments ?? 1;

        return new Text('warnings.says.value_at_risk', [
            'each' => new Decimal($each / 100, 2),
            'garments' => $garments,
            'together' => new Decimal($garments * $each / 100, 2),
            'spares' => $d->facts->history->spares ?? 0,
        ]);
    }

    private static function severalHoopings(SetupDecision $d): ?Text
    {
        $bands = $d->facts->design->bands;
        $alongMm =
            $bands === []
                ? $d->facts->design->heightMm
                : max(array_map(static fn(Band $band): float => $band->top, $bands)) -
                    min(array_map(static fn(Band $band): float => $band->bottom, $bands));

        return $d->hoopings() > 1
            ? new Text('warnings.says.several_hoopings', [
                'along' => $d->units()->said($alongMm),
                'reach' => $d->units()->said(Hoopings::reachMm($d->house, $d->fit?->frame)),
                'hoopings' => $d->hoopings(),
            ])
            : null;
    }

    private static function piece(SetupDecision $d): BackingPiece
    {
        assert($d->fit !== null);

        return BackingPiece::of($d->fit->frame, $d->house);
    }

    /** The worst of what lies under the design, or beside it. */
    private static function inTheWay(SetupDecision $d): ?Text
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

    private static function smallLetters(SetupDecision $d): ?Text
    {
        $limit = $d->house->value(HouseRule::SmallLetter);
        $least = $d->house->value(HouseRule::UnreadableLetter);
        $letters = (float) $d->facts->design->letters->smallestMm;

        return match (true) {
            ! $d->facts->design->hasSmallLetters($limit) => null,
            $letters < $least => new Text('warnings.says.unreadable_letters', [
                'letters' => $d->units()->said($letters, 1),
                'least' => $d->units()->said($least),
            ]),
            default => new Text('warnings.says.small_lettering', [
                'letters' => $d->units()->said($letters, 1),
                'limit' => $d->units()->said($limit),
            ]),
        };
    }

    private static function tooThick(SetupDecision $d): ?Text
    {
        foreach ($d->obstructions as $crossing) {
            if ($crossing->isStruck()) {
                return $crossing->words($d->units());
            }
        }

        return MachineFit::isLightForSeams($d->facts->item, $d->facts->machine->needles)
            ? new Text('warnings.says.light_machine')
            : null;
    }

    private static function onSeamOfCap(SetupDecision $d): ?Text
    {
        $face = CapFace::forFacts($d->facts, $d->house);
        $position = $d->facts->item->position;
        $width = $d->facts->design->widthMm;
        $centre = $face->centreMm($position, $width);

        return $d->facts->item->isOnCap() && $face->crossesSeam($position, $width)
            ? new Text('warnings.says.across_seam_of_cap', [
                'width' => $d->units()->said($width),
                'middle' => $d->units()->said($centre),
                'face' => $position->value,
                'angle' => new Decimal($face->angleDeg($centre), 0),
                'seam' => $d->units()->said($face->seamMm(1)),
                'second_seam' => $d->units()->said($face->seamMm(2)),
            ])
            : null;
    }
}
