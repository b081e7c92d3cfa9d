<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Stitch\Turn;

/** How the machine is made ready: driver, needles, design, frame and turn; a clamp traced before anything is in it. */
final class MachineSteps
{
    private const FOOT_CARD = 'Set the presser foot a plastic card above the needle plate at its lowest. Higher, the cloth '.
        'flags.';
    private const FOOT_UNDER = 'Set the presser foot a shade under a plastic card above the needle plate at its lowest. '.
        'Higher, the cloth flags.';

    /** @return list<NoteRule> */
    public static function all(): array
    {
        $always = static fn(SetupDecision $d): bool => true;
        $cap = static fn(SetupDecision $d): bool => $d->isInCapFrame();
        $stage = WorkStage::Machine;

        return [
            NoteRule::step(
                $stage,
                'driver_change',
                'what is carried by something else than the flat arms',
                static fn(SetupDecision $d): bool => $d->driver() !== Driver::Flat,
                'If another driver is on, change it by its own list: power off, off, on, screws fully back, slide it by '.
                    'hand left and right, check what the machine shows, check the foot.',
                makes: [S::DriverOn],
                before: [S::Mounted, S::TracedEmpty],
            ),
            NoteRule::step(
                $stage,
                'needles_to_rack',
                'the house keeps the rack and picks needles',
                $always,
                'Assign a needle to each colour. The machine still holds the last job’s needles.',
                makes: [S::NeedlesSet],
                before: [S::Sewn],
                school: [Question::NeedleProgram, 'fixed_rack'],
            ),
            NoteRule::step(
                $stage,
                'reload_rack',
                'the house loads the rack for each job',
                $always,
                'Load the rack in the order of the blocks. Read each code before the cone goes on.',
                makes: [S::NeedlesSet],
                before: [S::Sewn],
                school: [Question::NeedleProgram, 'reload'],
            ),
            NoteRule::step(
                $stage,
                'foot_card',
                'a cap, foot by the card',
                $cap,
                static fn(SetupDecision $d): string => self::FOOT_CARD.self::foot($d),
                makes: [S::FeetSet],
                before: [S::Mounted],
                school: [Question::FootHeight, 'card'],
                usually: self::FOOT_CARD,
            ),
            NoteRule::step(
                $stage,
                'foot_under',
                'a cap, foot a shade lower',
                $cap,
                static fn(SetupDecision $d): string => self::FOOT_UNDER.self::foot($d),
                makes: [S::FeetSet],
                before: [S::Mounted],
                school: [Question::FootHeight, 'under'],
                usually: self::FOOT_UNDER,
            ),
            NoteRule::step(
                $stage,
                'load_design',
                'always',
                $always,
                static fn(SetupDecision $d): string => sprintf(
                    'Load the design%s. Check its name and the number of stitches.',
                    $d->facts->machine->panel->slots === '' ? '' : " into {$d->facts->machine->panel->slots}",
                ),
                needs: [S::DriverOn],
                makes: [S::Loaded],
                usually: 'Load the design. Check its name and the number of stitches.',
            ),
            NoteRule::step(
                $stage,
                'select_frame',
                'always',
                $always,
                static fn(SetupDecision $d): string => $d->fit === null
                    ? 'Choose the frame on the machine that you will mount. With another one the trace means nothing.'
                    : sprintf(
                        'Choose frame %s on the machine%s. With another one the trace means nothing.',
                        $d->fit->frame->id,
                        $d->facts->machine->panel->shows($d->fit->frame->kind) === ''
                            ? ''
                            : ": its panel shows {$d->facts->machine->panel->shows($d->fit->frame->kind)}",
                    ),
                needs: [S::DriverOn, S::Loaded],
                makes: [S::FrameChosen],
                usually: 'Choose the frame on the machine that you will mount. With another one the trace means nothing.',
            ),
            NoteRule::step(
                $stage,
                'turn_design',
                'a design that has to be turned on this machine',
                static fn(SetupDecision $d): bool => $d->turnToSet() !== Turn::None,
                static fn(SetupDecision $d): string => sprintf(
                    '%s Turn the design %d° on the machine. Turn it, never mirror it. Hold the sheet beside the screen.',
                    $d->loading()->words(),
                    $d->turnToSet()->value,
                ),
                needs: [S::FrameChosen],
                makes: [S::Turned],
                usually: 'Turn the design on the machine. Turn it, never mirror it. Hold the sheet beside the screen.',
            ),
            NoteRule::step(
                $stage,
                'turned_by_machine',
                'a cap on a machine that turns it by itself, or of which nobody has said whether it does',
                static fn(SetupDecision $d): bool => $d->turnToSet() !== $d->turn(),
                static fn(SetupDecision $d): string => $d->facts->machine->turnsCapsItself === true
                    ? 'Set no turn: this machine turns the design once the cap frame is chosen. Check the screen: the '.
                        'lower edge is at the bill, towards the machine.'
                    : 'Most machines turn the design once the cap frame is chosen, some do not. Check the screen: the '.
                        'lower edge is at the bill, towards the machine.',
                needs: [S::FrameChosen],
                makes: [S::Turned],
                usually: 'Set no turn: the machine turns the design once the cap frame is chosen. Check the screen.',
            ),
            NoteRule::step(
                $stage,
                'design_upright',
                'a design that is not turned',
                static fn(SetupDecision $d): bool => $d->turn() === Turn::None,
                static fn(SetupDecision $d): string => 'Do not turn the design. '.$d->loading()->words(),
                needs: [S::FrameChosen],
                makes: [S::Turned],
                usually: 'Do not turn the design: its top is at the end towards the machine.',
            ),
            NoteRule::step(
                $stage,
                'stop_after_each_block',
                'applied cloth',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0,
                'Choose the mode that stops: the machine halts and brings the frame out at the marked stops.',
                needs: [S::Loaded],
                before: [S::Sewn],
            ),
            NoteRule::step(
                $stage,
                'find_true_centre',
                'a window that does not lie about the machine’s centre',
                static fn(SetupDecision $d): bool => $d->fit !== null
                    && ($d->fit->frame->kind->hasCentreToFind() || $d->fit->frame->isOffCentre()),
                'Find the true centre of the window from its notches. Check the clearance at every side and corner. Keep '.
                    'what you found, with name and date.',
                needs: [S::FrameChosen, S::Turned],
                makes: [S::CentreTrue],
                before: [S::Closed],
            ),
            NoteRule::step(
                $stage,
                'trace_empty_first',
                'a clamp, a glove or a pocket; anything where the house traces twice',
                static fn(SetupDecision $d): bool => $d->closesOnMachine()
                    || $d->follows(Question::TraceItem, 'before_and_after'),
                static fn(SetupDecision $d): string => $d->closesOnMachine()
                    ? 'Put the empty frame on. Trace once before the item is in.'
                    : 'Put the empty frame on and trace once. Then take it off to hoop.',
                needs: [S::FrameChosen, S::Turned, S::CentreTrue],
                makes: [S::TracedEmpty],
                before: [S::Closed],
                usually: 'Trace once with the empty frame, before the item is in, and again after.',
            ),
            NoteRule::step(
                $stage,
                'frame_out',
                'a frame that stays on the machine while it is loaded',
                static fn(SetupDecision $d): bool => $d->closesOnMachine(),
                'Bring the frame out to load it. Do not lose its place: it has to go back to the same one.',
                needs: [S::TracedEmpty],
                makes: [S::PlaceKept],
            ),
        ];
    }

    /** How it is done on this machine, where that is written down. */
    private static function foot(SetupDecision $d): string
    {
        return $d->facts->machine->panel->foot === '' ? '' : " On this machine: {$d->facts->machine->panel->foot}.";
    }
}
