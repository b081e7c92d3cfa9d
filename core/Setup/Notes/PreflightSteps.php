<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Setup\Rules\Decided;
use Hakama\Stitch\Turn;

/** What is confirmed by hand before the machine may sew. */
final class PreflightSteps
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        $always = static fn(Decided $d): bool => true;
        $cap = static fn(Decided $d): bool => $d->facts->item->isOnCap();

        return [
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
                self::isTurned(...),
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
        ];
    }

    /** Once it is mounted nobody gets at the bobbin. */
    private static function coversArm(Decided $decided): bool
    {
        return $decided->facts->item->isOnCap()
            || $decided->facts->item->isNarrowTube()
            || $decided->driver() !== Driver::Flat;
    }

    private static function isTurned(Decided $decided): bool
    {
        return $decided->turn() !== Turn::None
            || ($decided->facts->item->isOnCap()
                && $decided->driver() === Driver::Cap
                && $decided->facts->machine->turnsCapsItself === false);
    }
}
