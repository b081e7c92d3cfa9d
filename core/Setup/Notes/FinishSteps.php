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
                'anything but a cap on the cap driver',
                static fn(SetupDecision $d): bool => ! $d->isInCapFrame(),
                static fn(SetupDecision $d): string => $d->closesOnMachine()
                    ? 'Bring the frame out.'
                    : 'Take the frame off the machine.',
                needs: [S::Sewn],
                makes: [S::Off],
                usually: 'Take the frame off the machine.',
            ),
            NoteRule::step(
                self::STAGE,
                'cap_off',
                'a cap on the cap driver',
                static fn(SetupDecision $d): bool => $d->isInCapFrame(),
                'Take the cap off by the same catches, one side first. Never pull it by the bill.',
                needs: [S::Sewn],
                makes: [S::Off],
            ),
            NoteRule::step(
                self::STAGE,
                'unhoop',
                'always',
                static fn(SetupDecision $d): bool => true,
                static fn(SetupDecision $d): string => match (true) {
                    $d->closesOnMachine() => 'Open the clamp and slip the item off the arm.',
                    $d->isInCapFrame() => 'Open the latch and take the cap out of its frame.',
                    $d->isStuckOn() => 'Take the backing out of its frame, the piece on it.',
                    default => 'Take it out of its frame.',
                },
                needs: [S::Off],
                makes: [S::Unhooped],
                usually: 'Take it out of its frame.',
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
                'film that is picked off',
                $film,
                'Tear the film off and pick out what is left.',
                needs: $off,
                makes: [S::Clean],
                school: [Question::TopperResidue, 'pick'],
            ),
            NoteRule::step(
                self::STAGE,
                'tear_topper',
                'film that is left to the first wash',
                $film,
                'Tear the film off. The first wash takes what is left.',
                needs: $off,
                makes: [S::Clean],
                school: [Question::TopperResidue, 'wash'],
            ),
            NoteRule::step(
                self::STAGE,
                'backing_off',
                'tear-away that comes off whole',
                $tearAway,
                'Remove the backing one layer at a time, supporting the stitches.',
                needs: $off,
                makes: [S::Clean],
                school: [Question::BackingLeft, 'all'],
            ),
            NoteRule::step(
                self::STAGE,
                'backing_tight_stays',
                'tear-away that stays where it is tight',
                $tearAway,
                'Remove the backing one layer at a time, supporting the stitches. Leave what is tight to them.',
                needs: $off,
                makes: [S::Clean],
                school: [Question::BackingLeft, 'tight'],
            ),
            NoteRule::step(
                self::STAGE,
                'cut_backing_close',
                'backing that stays in',
                static fn(SetupDecision $d): bool => in_array($d->backing->backing, [Backing::Cutaway, Backing::Mesh], true),
                'Cut the backing back to a finger round the design. Hold the scissors flat and the cloth out of their way.',
                needs: $off,
                makes: [S::Clean],
            ),
            NoteRule::step(
                self::STAGE,
                'tails_scissors',
                'tails taken off with scissors',
                static fn(SetupDecision $d): bool => true,
                'Trim tails front and back without nicking the cloth.',
                needs: $off,
                makes: [S::Clean],
                school: [Question::ThreadTails, 'scissors'],
            ),
            NoteRule::step(
                self::STAGE,
                'marks_off',
                'always',
                static fn(SetupDecision $d): bool => true,
                'Take the marks off and roll off the lint.',
                needs: $off,
                makes: [S::MarksGone, S::Clean],
            ),
            // What heat would fix comes off before any heat.
            NoteRule::step(
                self::STAGE,
                'steam_topper',
                'film that is steamed away',
                $film,
                'Tear the film off and steam away what is left.',
                needs: [...$off, S::MarksGone],
                makes: [S::Clean],
                school: [Question::TopperResidue, 'steam'],
            ),
            NoteRule::step(
                self::STAGE,
                'tails_flame',
                'tails taken off with a flame',
                static fn(SetupDecision $d): bool => true,
                'Trim tails front and back, then pass a quick flame over what is left.',
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
                'what was turned inside out',
                static fn(SetupDecision $d): bool => $d->isInsideOut(),
                'Turn it right side out.',
                needs: [S::Clean],
                makes: [S::RightSideOut],
            ),
            NoteRule::step(
                self::STAGE,
                'close_seam',
                'a tube whose seam was opened',
                static fn(SetupDecision $d): bool => $d->access() === Access::OpenedSeam,
                'Sew the opened seam shut again.',
                needs: [S::Clean],
                makes: [S::ClosedAgain],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_and_cuff_back',
                'a cap, and a knit hat with a cuff',
                static fn(SetupDecision $d): bool => $d->facts->item->isOnCap() || $d->facts->item->garment === G::KnitHat,
                static fn(SetupDecision $d): string => match (true) {
                    ! $d->facts->item->isOnCap() => 'Fold the cuff back.',
                    $d->isInCapFrame() && $d->follows(Question::CapStrap, 'open') => 'Push the sweatband back in and close the strap.',
                    default => 'Push the sweatband back in.',
                },
                needs: [S::Clean],
                makes: [S::ClosedAgain],
                usually: 'Push the sweatband back in and close the strap; fold the cuff back.',
            ),
            NoteRule::step(
                self::STAGE,
                'cut_out_patch',
                'a patch',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::Patch,
                'Cut out close to the edge of the border, not into it.',
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
                'a patch to be ironed on',
                static fn(SetupDecision $d): bool => $d->facts->item->back === PatchBack::IronedOn,
                static fn(SetupDecision $d): string => sprintf(
                    'Film on its back: press %.0f s, let it cool %.0f s, turn it over, press %.0f s.',
                    $d->house->value(HouseRule::PressSide),
                    $d->house->value(HouseRule::PressCool),
                    $d->house->value(HouseRule::PressSide),
                ),
                needs: $done,
                makes: [S::Pressed],
                usually: 'Film on its back: press, let it cool, turn it over, press.',
            ),
            NoteRule::step(
                self::STAGE,
                'tell_customer_press',
                'a patch to be ironed on',
                static fn(SetupDecision $d): bool => $d->facts->item->back === PatchBack::IronedOn,
                'Put in the note that says how to press it on.',
                needs: [S::Pressed],
            ),
            NoteRule::step(
                self::STAGE,
                'press_off',
                'padding, pile, vinyl or leather, which heat spoils',
                $spoiled,
                'Do not press it: heat flattens or melts it. Steam from a distance, or nothing.',
                needs: $done,
            ),
            NoteRule::step(
                self::STAGE,
                'press',
                'cloth that bears an iron, but for caps and patches',
                static fn(SetupDecision $d): bool => ! $d->facts->item->isSpoiledByHeat()
                    && ! $d->facts->item->isOnCap()
                    && $d->facts->item->garment !== G::Patch,
                'Press or steam it as the cloth bears.',
                needs: $done,
                makes: [S::Pressed],
            ),
            NoteRule::step(
                WorkStage::Inspect,
                'inspect_unhooped',
                'always',
                static fn(SetupDecision $d): bool => true,
                'Look at it: place and straightness, puckering, gaps, closed letters, loops, bobbin on top, hoop marks. A '.
                    'second pair of eyes checks.',
                needs: [...$done, S::Pressed, S::Unhooped, S::Off],
                makes: [S::LookedAt],
            ),
        ];
    }
}
