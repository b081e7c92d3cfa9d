<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\Garment\Measure;
use Hakama\Garment\Position as P;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\Units;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;

/** What is done before anything is hooped: the garment made ready, the place marked, backing cut. */
final class PrepareSteps
{
    private const STAGE = WorkStage::Prepare;

    /** @return list<NoteRule> */
    public static function all(): array
    {
        return [...self::garment(), ...self::place(), ...self::backing()];
    }

    /** @return list<NoteRule> */
    private static function garment(): array
    {
        $cap = static fn(SetupDecision $d): bool => $d->facts->item->isOnCap();
        $framed = static fn(SetupDecision $d): bool => $d->isInCapFrame();

        return [
            NoteRule::step(
                self::STAGE,
                'test_on_scrap',
                static fn(SetupDecision $d): bool => $d->isPractised() !== true,
                before: [S::Closed, S::OverArm],
            ),
            NoteRule::step(
                self::STAGE,
                'tell_customer_topper',
                static fn(SetupDecision $d): bool => $d->topper,
                school: [Question::TopperResidue, 'wash'],
            ),
            NoteRule::step(
                self::STAGE,
                'sweatband_out',
                $cap,
                makes: [S::Opened],
                before: [S::Closed],
            ),
            NoteRule::step(self::STAGE, 'bill_straight', $framed, before: [S::Closed]),
            NoteRule::step(
                self::STAGE,
                'strap_shut',
                $framed,
                before: [S::Closed],
                school: [Question::CapStrap, 'shut'],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_open',
                $framed,
                makes: [S::Opened],
                before: [S::Closed],
                school: [Question::CapStrap, 'open'],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_gap_for_style',
                $framed,
                self::strapGap(...),
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'clear_pockets',
                static fn(SetupDecision $d): bool => in_array(
                    $d->facts->item->garment,
                    [G::Trousers, G::Jacket, G::PaddedJacket, G::Hoodie, G::Apron],
                    true,
                ) || $d->facts->item->position === P::Leg,
                makes: [S::Cleared],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'open_side_seam',
                static fn(SetupDecision $d): bool => $d->access() === Access::OpenedSeam,
                makes: [S::Opened],
                before: [S::Stuck, S::Marked, S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'fold_cuff_open',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::KnitHat,
                makes: [S::Opened],
                before: [S::Closed],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function place(): array
    {
        $chest = static fn(SetupDecision $d): bool => $d->facts->item->position === P::LeftChest;
        $before = [S::InsideOut, S::Closed, S::OverArm];

        return [
            NoteRule::step(
                self::STAGE,
                'measure_chest',
                $chest,
                static fn(SetupDecision $d): Text => new Text('steps.does.measure_chest', [
                    'size' => self::size($d),
                    'place' => $d->placement->words($d->units()),
                    'garment' => $d->facts->item->garment->value,
                ]),
                makes: [S::Marked],
                before: $before,
                school: [Question::ChestPlace, 'measured'],
            ),
            NoteRule::step(
                self::STAGE,
                'chest_template',
                $chest,
                static fn(SetupDecision $d): Text => new Text('steps.does.chest_template', [
                    'size' => self::size($d),
                    'place' => $d->placement->words($d->units()),
                ]),
                makes: [S::Marked],
                before: $before,
                school: [Question::ChestPlace, 'template'],
            ),
            NoteRule::step(
                self::STAGE,
                'chest_peg',
                $chest,
                static fn(SetupDecision $d): Text => $d->placement->peg === ''
                    ? new Text('steps.does.chest_peg_unknown')
                    : new Text('steps.does.chest_peg', ['peg' => $d->placement->peg]),
                makes: [S::Marked],
                before: $before,
                school: [Question::ChestPlace, 'peg'],
            ),
            NoteRule::step(
                self::STAGE,
                'mark_place',
                static fn(SetupDecision $d): bool => $d->facts->item->position !== P::LeftChest
                    && ! $d->isInCapFrame(),
                static fn(SetupDecision $d): Text => new Text('steps.does.mark_place', [
                    'size' => self::size($d),
                    'place' => $d->placement->words($d->units()),
                ]),
                makes: [S::Marked],
                before: $before,
            ),
            NoteRule::step(
                self::STAGE,
                'lay_templates',
                static fn(SetupDecision $d): bool => $d->facts->item->isNarrowTube(),
                needs: [S::Marked],
                before: $before,
            ),
            NoteRule::step(
                self::STAGE,
                'mark_up_arrow',
                static fn(SetupDecision $d): bool => $d->hasSticker(),
                static fn(SetupDecision $d): Text => new Text('steps.does.mark_up_arrow', [
                    'turned' => $d->isInsideOut() ? 'yes' : 'no',
                ]),
                needs: [S::Marked],
                makes: [S::Sticker],
                before: $before,
            ),
            NoteRule::step(
                self::STAGE,
                'turn_inside_out',
                static fn(SetupDecision $d): bool => $d->isInsideOut(),
                needs: [S::Marked, S::Sticker],
                makes: [S::InsideOut],
                before: [S::Closed, S::OverArm],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function backing(): array
    {
        $applied = static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0;

        return [
            NoteRule::step(
                self::STAGE,
                'cloth_from_pattern',
                $applied,
                before: [S::Sewn],
                school: [Question::Applique, 'pre_cut'],
            ),
            NoteRule::step(
                self::STAGE,
                'sheet_of_patches',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::Patch
                    && max($d->facts->design->copies, self::mostPatches($d)) > 1,
                static fn(SetupDecision $d): Text => $d->facts->design->copies > 1
                    ? new Text('steps.does.sheet_of_patches', ['copies' => $d->facts->design->copies])
                    : new Text('steps.does.sheet_of_patches_first', ['copies' => self::mostPatches($d)]),
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'cut_backing',
                static fn(SetupDecision $d): bool => true,
                self::cut(...),
                makes: [S::BackingCut],
            ),
            NoteRule::step(
                self::STAGE,
                'sides_backing_longer',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position !== P::CapFront,
                needs: [S::BackingCut],
                before: [S::BackingInItem],
            ),
            NoteRule::step(
                self::STAGE,
                'short_second_layer',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->backing->count > 1,
                needs: [S::BackingCut],
                before: [S::BackingInItem],
            ),
            NoteRule::step(
                self::STAGE,
                'iron_mesh',
                static fn(SetupDecision $d): bool => $d->backing->backing === Backing::Mesh
                    && $d->facts->item->isNarrowTube(),
                needs: [S::BackingCut, S::Opened],
                makes: [S::Stuck],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'stick_backing',
                static fn(SetupDecision $d): bool => $d->backing->adhesive && ! $d->isStuckOn(),
                needs: [S::BackingCut, S::InsideOut],
                makes: [S::Stuck],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'pin_clear',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::Stocking && ! $d->closesOnMachine(),
                needs: [S::BackingCut, S::InsideOut],
                makes: [S::BackingInItem],
                before: [S::Closed],
            ),
        ];
    }

    /** As many of one patch as the field of its frame holds. */
    private static function mostPatches(SetupDecision $decided): int
    {
        $fit = $decided->fit;
        $design = $decided->facts->design;
        if ($fit === null || ! $fit->fits() || $fit->times() > 1 || $fit->frame->window->round) {
            return 1;
        }

        return Grid::mostIn(
            $fit->frame->window->widthMm - 2 * $fit->marginMm,
            $fit->frame->window->heightMm - 2 * $fit->marginMm,
            ...[
                ...in_array($fit->turn, [Turn::Quarter, Turn::ThreeQuarters], true)
                    ? [$design->heightMm, $design->widthMm]
                    : [$design->widthMm, $design->heightMm],
                $decided->house->value(HouseRule::CopiesGap),
            ],
        )->copies();
    }

    private static function strapGap(SetupDecision $decided): Text
    {
        $gap = $decided->facts->item->measures->mm(Measure::StrapGap);

        return $gap === null
            ? new Text('steps.does.strap_gap_unknown')
            : new Text('steps.does.strap_gap', ['gap' => $decided->units()->length($gap)]);
    }

    /** As it is ordered; "" where there is only one, or none is known. */
    private static function size(SetupDecision $decided): string
    {
        $size = $decided->facts->item->size;

        return $size === null || $size === Size::One ? '' : $size->value;
    }

    private static function cut(SetupDecision $decided): Text
    {
        if ($decided->fit === null) {
            return new Text('steps.does.cut_backing_no_frame', ['backing' => self::backingWords($decided)]);
        }
        $piece = BackingPiece::of($decided->fit->frame, $decided->house);
        $size = $decided->units() === Units::Millimetres
            ? sprintf('%.0f × %.0f mm', $piece->widthMm, $piece->heightMm)
            : $decided->units()->size($piece->widthMm, $piece->heightMm);

        return new Text($decided->closesOnMachine() ? 'steps.does.cut_backing_clamp' : 'steps.does.cut_backing', [
            'backing' => self::backingWords($decided),
            'size' => $size,
        ]);
    }

    /** "2 × cutaway of 60 g/m²". */
    private static function backingWords(SetupDecision $decided): Text
    {
        return new Text('steps.backing.weight', [
            'layers' => $decided->backing->words(),
            'gsm' => $decided->weight()->gsm($decided->house),
        ]);
    }
}
