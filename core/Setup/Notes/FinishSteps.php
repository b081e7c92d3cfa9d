<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\Garment\PatchBack;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Words\Text;

/** How the piece comes off the machine, is cleaned, closed again and pressed, and how it is looked at. */
final class FinishSteps
{
    private const STAGE = WorkStage::Finish;

    /** @return list<NoteRule> */
    public static function all(): array
    {
        return [...self::off(), ...self::clean(), ...self::closeAgain(), ...self::press()];
    }

    /** @return list<NoteRule> */
    private static function off(): array
    {
        return [
            NoteRule::step(
                self::STAGE,
                'take_off',
                static fn(SetupDecision $d): bool => ! $d->isInCapFrame(),
                static fn(SetupDecision $d): Text => $d->closesOnMachine()
                    ? new Text('steps.does.take_off_out')
                    : new Text('steps.does.take_off'),
                needs: [S::Sewn],
                makes: [S::Off],
            ),
            NoteRule::step(
                self::STAGE,
                'cap_off',
                static fn(SetupDecision $d): bool => $d->isInCapFrame(),
                needs: [S::Sewn],
                makes: [S::Off],
            ),
            NoteRule::step(
                self::STAGE,
                'unhoop',
                static fn(SetupDecision $d): bool => true,
                static fn(SetupDecision $d): Text => match (true) {
                    $d->closesOnMachine() => new Text('steps.does.unhoop_clamp'),
                    $d->isInCapFrame() => new Text('steps.does.unhoop_cap'),
                    $d->isStuckOn() => new Text('steps.does.unhoop_stuck'),
                    default => new Text('steps.does.unhoop'),
                },
                needs: [S::Off],
                makes: [S::Unhooped],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function clean(): array
    {
        $film = static fn(SetupDecision $d): bool => $d->topper;
        $tearAway = static fn(SetupDecision $d): bool => $d->backing->backing === Backing::TearAway;
        $off = [S::Off, S::Unhooped];

        return [
            NoteRule::step(
                self::STAGE,
                'pick_topper',
                $film,
                needs: $off,
                makes: [S::Clean],
                school: [Question::TopperResidue, 'pick'],
            ),
            NoteRule::step(
                self::STAGE,
                'tear_topper',
                $film,
                needs: $off,
                makes: [S::Clean],
                school: [Question::TopperResidue, 'wash'],
            ),
            NoteRule::step(
                self::STAGE,
                'backing_off',
                $tearAway,
                needs: $off,
                makes: [S::Clean],
                school: [Question::BackingLeft, 'all'],
            ),
            NoteRule::step(
                self::STAGE,
                'backing_tight_stays',
                $tearAway,
                needs: $off,
                makes: [S::Clean],
                school: [Question::BackingLeft, 'tight'],
            ),
            NoteRule::step(
                self::STAGE,
                'cut_backing_close',
                static fn(SetupDecision $d): bool => in_array($d->backing->backing, [Backing::Cutaway, Backing::Mesh], true),
                needs: $off,
                makes: [S::Clean],
            ),
            NoteRule::step(
                self::STAGE,
                'tails_scissors',
                static fn(SetupDecision $d): bool => true,
                needs: $off,
                makes: [S::Clean],
                school: [Question::ThreadTails, 'scissors'],
            ),
            NoteRule::step(
                self::STAGE,
                'marks_off',
                static fn(SetupDecision $d): bool => true,
                needs: $off,
                makes: [S::MarksGone, S::Clean],
            ),
            // What heat would fix comes off before any heat.
            NoteRule::step(
                self::STAGE,
                'steam_topper',
                $film,
                needs: [...$off, S::MarksGone],
                makes: [S::Clean],
                school: [Question::TopperResidue, 'steam'],
            ),
            NoteRule::step(
                self::STAGE,
                'tails_flame',
                static fn(SetupDecision $d): bool => true,
                needs: [...$off, S::MarksGone],
                makes: [S::Clean],
                school: [Question::ThreadTails, 'flame'],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function closeAgain(): array
    {
        return [
            NoteRule::step(
                self::STAGE,
                'turn_right_side_out',
                static fn(SetupDecision $d): bool => $d->isInsideOut(),
                needs: [S::Clean],
                makes: [S::RightSideOut],
            ),
            NoteRule::step(
                self::STAGE,
                'close_seam',
                static fn(SetupDecision $d): bool => $d->access() === Access::OpenedSeam,
                needs: [S::Clean],
                makes: [S::ClosedAgain],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_and_cuff_back',
                static fn(SetupDecision $d): bool => $d->facts->item->isOnCap() || $d->facts->item->garment === G::KnitHat,
                static fn(SetupDecision $d): Text => match (true) {
                    ! $d->facts->item->isOnCap() => new Text('steps.does.cuff_back'),
                    $d->isInCapFrame() && $d->follows(Question::CapStrap, 'open')
                        => new Text('steps.does.sweatband_back_and_strap'),
                    default => new Text('steps.does.sweatband_back'),
                },
                needs: [S::Clean],
                makes: [S::ClosedAgain],
            ),
            NoteRule::step(
                self::STAGE,
                'cut_out_patch',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::Patch,
                needs: [S::Clean],
                makes: [S::ClosedAgain],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function press(): array
    {
        $done = [S::Clean, S::MarksGone, S::RightSideOut, S::ClosedAgain];
        $spoiled = static fn(SetupDecision $d): bool => $d->facts->item->isSpoiledByHeat();

        return [
            NoteRule::step(
                self::STAGE,
                'press_film',
                static fn(SetupDecision $d): bool => $d->facts->item->back === PatchBack::IronedOn,
                static fn(SetupDecision $d): Text => new Text('steps.does.press_film', [
                    'press' => (int) $d->house->value(HouseRule::PressSide),
                    'cool' => (int) $d->house->value(HouseRule::PressCool),
                ]),
                needs: $done,
                makes: [S::Pressed],
            ),
            NoteRule::step(
                self::STAGE,
                'tell_customer_press',
                static fn(SetupDecision $d): bool => $d->facts->item->back === PatchBack::IronedOn,
                needs: [S::Pressed],
            ),
            NoteRule::step(
                self::STAGE,
                'press_off',
                $spoiled,
                needs: $done,
            ),
            NoteRule::step(
                self::STAGE,
                'press',
                static fn(SetupDecision $d): bool => ! $d->facts->item->isSpoiledByHeat()
                    && ! $d->facts->item->isOnCap()
                    && $d->facts->item->garment !== G::Patch,
                needs: $done,
                makes: [S::Pressed],
            ),
            NoteRule::step(
                WorkStage::Inspect,
                'inspect_unhooped',
                static fn(SetupDecision $d): bool => true,
                needs: [...$done, S::Pressed, S::Unhooped, S::Off],
                makes: [S::LookedAt],
            ),
        ];
    }
}
