<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Stitch\Turn;

/** What is confirmed by hand before the machine may sew. */
final class PreflightSteps
{
    /** Nearer than this to the middle of the window, a design counts as lying in it. */
    private const MIDDLE_MM = 1.0;

    /** @return list<NoteRule> */
    public static function all(): array
    {
        $always = static fn(SetupDecision $d): bool => true;
        $cap = static fn(SetupDecision $d): bool => $d->isInCapFrame();

        return [
            new NoteRule(
                'select_frame',
                'always',
                $always,
                'Choose the frame that is mounted on the machine: another makes the trace meaningless.',
                WorkStage::Preflight,
                says: static fn(SetupDecision $d): string => $d->fit === null
                    ? 'Choose the frame that is mounted on the machine: another makes the trace meaningless.'
                    : sprintf(
                        'Frame %s is on, and chosen on the machine: another makes the trace meaningless.',
                        $d->fit->frame->id,
                    ),
            ),
            new NoteRule(
                'turn_design',
                'a design that has to be turned on this machine',
                static fn(SetupDecision $d): bool => $d->turnToSet() !== Turn::None,
                'Turn the design on the machine: turned, never mirrored. Hold the sheet beside the screen.',
                WorkStage::Preflight,
                says: static fn(SetupDecision $d): string => sprintf(
                    '%s Turn the design by %d° on the machine: turned, never mirrored. Hold the sheet beside the screen.',
                    $d->loading()->words(),
                    $d->turnToSet()->value,
                ),
            ),
            new NoteRule(
                'turned_by_machine',
                'a cap on a machine that turns it by itself, or of which nobody has said whether it does',
                static fn(SetupDecision $d): bool => $d->turnToSet() !== $d->turn(),
                'Set no turn: the machine turns the design by itself once the cap frame is chosen. Look at the screen.',
                WorkStage::Preflight,
                says: static fn(SetupDecision $d): string => $d->facts->machine->turnsCapsItself === true
                    ? 'Set no turn: this machine turns the design by itself once the cap frame is chosen. '.
                        'Look at the screen: the lower edge lies at the bill, towards the machine.'
                    : 'Most machines turn the design by themselves once the cap frame is chosen, some do not. '.
                        'Look at the screen: the lower edge lies at the bill, towards the machine.',
            ),
            new NoteRule(
                'design_upright',
                'a design that is not turned',
                static fn(SetupDecision $d): bool => $d->turn() === Turn::None,
                'The design is not turned: its top lies at the end towards the machine.',
                WorkStage::Preflight,
                says: static fn(SetupDecision $d): string => 'The design is not turned. '.$d->loading()->words(),
            ),
            new NoteRule(
                'stop_after_each_block',
                'applied cloth',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0,
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
                static fn(SetupDecision $d): bool => $d->fit !== null
                    && ($d->fit->frame->kind->hasCentreToFind() || $d->fit->frame->isOffCentre()),
                'Find the true centre of the window from its notches, and look at the clearance at every side and corner.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'trace_empty_first',
                'a clamp, a glove or a pocket; anything where the house traces twice',
                static fn(SetupDecision $d): bool => $d->facts->item->isClamped()
                    || $d->fit?->frame->kind->hasCentreToFind() === true
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
                'needle_down_under_cap',
                'a cap frame, where the house traces with the light',
                $cap,
                'The light does not reach under a cap frame: needle 1 lowered by hand is the only check there. Lift it '.
                    'near metal and bill.',
                WorkStage::Preflight,
                Question::TraceNeedle,
                'light',
            ),
            new NoteRule(
                'light_over_mark',
                'the house traces with the light',
                static fn(SetupDecision $d): bool => ! $d->isInCapFrame(),
                'Light or foot over the mark; the needle stays up.',
                WorkStage::Preflight,
                Question::TraceNeedle,
                'light',
            ),
            new NoteRule(
                'remove_sticker',
                'a sticker was put on',
                static fn(SetupDecision $d): bool => in_array($d->facts->item->garment, [G::Stocking, G::Bag], true),
                'Needle 1 stands over the sticker: take the sticker off now, before the first stitch.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'trace',
                'always',
                $always,
                'Trace: nothing is hit, the same gap on both sides.',
                WorkStage::Preflight,
                says: static fn(SetupDecision $d): string => self::traced($d),
            ),
            new NoteRule(
                'sewing_mode_first_stitch',
                'always',
                $always,
                'The machine stands at the first stitch and is set to sew, not to move without sewing.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'bobbin_lasts',
                'whatever does not cover the arm',
                static fn(SetupDecision $d): bool => ! self::coversArm($d),
                'The bobbin lasts for this load.',
                WorkStage::Preflight,
            ),
            new NoteRule(
                'trim_in_frame',
                'applied cloth, trimmed in the frame',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0,
                'The whole cloth lies ready, with curved scissors: it is laid and trimmed at the stops of the stop '.
                    'sheet, the frame brought out and not unmounted.',
                WorkStage::Preflight,
                Question::Applique,
                'trim_in_frame',
            ),
            new NoteRule(
                'pre_cut_shape',
                'applied cloth, cut beforehand',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0,
                'The pre-cut shapes lie ready in the order of the stop sheet: each is laid on its placement line at its stop.',
                WorkStage::Preflight,
                Question::Applique,
                'pre_cut',
            ),
        ];
    }

    /** Once it is mounted nobody gets at the bobbin. */
    private static function coversArm(SetupDecision $decided): bool
    {
        return $decided->isInCapFrame() || $decided->facts->item->isNarrowTube() || $decided->driver() !== Driver::Flat;
    }

    /** Equal gaps are asked for only where the design lies in the middle of its window. */
    private static function traced(SetupDecision $decided): string
    {
        [$slack, $units] = [$decided->fit?->slack, $decided->units()];
        $off =
            $slack !== null
            && max(abs($slack->leftMm - $slack->rightMm), abs($slack->topMm - $slack->bottomMm)) > 2 * self::MIDDLE_MM;

        return $off
            ? sprintf(
                'Trace: nothing is hit. The design does not lie in the middle of the window: %s are free at the '.
                    'left, %s at the right, %s at the top and %s at the bottom.',
                $units->said($slack->leftMm),
                $units->figure($slack->rightMm),
                $units->figure($slack->topMm),
                $units->figure($slack->bottomMm),
            )
            : 'Trace: nothing is hit, the same gap on both sides.';
    }
}
