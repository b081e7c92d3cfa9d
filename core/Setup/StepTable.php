<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Garment as G;
use Hakama\Garment\Position as P;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Stitch\Turn;

/** What is done, in order: prepare, hoop, mount, preflight, sew, finish, inspect. Only what is easily forgotten; hands know the rest. */
final class StepTable
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        /** @var list<NoteRule>|null $kept */
        static $kept = null;
        $cap = static fn(Decided $d): bool => $d->facts->isOnCap();

        return $kept ??= [
            new NoteRule('test_on_scrap', 'nothing says that this material was sewn before', static fn(Decided $d): bool => $d->facts->practised !== true, 'Sew it once on scrap at real size, and look at it unhooped.'),
            new NoteRule('tell_customer_topper', 'film that is left to the first wash', static fn(Decided $d): bool => $d->topper && $d->follows(Question::TopperResidue, 'wash'), 'Tell the customer that what is left of the film goes with the first wash.'),
            new NoteRule('sweatband_out', 'a cap', $cap, 'Open the cap, take the card out, pull the sweatband all the way out; snip it where it is tacked at the sides.'),
            new NoteRule('bill_straight', 'a cap', $cap, 'Straighten the bill.'),
            new NoteRule('strap_shut', 'a cap, and the house leaves the strap shut', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::CapStrap, 'shut'), 'Leave the strap shut.'),
            new NoteRule('strap_open', 'a cap, and the house opens the strap', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::CapStrap, 'open'), 'Open the strap, and keep its ends clear of the sewing arm.'),
            new NoteRule('mark_up_arrow', 'something turned inside out or closed all round', static fn(Decided $d): bool => in_array($d->facts->garment, [G::Stocking, G::Bag], true), 'Mark the centre and which way is up with a sticker before it is turned inside out.'),
            new NoteRule('open_side_seam', 'a narrow tube and no cylinder driver', static fn(Decided $d): bool => $d->facts->isNarrowTube() && $d->driver() === Driver::Flat, 'Open the side seam and lay the tube flat.'),
            new NoteRule('clear_pockets', 'trousers, jackets, hoodies and aprons', static fn(Decided $d): bool => in_array($d->facts->garment, [G::Trousers, G::Jacket, G::PaddedJacket, G::Hoodie, G::Apron], true) || $d->facts->position === P::Leg, 'Pockets, rivets and linings out of the field.'),
            new NoteRule('measure_chest', 'a left chest, measured each time', static fn(Decided $d): bool => $d->facts->position === P::LeftChest && $d->follows(Question::ChestPlace, 'measured'), 'Mark the left chest by measured lines, one across and one down; check it against the placket.'),
            new NoteRule('chest_template', 'a left chest, by template', static fn(Decided $d): bool => $d->facts->position === P::LeftChest && $d->follows(Question::ChestPlace, 'template'), 'Lay the template for the size on, its cross on the mark.'),
            new NoteRule('chest_peg', 'a left chest, by peg', static fn(Decided $d): bool => $d->facts->position === P::LeftChest && $d->follows(Question::ChestPlace, 'peg'), 'Set the hooping station to the peg for this garment, size and place.'),
            new NoteRule('backing_clipped', 'a cap, and the house clips the backing', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::CapBackingHold, 'clipped'), 'Backing under the locating tab and clipped to the posts, reaching under the teeth of the strap.'),
            new NoteRule('backing_taped', 'a cap, and the house tapes the backing', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::CapBackingHold, 'taped'), 'Backing under the locating tab and taped, reaching under the teeth of the strap.'),
            new NoteRule('backing_tucked', 'a cap, and the house only tucks the backing in', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::CapBackingHold, 'tucked'), 'Backing tucked under the locating tab, reaching under the teeth of the strap.'),
            new NoteRule('seam_left_of_mark', 'a cap, and the house sets its seam a little left', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::CapSeam, 'offset_left'), 'Set the front seam a few millimetres left of the mark: closing the strap pulls it right.'),
            new NoteRule('seam_on_mark', 'a cap, and the house sets its seam on the line', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::CapSeam, 'on_line'), 'Set the front seam dead on the mark, the bill against its stop.'),
            new NoteRule('strap_teeth_in_seam', 'a cap', $cap, 'The teeth of the strap follow the seam between bill and crown, all the way across.'),
            new NoteRule('clips_both_sides', 'a cap', $cap, 'Clips on both side posts, the sides smooth.'),
            new NoteRule('check_backing_inside', 'a cap', $cap, 'Look inside: backing caught all round, no deep wrinkle, no sweatband in the field.'),
            new NoteRule('tuck_loose_part', 'a knit hat', static fn(Decided $d): bool => $d->facts->garment === G::KnitHat, 'Tuck the loose part away, so that it is not caught.'),
            new NoteRule('feel_under_frame', 'anything with another side', static fn(Decided $d): bool => ! $d->facts->isOnCap() && ! in_array($d->facts->garment, [G::Patch, G::Blanket, G::Towel, G::Other], true), 'Feel under the frame: only one layer of the garment is in it.'),
            new NoteRule('remove_sticker', 'a sticker was put on', static fn(Decided $d): bool => in_array($d->facts->garment, [G::Stocking, G::Bag], true), 'Take the sticker off before sewing.'),
            new NoteRule('bobbin_before_mount', 'a cap or a tube, which covers the arm', static fn(Decided $d): bool => $d->facts->isOnCap() || $d->facts->isNarrowTube() || $d->driver() !== Driver::Flat, 'Check the bobbin before mounting: once it is on, taking it off loses the place.'),
            new NoteRule('mount_sideways', 'a cap on the cap driver', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->driver() === Driver::Cap, 'Mount it sideways so that the bill clears the head, turn it upright, push on the ring and not on the cap; pull at every catch.'),
            new NoteRule('weight_in_front', 'a blanket or a towel', static fn(Decided $d): bool => $d->facts->isHeavyCloth(), 'Let the weight hang off the front of the machine, never over the carriage.'),
            new NoteRule('select_frame', 'always', static fn(Decided $d): bool => true, 'Choose the frame that is mounted on the machine: another makes the trace meaningless.'),
            new NoteRule('turn_design', 'a design that is sewn turned, or a cap on a machine that does not turn it by itself', static fn(Decided $d): bool => $d->turn() !== Turn::None || ($d->facts->isOnCap() && $d->driver() === Driver::Cap && $d->facts->turnsCapsItself === false), 'Turn the design on the machine: turned, never mirrored. Hold the sheet beside the screen.'),
            new NoteRule('stop_after_each_block', 'applied cloth', static fn(Decided $d): bool => $d->facts->appliqueStops > 0, 'Choose the mode that stops, so that the machine halts and brings the frame out at the marked stops.'),
            new NoteRule('needles_to_rack', 'the house keeps the rack and picks needles', static fn(Decided $d): bool => $d->follows(Question::NeedleProgram, 'fixed_rack'), 'Give each block its needle for the rack as it stands: what the machine has from the last job is wrong.'),
            new NoteRule('reload_rack', 'the house loads the rack for each job', static fn(Decided $d): bool => $d->follows(Question::NeedleProgram, 'reload'), 'Load the rack in the order of the blocks, and read each code before it goes on.'),
            new NoteRule('foot_card', 'a cap, foot by the card', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::FootHeight, 'card'), 'Presser foot at its lowest a plastic card above the needle plate: higher it flags.'),
            new NoteRule('foot_under', 'a cap, foot a shade lower', static fn(Decided $d): bool => $d->facts->isOnCap() && $d->follows(Question::FootHeight, 'under'), 'Presser foot at its lowest a shade under a plastic card above the needle plate: higher it flags.'),
            new NoteRule('find_true_centre', 'a window that does not lie about the machine’s centre', static fn(Decided $d): bool => $d->fit !== null && ($d->fit->frame->kind === FrameKind::Clamp || abs($d->fit->frame->offsetX) + abs($d->fit->frame->offsetY) > 0.0), 'Find the true centre of the window from its notches, and look at the clearance at every side and corner.'),
            new NoteRule('trace_empty_first', 'a clamp, a glove or a pocket; anything where the house traces twice', static fn(Decided $d): bool => $d->facts->isClamped() || $d->fit?->frame->kind === FrameKind::Clamp || $d->follows(Question::TraceItem, 'before_and_after'), 'Trace once empty, before the item is in, and again after.'),
            new NoteRule('needle_one', 'the house traces with the needle', static fn(Decided $d): bool => $d->follows(Question::TraceNeedle, 'needle'), 'Needle 1 over the mark; lower it by hand while tracing, and lift it near metal or bill.'),
            new NoteRule('light_over_mark', 'the house traces with the light', static fn(Decided $d): bool => $d->follows(Question::TraceNeedle, 'light'), 'Light or foot over the mark; the needle stays up.'),
            new NoteRule('trace', 'always', static fn(Decided $d): bool => true, 'Trace: nothing is hit, the same gap on both sides.'),
            new NoteRule('trim_in_frame', 'applied cloth, trimmed in the frame', static fn(Decided $d): bool => $d->facts->appliqueStops > 0 && $d->follows(Question::Applique, 'trim_in_frame'), 'Lay the whole cloth over its placement line; when it is tacked down trim it close, the frame brought out and not unmounted.'),
            new NoteRule('pre_cut_shape', 'applied cloth, cut beforehand', static fn(Decided $d): bool => $d->facts->appliqueStops > 0 && $d->follows(Question::Applique, 'pre_cut'), 'Lay the pre-cut shape exactly on its placement line.'),
            new NoteRule('pick_topper', 'film that is picked off', static fn(Decided $d): bool => $d->topper && $d->follows(Question::TopperResidue, 'pick'), 'Tear the film off, and pick what is left.'),
            new NoteRule('steam_topper', 'film that is steamed away', static fn(Decided $d): bool => $d->topper && $d->follows(Question::TopperResidue, 'steam'), 'Tear the film off, and steam what is left away.'),
            new NoteRule('backing_off', 'tear-away that comes off whole', static fn(Decided $d): bool => $d->backing->backing === Backing::TearAway && $d->follows(Question::BackingLeft, 'all'), 'Take off all the backing that comes, one layer at a time, holding the stitches.'),
            new NoteRule('backing_tight_stays', 'tear-away that stays where it is tight', static fn(Decided $d): bool => $d->backing->backing === Backing::TearAway && $d->follows(Question::BackingLeft, 'tight'), 'Take the backing off one layer at a time, holding the stitches; what is tight to them stays.'),
            new NoteRule('tails_scissors', 'tails taken off with scissors', static fn(Decided $d): bool => $d->follows(Question::ThreadTails, 'scissors'), 'Trim tails front and back without nicking the cloth.'),
            new NoteRule('tails_flame', 'tails taken off with a flame', static fn(Decided $d): bool => $d->follows(Question::ThreadTails, 'flame'), 'Trim tails front and back, then a quick flame.'),
            new NoteRule('inspect_unhooped', 'always', static fn(Decided $d): bool => true, 'Unhooped and pressed, look at place and straightness, puckering, gaps, closed letters, loops, bobbin on top, hoop marks; a second pair of eyes.'),
        ];
    }
}
