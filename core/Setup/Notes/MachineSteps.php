<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;

/** How the machine is made ready: driver, needles, design, frame and turn; a clamp traced before anything is in it. */
final class MachineSteps
{
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
                static fn(SetupDecision $d): bool => $d->driver() !== Driver::Flat,
                makes: [S::DriverOn],
                before: [S::Mounted, S::TracedEmpty],
            ),
            NoteRule::step(
                $stage,
                'needles_to_rack',
                $always,
                makes: [S::NeedlesSet],
                before: [S::Sewn],
                school: [Question::NeedleProgram, 'fixed_rack'],
            ),
            NoteRule::step(
                $stage,
                'reload_rack',
                $always,
                makes: [S::NeedlesSet],
                before: [S::Sewn],
                school: [Question::NeedleProgram, 'reload'],
            ),
            NoteRule::step(
                $stage,
                'foot_card',
                $cap,
                static fn(SetupDecision $d): Text => self::foot('foot_card', $d),
                makes: [S::FeetSet],
                before: [S::Mounted],
                school: [Question::FootHeight, 'card'],
            ),
            NoteRule::step(
                $stage,
                'foot_under',
                $cap,
                static fn(SetupDecision $d): Text => self::foot('foot_under', $d),
                makes: [S::FeetSet],
                before: [S::Mounted],
                school: [Question::FootHeight, 'under'],
            ),
            NoteRule::step(
                $stage,
                'load_design',
                $always,
                static fn(SetupDecision $d): Text => new Text('steps.does.load_design', [
                    'slots' => $d->facts->machine->panel->slots,
                ]),
                needs: [S::DriverOn],
                makes: [S::Loaded],
            ),
            NoteRule::step(
                $stage,
                'select_frame',
                $always,
                static fn(SetupDecision $d): Text => $d->fit === null
                    ? new Text('steps.does.select_any_frame')
                    : new Text('steps.does.select_frame', [
                        'frame' => $d->fit->frame->id,
                        'shows' => $d->facts->machine->panel->shows($d->fit->frame->kind),
                    ]),
                needs: [S::DriverOn, S::Loaded],
                makes: [S::FrameChosen],
            ),
            NoteRule::step(
                $stage,
                'turn_design',
                static fn(SetupDecision $d): bool => $d->turnToSet() !== Turn::None,
                static fn(SetupDecision $d): Text => new Text('steps.does.turn_design', [
                    'loading' => $d->loading()->words(),
                    'turn' => $d->turnToSet()->value,
                ]),
                needs: [S::FrameChosen],
                makes: [S::Turned],
            ),
            NoteRule::step(
                $stage,
                'turned_by_machine',
                static fn(SetupDecision $d): bool => $d->turnToSet() !== $d->turn(),
                static fn(SetupDecision $d): Text => $d->facts->machine->turnsCapsItself === true
                    ? new Text('steps.does.turned_by_machine')
                    : new Text('steps.does.turned_by_most_machines'),
                needs: [S::FrameChosen],
                makes: [S::Turned],
            ),
            NoteRule::step(
                $stage,
                'design_upright',
                static fn(SetupDecision $d): bool => $d->turn() === Turn::None,
                static fn(SetupDecision $d): Text => new Text('steps.does.design_upright', [
                    'loading' => $d->loading()->words(),
                ]),
                needs: [S::FrameChosen],
                makes: [S::Turned],
            ),
            NoteRule::step(
                $stage,
                'stop_after_each_block',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0,
                needs: [S::Loaded],
                before: [S::Sewn],
            ),
            NoteRule::step(
                $stage,
                'find_true_centre',
                static fn(SetupDecision $d): bool => $d->fit !== null
                    && ($d->fit->frame->kind->hasCentreToFind() || $d->fit->frame->isOffCentre()),
                needs: [S::FrameChosen, S::Turned],
                makes: [S::CentreTrue],
                before: [S::Closed],
            ),
            NoteRule::step(
                $stage,
                'trace_empty_first',
                static fn(SetupDecision $d): bool => $d->closesOnMachine()
                    || $d->follows(Question::TraceItem, 'before_and_after'),
                static fn(SetupDecision $d): Text => $d->closesOnMachine()
                    ? new Text('steps.does.trace_empty_on_machine')
                    : new Text('steps.does.trace_empty_first'),
                needs: [S::FrameChosen, S::Turned, S::CentreTrue],
                makes: [S::TracedEmpty],
                before: [S::Closed],
            ),
            NoteRule::step(
                $stage,
                'frame_out',
                static fn(SetupDecision $d): bool => $d->closesOnMachine(),
                needs: [S::TracedEmpty],
                makes: [S::PlaceKept],
            ),
        ];
    }

    /** How it is done on this machine, where that is written down. */
    private static function foot(string $code, SetupDecision $d): Text
    {
        return new Text("steps.does.{$code}", ['foot' => $d->facts->machine->panel->foot]);
    }
}
