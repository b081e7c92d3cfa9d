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
                'nothing says that this material was sewn before',
                static fn(SetupDecision $d): bool => $d->isPractised() !== true,
                'Sew it once on scrap at full size. Unhoop it, then check.',
                before: [S::Closed, S::OverArm],
            ),
            NoteRule::step(
                self::STAGE,
                'tell_customer_topper',
                'film that is left to the first wash',
                static fn(SetupDecision $d): bool => $d->topper,
                'Tell the customer that the first wash takes away what is left of the film.',
                school: [Question::TopperResidue, 'wash'],
            ),
            NoteRule::step(
                self::STAGE,
                'sweatband_out',
                'a cap',
                $cap,
                'Open the cap and take the card out. Pull the sweatband all the way out on its hinge; snip it where it is '.
                    'tacked at the sides.',
                makes: [S::Opened],
                before: [S::Closed],
            ),
            NoteRule::step(self::STAGE, 'bill_straight', 'a cap', $framed, 'Straighten the bill.', before: [S::Closed]),
            NoteRule::step(
                self::STAGE,
                'strap_shut',
                'a cap, and the house leaves the strap shut',
                $framed,
                'Leave the strap shut.',
                before: [S::Closed],
                school: [Question::CapStrap, 'shut'],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_open',
                'a cap, and the house opens the strap',
                $framed,
                'Open the strap. Keep its ends clear of the sewing arm.',
                makes: [S::Opened],
                before: [S::Closed],
                school: [Question::CapStrap, 'open'],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_gap_for_style',
                'a cap on the cap driver',
                $framed,
                self::strapGap(...),
                before: [S::Closed],
                usually: 'Set the gap of the frame’s strap once for this style of cap, and keep it for all of them.',
            ),
            NoteRule::step(
                self::STAGE,
                'clear_pockets',
                'trousers, jackets, hoodies and aprons',
                static fn(SetupDecision $d): bool => in_array(
                    $d->facts->item->garment,
                    [G::Trousers, G::Jacket, G::PaddedJacket, G::Hoodie, G::Apron],
                    true,
                ) || $d->facts->item->position === P::Leg,
                'Keep pockets, rivets and linings out of the sewing field.',
                makes: [S::Cleared],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'open_side_seam',
                'a sleeve or a leg that no driver here goes into',
                static fn(SetupDecision $d): bool => $d->access() === Access::OpenedSeam,
                'Open the seam and lay the tube flat.',
                makes: [S::Opened],
                before: [S::Stuck, S::Marked, S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'fold_cuff_open',
                'a knit hat with a cuff',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::KnitHat,
                'Fold the cuff open. Its outer side is what you sew.',
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
                'a left chest, measured each time',
                $chest,
                static fn(SetupDecision $d): string => sprintf(
                    'Mark the left chest%s: %s. One line across, one down%s.',
                    self::onSize($d),
                    implode('; ', $d->placement->words($d->units())),
                    $d->facts->item->garment === G::Polo ? '. Check it against the placket' : '',
                ),
                makes: [S::Marked],
                before: $before,
                school: [Question::ChestPlace, 'measured'],
                usually: 'Mark the left chest by measured lines, one across and one down; on a polo check it against the '.
                    'placket.',
            ),
            NoteRule::step(
                self::STAGE,
                'chest_template',
                'a left chest, by template',
                $chest,
                static fn(SetupDecision $d): string => sprintf(
                    'Lay the template for size %s on, its cross on the mark: %s.',
                    $d->facts->item->size->value ?? 'as ordered',
                    implode('; ', $d->placement->words($d->units())),
                ),
                makes: [S::Marked],
                before: $before,
                school: [Question::ChestPlace, 'template'],
                usually: 'Lay the template for the size on, its cross on the mark.',
            ),
            NoteRule::step(
                self::STAGE,
                'chest_peg',
                'a left chest, by peg',
                $chest,
                static fn(SetupDecision $d): string => $d->placement->peg === ''
                    ? 'Find the peg of the hooping station for this garment, size and place. Write it down here: you find '.
                        'it once.'
                    : sprintf('Set the hooping station to peg %s.', $d->placement->peg),
                makes: [S::Marked],
                before: $before,
                school: [Question::ChestPlace, 'peg'],
                usually: 'Set the hooping station to the peg for this garment, size and place.',
            ),
            NoteRule::step(
                self::STAGE,
                'mark_place',
                'any other place',
                static fn(SetupDecision $d): bool => $d->facts->item->position !== P::LeftChest
                    && ! $d->isInCapFrame(),
                static fn(SetupDecision $d): string => sprintf(
                    'Mark the place%s: %s.',
                    self::onSize($d),
                    implode('; ', $d->placement->words($d->units())),
                ),
                makes: [S::Marked],
                before: $before,
                usually: 'Mark the place.',
            ),
            NoteRule::step(
                self::STAGE,
                'lay_templates',
                'a narrow tube',
                static fn(SetupDecision $d): bool => $d->facts->item->isNarrowTube(),
                'Lay paper templates on at full size, each with a cross in its middle.',
                needs: [S::Marked],
                before: $before,
            ),
            NoteRule::step(
                self::STAGE,
                'mark_up_arrow',
                'something turned inside out or closed all round',
                static fn(SetupDecision $d): bool => $d->hasSticker(),
                static fn(SetupDecision $d): string => 'Put a sticker on the mark that shows the centre and which way is up'.
                    ($d->isInsideOut() ? ', before you turn it inside out.' : '.'),
                needs: [S::Marked],
                makes: [S::Sticker],
                before: $before,
                usually: 'Put a sticker on the mark that shows the centre and which way is up.',
            ),
            NoteRule::step(
                self::STAGE,
                'turn_inside_out',
                'a closed shape that is sewn from within',
                static fn(SetupDecision $d): bool => $d->isInsideOut(),
                'Turn it inside out.',
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
                'applied cloth, cut beforehand',
                $applied,
                'Cut each cloth from its paper pattern at full size, right side up.',
                before: [S::Sewn],
                school: [Question::Applique, 'pre_cut'],
            ),
            NoteRule::step(
                self::STAGE,
                'sheet_of_patches',
                'patches, several of which a frame holds',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::Patch
                    && max($d->facts->design->copies, self::mostPatches($d)) > 1,
                static fn(SetupDecision $d): string => $d->facts->design->copies > 1
                    ? sprintf(
                        'One frame holds %d patches. Cut, hoop, sew and count them as one load.',
                        $d->facts->design->copies,
                    )
                    : sprintf(
                        'The frame has room for %d of them and the design is one. Make a sheet of %d first: one hooping '.
                            'and one set of colour changes for all.',
                        self::mostPatches($d),
                        self::mostPatches($d),
                    ),
                before: [S::Closed],
                usually: 'One frame holds several patches. Cut, hoop, sew and count them as one load.',
            ),
            NoteRule::step(
                self::STAGE,
                'cut_backing',
                'always',
                static fn(SetupDecision $d): bool => true,
                self::cut(...),
                makes: [S::BackingCut],
                usually: 'Cut the backing. It reaches beyond the frame on every side.',
            ),
            NoteRule::step(
                self::STAGE,
                'sides_backing_longer',
                'the side or the back of a cap',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position !== P::CapFront,
                'Let the backing reach round to the sides.',
                needs: [S::BackingCut],
                before: [S::BackingInItem],
            ),
            NoteRule::step(
                self::STAGE,
                'short_second_layer',
                'a second layer under the front of a cap',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->backing->count > 1,
                'The second layer may be a short off-cut, between the front of the cap and the long piece.',
                needs: [S::BackingCut],
                before: [S::BackingInItem],
            ),
            NoteRule::step(
                self::STAGE,
                'iron_mesh',
                'mesh on a narrow tube',
                static fn(SetupDecision $d): bool => $d->backing->backing === Backing::Mesh
                    && $d->facts->item->isNarrowTube(),
                'Iron the fusible mesh to the inside.',
                needs: [S::BackingCut, S::Opened],
                makes: [S::Stuck],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'stick_backing',
                'backing that is stuck to the inside',
                static fn(SetupDecision $d): bool => $d->backing->adhesive && ! $d->isStuckOn(),
                'Spray one layer lightly. Stick it to the inside and smooth it without stretching.',
                needs: [S::BackingCut, S::InsideOut],
                makes: [S::Stuck],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'pin_clear',
                'a stocking',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::Stocking && ! $d->closesOnMachine(),
                'Pin the backing to the cloth, the pins clear of the sewing field.',
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

    private static function strapGap(SetupDecision $decided): string
    {
        $gap = $decided->facts->item->measures->mm(Measure::StrapGap);

        return $gap === null
            ? 'Set the gap of the frame’s strap once for this style of cap. Write it down in the catalogue for all of them.'
            : sprintf(
                'Set the gap of the frame’s strap to %s, as found for this style of cap.',
                $decided->units()->length($gap),
            );
    }

    private static function onSize(SetupDecision $decided): string
    {
        return $decided->facts->item->size === null || $decided->facts->item->size === Size::One
            ? ''
            : ", size {$decided->facts->item->size->value}";
    }

    private static function cut(SetupDecision $decided): string
    {
        if ($decided->fit === null) {
            return sprintf('Cut the backing: %s, larger than the frame on every side.', self::backingWords($decided));
        }
        $piece = BackingPiece::of($decided->fit->frame, $decided->house);
        $size = $decided->units() === Units::Millimetres
            ? sprintf('%.0f × %.0f mm', $piece->widthMm, $piece->heightMm)
            : $decided->units()->size($piece->widthMm, $piece->heightMm);

        return sprintf(
            $decided->closesOnMachine()
                ? 'Cut the backing: %s, %s. A small off-cut will do, as long as the clamp reaches it.'
                : 'Cut the backing: %s, %s. It reaches beyond the frame on every side.',
            self::backingWords($decided),
            $size,
        );
    }

    /** "2 × cutaway of 60 g/m²". */
    private static function backingWords(SetupDecision $decided): string
    {
        return "{$decided->backing->words()} of {$decided->weight()->gsm($decided->house)} g/m²";
    }
}
