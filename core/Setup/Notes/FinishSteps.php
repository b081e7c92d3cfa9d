<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\Garment\PatchBack;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Rules\SetupDecision;

/** What is done to the piece off the machine, and how it is looked at. */
final class FinishSteps
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        $always = static fn(SetupDecision $d): bool => true;
        $film = static fn(SetupDecision $d): bool => $d->topper;

        return [
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
                static fn(SetupDecision $d): bool => $d->backing->backing === Backing::TearAway,
                'Take off all the backing that comes, one layer at a time, holding the stitches.',
                WorkStage::Finish,
                Question::BackingLeft,
                'all',
            ),
            new NoteRule(
                'backing_tight_stays',
                'tear-away that stays where it is tight',
                static fn(SetupDecision $d): bool => $d->backing->backing === Backing::TearAway,
                'Take the backing off one layer at a time, holding the stitches; what is tight to them stays.',
                WorkStage::Finish,
                Question::BackingLeft,
                'tight',
            ),
            new NoteRule(
                'cut_backing_close',
                'backing that stays in',
                static fn(SetupDecision $d): bool => in_array($d->backing->backing, [Backing::Cutaway, Backing::Mesh], true),
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
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::Patch,
                'Cut out close to the edge of the border, and not into it.',
                WorkStage::Finish,
            ),
            new NoteRule(
                'press_film',
                'a patch to be ironed on',
                static fn(SetupDecision $d): bool => $d->facts->item->back === PatchBack::IronedOn,
                'Film on its back: pressed, cooled, turned over, pressed.',
                WorkStage::Finish,
                says: static fn(SetupDecision $d): string => sprintf(
                    'Film on its back: press %.0f s, let it cool %.0f s, turn it over, press %.0f s.',
                    $d->house->value(HouseRule::PressSide),
                    $d->house->value(HouseRule::PressCool),
                    $d->house->value(HouseRule::PressSide),
                ),
            ),
            new NoteRule(
                'tell_customer_press',
                'a patch to be ironed on',
                static fn(SetupDecision $d): bool => $d->facts->item->back === PatchBack::IronedOn,
                'The note how it is pressed on goes with it.',
                WorkStage::Finish,
            ),
            new NoteRule(
                'press_off',
                'padding, pile, vinyl or leather, which heat spoils',
                static fn(SetupDecision $d): bool => $d->facts->item->cloth->isSpoiledByHeat()
                    || $d->facts->item->garment === G::PaddedJacket,
                'Not pressed: heat flattens or melts it. Steam from a distance, or nothing.',
                WorkStage::Finish,
            ),
            new NoteRule(
                'marks_off',
                'always',
                $always,
                'Marks off, lint rolled off; pressed or steamed where the cloth bears it.',
                WorkStage::Finish,
            ),
            new NoteRule(
                'inspect_unhooped',
                'always',
                $always,
                'Unhooped and pressed, look at place and straightness, puckering, gaps, closed letters, loops, '.
                    'bobbin on top, hoop marks; a second pair of eyes.',
                WorkStage::Inspect,
            ),
        ];
    }
}
