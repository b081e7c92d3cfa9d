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
use Hakama\Setup\Rules\SetupDecision;

/** What is done before anything is hooped: the garment made ready, backing cut, the place marked. */
final class PrepareSteps
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        $always = static fn(SetupDecision $d): bool => true;
        $cap = static fn(SetupDecision $d): bool => $d->facts->item->isOnCap();
        $framed = static fn(SetupDecision $d): bool => $d->isInCapFrame();
        $film = static fn(SetupDecision $d): bool => $d->topper;
        $chest = static fn(SetupDecision $d): bool => $d->facts->item->position === P::LeftChest;
        $closed = static fn(SetupDecision $d): bool => in_array($d->facts->item->garment, [G::Stocking, G::Bag], true);

        return [
            new NoteRule(
                'test_on_scrap',
                'nothing says that this material was sewn before',
                static fn(SetupDecision $d): bool => $d->facts->history->practised !== true,
                'Sew it once on scrap at real size, and look at it unhooped.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'tell_customer_topper',
                'film that is left to the first wash',
                $film,
                'Tell the customer that what is left of the film goes with the first wash.',
                WorkStage::Prepare,
                Question::TopperResidue,
                'wash',
            ),
            new NoteRule(
                'sweatband_out',
                'a cap',
                $cap,
                'Open the cap, take the card out, pull the sweatband all the way out; snip it where it is tacked at the sides.',
                WorkStage::Prepare,
            ),
            new NoteRule('bill_straight', 'a cap', $framed, 'Straighten the bill.', WorkStage::Prepare),
            new NoteRule(
                'strap_shut',
                'a cap, and the house leaves the strap shut',
                $framed,
                'Leave the strap shut.',
                WorkStage::Prepare,
                Question::CapStrap,
                'shut',
            ),
            new NoteRule(
                'strap_open',
                'a cap, and the house opens the strap',
                $framed,
                'Open the strap, and keep its ends clear of the sewing arm.',
                WorkStage::Prepare,
                Question::CapStrap,
                'open',
            ),
            new NoteRule(
                'strap_gap_for_style',
                'a cap on the cap driver',
                $framed,
                'Set the gap of the strap once for this style of cap, and keep it: it is the same for all of them.',
                WorkStage::Prepare,
                says: self::strapGap(...),
            ),
            new NoteRule(
                'sides_backing_longer',
                'the side or the back of a cap',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position !== P::CapFront,
                'Cut the backing long enough to reach round to the sides; a second layer under the front may be a short '.
                    'off-cut between the cap and the long piece.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'cloth_from_pattern',
                'applied cloth, cut beforehand',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0,
                'Cut each cloth from its paper pattern at real size, the right side up.',
                WorkStage::Prepare,
                Question::Applique,
                'pre_cut',
            ),
            new NoteRule(
                'mark_up_arrow',
                'something turned inside out or closed all round',
                $closed,
                'Mark the centre and which way is up with a sticker before it is turned inside out.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'open_side_seam',
                'a sleeve or a leg that no driver here goes into',
                static fn(SetupDecision $d): bool => $d->access() === Access::OpenedSeam,
                'Open the side seam and lay the tube flat.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'clear_pockets',
                'trousers, jackets, hoodies and aprons',
                static fn(SetupDecision $d): bool => in_array(
                    $d->facts->item->garment,
                    [G::Trousers, G::Jacket, G::PaddedJacket, G::Hoodie, G::Apron],
                    true,
                ) || $d->facts->item->position === P::Leg,
                'Pockets, rivets and linings out of the field.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'cut_backing',
                'always',
                $always,
                'Cut the backing; it reaches beyond the frame on every side.',
                WorkStage::Prepare,
                says: static fn(SetupDecision $d): string => self::cut($d),
            ),
            new NoteRule(
                'iron_mesh',
                'mesh on a narrow tube',
                static fn(SetupDecision $d): bool => $d->backing->backing === Backing::Mesh
                    && $d->facts->item->isNarrowTube(),
                'Iron the fusible mesh to the inside.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'stick_backing',
                'backing that is stuck',
                static fn(SetupDecision $d): bool => $d->backing->adhesive,
                'Spray one layer lightly, stick it to the inside and smooth it without stretching.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'measure_chest',
                'a left chest, measured each time',
                $chest,
                'Mark the left chest by measured lines, one across and one down; on a polo check it against the placket.',
                WorkStage::Prepare,
                Question::ChestPlace,
                'measured',
                says: static fn(SetupDecision $d): string => sprintf(
                    'Mark the left chest%s: %s. One line across, one down%s.',
                    self::onSize($d),
                    implode('; ', $d->placement->words($d->units())),
                    $d->facts->item->garment === G::Polo ? '; check it against the placket' : '',
                ),
            ),
            new NoteRule(
                'chest_template',
                'a left chest, by template',
                $chest,
                'Lay the template for the size on, its cross on the mark.',
                WorkStage::Prepare,
                Question::ChestPlace,
                'template',
                says: static fn(SetupDecision $d): string => sprintf(
                    'Lay the template for size %s on, its cross on the mark: %s.',
                    $d->facts->item->size->value ?? 'as ordered',
                    implode('; ', $d->placement->words($d->units())),
                ),
            ),
            new NoteRule(
                'chest_peg',
                'a left chest, by peg',
                $chest,
                'Set the hooping station to the peg for this garment, size and place.',
                WorkStage::Prepare,
                Question::ChestPlace,
                'peg',
                says: static fn(SetupDecision $d): string => $d->placement->peg === ''
                    ? 'Find the peg of the hooping station for this garment, size and place, and write it down here: '.
                        'it is found once.'
                    : sprintf('Set the hooping station to peg %s.', $d->placement->peg),
            ),
            new NoteRule(
                'mark_place',
                'any other place',
                static fn(SetupDecision $d): bool => $d->facts->item->position !== P::LeftChest
                    && ! $d->facts->item->isOnCap(),
                'Mark the place.',
                WorkStage::Prepare,
                says: static fn(SetupDecision $d): string => sprintf(
                    'Mark the place%s: %s.',
                    self::onSize($d),
                    implode('; ', $d->placement->words($d->units())),
                ),
            ),
            new NoteRule(
                'lay_templates',
                'a narrow tube',
                static fn(SetupDecision $d): bool => $d->facts->item->isNarrowTube(),
                'Lay paper templates at real size on, each with a cross in its middle, before anything is hooped.',
                WorkStage::Prepare,
            ),
        ];
    }

    private static function strapGap(SetupDecision $decided): string
    {
        $gap = $decided->facts->item->measures->mm(Measure::StrapGap);

        return $gap === null
            ? 'Set the gap of the strap once for this style of cap, and keep it in the catalogue (strap_gap_mm): it is the '.
                    'same for all of them.'
            : sprintf(
                'Set the gap of the strap to %s, as it was found for this style of cap: it is the same for all of them.',
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
            return sprintf('Cut the backing, %s, larger than the frame on every side.', $decided->backing->words());
        }
        $piece = BackingPiece::under($decided->fit->frame, $decided->house->value(HouseRule::BackingOverlap));

        return sprintf(
            'Cut the backing, %s, %s × %s: it reaches beyond the frame on every side.',
            $decided->backing->words(),
            $decided->units() === Units::Millimetres
                ? sprintf('%.0f', $piece->widthMm)
                : $decided->units()->length($piece->widthMm),
            $decided->units() === Units::Millimetres
                ? sprintf('%.0f mm', $piece->heightMm)
                : $decided->units()->length($piece->heightMm),
        );
    }
}
