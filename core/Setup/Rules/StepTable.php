<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Garment as G;
use Hakama\Garment\Position as P;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Stitch\Turn;

/**
 * What is done, in order: prepare, hoop, mount, preflight, finish, inspect. Only what is easily forgotten; hands know
 * the rest.
 */
final class StepTable
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        /** @var list<NoteRule>|null $kept */
        static $kept = null;
        $always = static fn(Decided $d): bool => true;
        $cap = static fn(Decided $d): bool => $d->facts->item->isOnCap();
        $film = static fn(Decided $d): bool => $d->topper;
        $chest = static fn(Decided $d): bool => $d->facts->item->position === P::LeftChest;
        $closed = static fn(Decided $d): bool => in_array($d->facts->item->garment, [G::Stocking, G::Bag], true);
        $covers = self::coversArm(...);
        $turned = self::isTurned(...);

        return $kept ??= [
            new NoteRule(
                'test_on_scrap',
                'nothing says that this material was sewn before',
                static fn(Decided $d): bool => $d->facts->history->practised !== true,
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
            new NoteRule('bill_straight', 'a cap', $cap, 'Straighten the bill.', WorkStage::Prepare),
            new NoteRule(
                'strap_shut',
                'a cap, and the house leaves the strap shut',
                $cap,
                'Leave the strap shut.',
                WorkStage::Prepare,
                Question::CapStrap,
                'shut',
            ),
            new NoteRule(
                'strap_open',
                'a cap, and the house opens the strap',
                $cap,
                'Open the strap, and keep its ends clear of the sewing arm.',
                WorkStage::Prepare,
                Question::CapStrap,
                'open',
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
                'a narrow tube and no cylinder driver',
                static fn(Decided $d): bool => $d->facts->item->isNarrowTube() && $d->driver() === Driver::Flat,
                'Open the side seam and lay the tube flat.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'clear_pockets',
                'trousers, jackets, hoodies and aprons',
                static fn(Decided $d): bool => in_array(
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
                says: static fn(Decided $d): string => self::cut($d),
            ),
            new NoteRule(
                'iron_mesh',
                'mesh on a narrow tube',
                static fn(Decided $d): bool => $d->backing->backing === Backing::Mesh
                    && $d->facts->item->isNarrowTube(),
                'Iron the fusible mesh to the inside.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'stick_backing',
                'backing that is stuck',
                static fn(Decided $d): bool => $d->backing->adhesive,
                'Spray one layer lightly, stick it to the inside and smooth it without stretching.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'measure_chest',
                'a left chest, measured each time',
                $chest,
                'Mark the left chest by measured lines, one across and one down; check it against the placket.',
                WorkStage::Prepare,
                Question::ChestPlace,
                'measured',
                says: static fn(Decided $d): string => sprintf(
                    'Mark the left chest%s: %s. One line across, one down; check it against the placket.',
                    self::onSize($d),
                    implode('; ', $d->placement->words()),
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
                says: static fn(Decided $d): string => sprintf(
                    'Lay the template for size %s on, its cross on the mark: %s.',
                    $d->facts->item->size->value ?? 'as ordered',
                    implode('; ', $d->placement->words()),
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
                says: static fn(Decided $d): string => $d->placement->peg === ''
                    ? 'Find the peg of the hooping station for this garment, size and place, and write it down here: it is found once.'
                    : sprintf('Set the hooping station to peg %s.', $d->placement->peg),
            ),
            new NoteRule(
                'mark_place',
                'any other place',
                static fn(Decided $d): bool => $d->facts->item->position !== P::LeftChest
                    && ! $d->facts->item->isOnCap(),
                'Mark the place.',
                WorkStage::Prepare,
                says: static fn(Decided $d): string => sprintf(
                    'Mark the place%s: %s.',
                    self::onSize($d),
                    implode('; ', $d->placement->words()),
                ),
            ),
            new NoteRule(
                'lay_templates',
                'a narrow tube',
                static fn(Decided $d): bool => $d->facts->item->isNarrowTube(),
                'Lay paper templates at real size on, each with a cross in its middle, before anything is hooped.',
                WorkStage::Prepare,
            ),
            new NoteRule(
                'backing_clipped',
                'a cap, and the house clips the backing',
                $cap,
                'Backing under the locating tab and clipped to the posts, reaching under the teeth of the strap.',
                WorkStage::Hoop,
                Question::CapBackingHold,
                'clipped',
            ),
            new NoteRule(
                'backing_taped',
                'a cap, and the house tapes the backing',
                $cap,
                'Backing under the locating tab and taped, reaching under the teeth of the strap.',
                WorkStage::Hoop,
                Question::CapBackingHold,
                'taped',
            ),
            new NoteRule(
                'backing_tucked',
                'a cap, and the house only tucks the backing in',
                $cap,
                'Backing tucked under the locating tab, reaching under the teeth of the strap.',
                WorkStage::Hoop,
                Question::CapBackingHold,
                'tucked',
            ),
            new NoteRule(
                'seam_left_of_mark',
                'a cap, and the house sets its seam a little left',
                $cap,
                'Set the front seam a few millimetres left of the mark: closing the strap pulls it right.',
                WorkStage::Hoop,
                Question::CapSeam,
                'offset_left',
            ),
            new NoteRule(
                'seam_on_mark',
                'a cap, and the house sets its seam on the line',
                $cap,
                'Set the front seam dead on the mark, the bill against its stop.',
                WorkStage::Hoop,
                Question::CapSeam,
                'on_line',
            ),
            new NoteRule(
                'strap_teeth_in_seam',
                'a cap',
                $cap,
                'The teeth of the strap follow the seam between bill and crown, all the way across.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'clips_both_sides',
                'a cap',
                $cap,
                'Clips on both side posts, the sides smooth.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'check_backing_inside',
                'a cap',
                $cap,
                'Look inside: backing caught all round, no deep wrinkle, no sweatband in the field.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'no_stretch',
                'knits',
                static fn(Decided $d): bool => $d->facts->item->cloth->fabric->isKnit()
                    && ! $d->facts->item->isOnCap(),
                'Hoop it without stretching: what is stretched in the frame puckers out of it.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'seams_parallel',
                'a jacket, padded or not',
                static fn(Decided $d): bool => in_array($d->facts->item->garment, [G::Jacket, G::PaddedJacket], true),
                'Drum-tight, seam lines parallel to the frame, the same gap to the seams on both sides.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'tape_backing_under',
                'applied cloth on something with another side',
                static fn(Decided $d): bool => $d->facts->design->appliqueStops > 0
                    && ! in_array($d->facts->item->garment, [G::Patch, G::Blanket, G::Towel, G::Other], true),
                'Tape backing and pockets under the frame, out of the way of the stops.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'tuck_loose_part',
                'a knit hat',
                static fn(Decided $d): bool => $d->facts->item->garment === G::KnitHat,
                'Tuck the loose part away, so that it is not caught.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'backing_four_sides',
                'anything in a flat frame',
                static fn(Decided $d): bool => $d->driver() === Driver::Flat,
                'The backing is held on all four sides.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'feel_under_frame',
                'anything with another side',
                static fn(Decided $d): bool => ! $d->facts->item->isOnCap()
                    && ! in_array($d->facts->item->garment, [G::Patch, G::Blanket, G::Towel, G::Other], true),
                'Feel under the frame: only one layer of the garment is in it.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'remove_sticker',
                'a sticker was put on',
                $closed,
                'Take the sticker off before sewing.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'bobbin_before_mount',
                'a cap or a tube, which covers the arm',
                $covers,
                'Check the bobbin before mounting: once it is on, taking it off loses the place.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'mount_sideways',
                'a cap on the cap driver',
                static fn(Decided $d): bool => $d->facts->item->isOnCap() && $d->driver() === Driver::Cap,
                'Mount it sideways so that the bill clears the head, turn it upright, push on the ring and not on the cap; pull at every catch.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'weight_in_front',
                'a blanket or a towel',
                static fn(Decided $d): bool => $d->facts->item->isHeavyCloth(),
                'Let the weight hang off the front of the machine, never over the carriage.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'hang_free',
                'a bulky garment',
                static fn(Decided $d): bool => in_array(
                    $d->facts->item->garment,
                    [G::Jacket, G::PaddedJacket, G::Hoodie],
                    true,
                ),
                'The body hangs free of everything that moves; clip up what does not.',
                WorkStage::Mount,
            ),
            new NoteRule('lay_film', 'film on top', $film, 'Lay the film over the field.', WorkStage::Mount),
            new NoteRule(
                'frame_returns',
                'something loaded with the frame moved out',
                static fn(Decided $d): bool => $d->facts->item->isClamped(),
                'The frame was moved out to load: bring it back exactly to where it was.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'select_frame',
                'always',
                $always,
                'Choose the frame that is mounted on the machine: another makes the trace meaningless.',
                WorkStage::Preflight,
                says: static fn(Decided $d): string => $d->fit === null
                    ? 'Choose the frame that is mounted on the machine: another makes the trace meaningless.'
                    : sprintf(
                        'Frame %s is on, and chosen on the machine: another makes the trace meaningless.',
                        $d->fit->frame->id,
                    ),
            ),
            new NoteRule(
                'turn_design',
                'a design that is sewn turned, or a cap on a machine that does not turn it by itself',
                $turned,
                'Turn the design on the machine: turned, never mirrored. Hold the sheet beside the screen.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'design_upright',
                'a design that is not turned',
                static fn(Decided $d): bool => ! self::isTurned($d),
                'The design stands upright: neck or open edge towards the machine.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'stop_after_each_block',
                'applied cloth',
                static fn(Decided $d): bool => $d->facts->design->appliqueStops > 0,
                'Choose the mode that stops, so that the machine halts and brings the frame out at the marked stops.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'needles_to_rack',
                'the house keeps the rack and picks needles',
                $always,
                'Give each block its needle for the rack as it stands: what the machine has from the last job is wrong.',
                WorkStage::Preflight,
                Question::NeedleProgram,
                'fixed_rack',
            ),
            new NoteRule(
                'reload_rack',
                'the house loads the rack for each job',
                $always,
                'Load the rack in the order of the blocks, and read each code before it goes on.',
                WorkStage::Preflight,
                Question::NeedleProgram,
                'reload',
            ),
            new NoteRule(
                'foot_card',
                'a cap, foot by the card',
                $cap,
                'Presser foot at its lowest a plastic card above the needle plate: higher it flags.',
                WorkStage::Preflight,
                Question::FootHeight,
                'card',
            ),
            new NoteRule(
                'foot_under',
                'a cap, foot a shade lower',
                $cap,
                'Presser foot at its lowest a shade under a plastic card above the needle plate: higher it flags.',
                WorkStage::Preflight,
                Question::FootHeight,
                'under',
            ),
            new NoteRule(
                'find_true_centre',
                'a window that does not lie about the machine’s centre',
                static fn(Decided $d): bool => $d->fit !== null
                    && ($d->fit->frame->kind === FrameKind::Clamp || $d->fit->frame->isOffCentre()),
                'Find the true centre of the window from its notches, and look at the clearance at every side and corner.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'trace_empty_first',
                'a clamp, a glove or a pocket; anything where the house traces twice',
                static fn(Decided $d): bool => $d->facts->item->isClamped()
                    || $d->fit?->frame->kind === FrameKind::Clamp
                    || $d->follows(Question::TraceItem, 'before_and_after'),
                'Trace once empty, before the item is in, and again after.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'needle_one',
                'the house traces with the needle',
                $always,
                'Needle 1 over the mark; lower it by hand while tracing, and lift it near metal or bill.',
                WorkStage::Preflight,
                Question::TraceNeedle,
                'needle',
            ),
            new NoteRule(
                'light_over_mark',
                'the house traces with the light',
                $always,
                'Light or foot over the mark; the needle stays up.',
                WorkStage::Preflight,
                Question::TraceNeedle,
                'light',
            ),
            new NoteRule(
                'trace',
                'always',
                $always,
                'Trace: nothing is hit, the same gap on both sides.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'bobbin_lasts',
                'whatever does not cover the arm',
                static fn(Decided $d): bool => ! self::coversArm($d),
                'The bobbin lasts for this load.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'trim_in_frame',
                'applied cloth, trimmed in the frame',
                static fn(Decided $d): bool => $d->facts->design->appliqueStops > 0,
                'Lay the whole cloth over its placement line; when it is tacked down trim it close, the frame brought out and not unmounted.',
                WorkStage::Preflight,
                Question::Applique,
                'trim_in_frame',
            ),
            new NoteRule(
                'pre_cut_shape',
                'applied cloth, cut beforehand',
                static fn(Decided $d): bool => $d->facts->design->appliqueStops > 0,
                'Lay the pre-cut shape exactly on its placement line.',
                WorkStage::Preflight,
                Question::Applique,
                'pre_cut',
            ),
            new NoteRule(
                'pick_topper',
                'film that is picked off',
                $film,
                'Tear the film off, and pick what is left.',
                WorkStage::Finish,
                Question::TopperResidue,
                'pick',
            ),
            new NoteRule(
                'steam_topper',
                'film that is steamed away',
                $film,
                'Tear the film off, and steam what is left away.',
                WorkStage::Finish,
                Question::TopperResidue,
                'steam',
            ),
            new NoteRule(
                'backing_off',
                'tear-away that comes off whole',
                static fn(Decided $d): bool => $d->backing->backing === Backing::TearAway,
                'Take off all the backing that comes, one layer at a time, holding the stitches.',
                WorkStage::Finish,
                Question::BackingLeft,
                'all',
            ),
            new NoteRule(
                'backing_tight_stays',
                'tear-away that stays where it is tight',
                static fn(Decided $d): bool => $d->backing->backing === Backing::TearAway,
                'Take the backing off one layer at a time, holding the stitches; what is tight to them stays.',
                WorkStage::Finish,
                Question::BackingLeft,
                'tight',
            ),
            new NoteRule(
                'cut_backing_close',
                'backing that stays in',
                static fn(Decided $d): bool => in_array(
                    $d->backing->backing,
                    [Backing::Cutaway, Backing::Mesh],
                    true,
                ),
                'Cut the backing back to a finger round the design, the scissors flat and the cloth out of their way.',
                WorkStage::Finish,
            ),
            new NoteRule(
                'tails_scissors',
                'tails taken off with scissors',
                $always,
                'Trim tails front and back without nicking the cloth.',
                WorkStage::Finish,
                Question::ThreadTails,
                'scissors',
            ),
            new NoteRule(
                'tails_flame',
                'tails taken off with a flame',
                $always,
                'Trim tails front and back, then a quick flame.',
                WorkStage::Finish,
                Question::ThreadTails,
                'flame',
            ),
            new NoteRule(
                'cut_out_patch',
                'a patch',
                static fn(Decided $d): bool => $d->facts->item->garment === G::Patch,
                'Cut out close to the edge; iron-on film on the back is pressed about 20 s a side.',
                WorkStage::Finish,
            ),
            new NoteRule(
                'marks_off',
                'always',
                $always,
                'Marks off, pressed or steamed, lint rolled off.',
                WorkStage::Finish,
            ),
            new NoteRule(
                'inspect_unhooped',
                'always',
                $always,
                'Unhooped and pressed, look at place and straightness, puckering, gaps, closed letters, loops, bobbin on top, hoop marks; a second pair of eyes.',
                WorkStage::Inspect,
            ),
        ];
    }

    public static function find(string $code): ?NoteRule
    {
        foreach (self::all() as $rule) {
            if ($rule->code === $code) {
                return $rule;
            }
        }

        return null;
    }

    /** Once it is mounted nobody gets at the bobbin. */
    private static function coversArm(Decided $decided): bool
    {
        return $decided->facts->item->isOnCap()
            || $decided->facts->item->isNarrowTube()
            || $decided->driver() !== Driver::Flat;
    }

    private static function onSize(Decided $decided): string
    {
        return $decided->facts->item->size === null || $decided->facts->item->size === Size::One
            ? ''
            : ", size {$decided->facts->item->size->value}";
    }

    private static function isTurned(Decided $decided): bool
    {
        return $decided->turn() !== Turn::None
            || ($decided->facts->item->isOnCap()
                && $decided->driver() === Driver::Cap
                && $decided->facts->machine->turnsCapsItself === false);
    }

    private static function cut(Decided $decided): string
    {
        if ($decided->fit === null) {
            return sprintf('Cut the backing, %s, larger than the frame on every side.', $decided->backing->words());
        }
        $piece = BackingPiece::under($decided->fit->frame, $decided->house->value(HouseRule::BackingOverlap));

        return sprintf(
            'Cut the backing, %s, %.0f × %.0f mm: it reaches beyond the frame on every side.',
            $decided->backing->words(),
            $piece->widthMm,
            $piece->heightMm,
        );
    }
}
