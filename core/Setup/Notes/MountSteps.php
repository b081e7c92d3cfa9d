<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\House\Question;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;

/** How the frame goes onto the machine, or closes there, and where the rest of the item hangs. */
final class MountSteps
{
    private const STAGE = WorkStage::Mount;

    /** @return list<NoteRule> */
    public static function all(): array
    {
        $clamped = static fn(SetupDecision $d): bool => $d->closesOnMachine();
        $cap = static fn(SetupDecision $d): bool => $d->isInCapFrame();

        return [
            NoteRule::step(
                self::STAGE,
                'close_on_machine',
                'what a clamp or a pocket frame holds',
                $clamped,
                'Close the clamp. Check that it holds item, backing and film all round, and nothing of the other side.',
                needs: [S::OverArm, S::BackingInItem, S::FilmHeld, S::PlaceKept, S::BobbinSeen],
                makes: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'frame_back',
                'what a clamp or a pocket frame holds',
                $clamped,
                'Bring the frame back to exactly where it was.',
                needs: [S::Closed, S::PlaceKept],
                makes: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'mount_end_first',
                'whatever is closed beside the machine, but for caps',
                static fn(SetupDecision $d): bool => ! $d->closesOnMachine() && ! $d->isInCapFrame(),
                static fn(SetupDecision $d): string => sprintf(
                    'Push the bracket into the arms, %s towards the machine.',
                    $d->loading()->endWords(),
                ),
                needs: [S::Closed, S::DriverOn, S::BobbinSeen, S::ClipsOut],
                makes: [S::Mounted],
                usually: 'Push the bracket into the arms. Look once more which end is towards the machine.',
            ),
            NoteRule::step(
                self::STAGE,
                'mount_sideways',
                'a cap on the cap driver',
                $cap,
                'Mount it sideways so that the bill clears the head, then turn it upright. Push on the ring, not on the '.
                    'cap, until it snaps. Pull at every catch.',
                needs: [S::Closed, S::DriverOn, S::BobbinSeen, S::ClipsOut, S::FeetSet],
                makes: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_ends_clear',
                'a cap whose strap is open',
                $cap,
                'Keep strap ends and clips clear of the sewing arm.',
                needs: [S::Mounted],
                before: [S::Sewn],
                school: [Question::CapStrap, 'open'],
            ),
            NoteRule::step(
                self::STAGE,
                'weight_in_front',
                'a blanket or a towel',
                static fn(SetupDecision $d): bool => $d->facts->item->garment->isHeavyCloth(),
                'Let the weight hang off the front of the machine, never over the carriage.',
                needs: [S::Mounted],
                before: [S::Traced],
            ),
            NoteRule::step(
                self::STAGE,
                'hang_free',
                'a bulky garment',
                static fn(SetupDecision $d): bool => $d->facts->item->garment->isBulky(),
                'Let the body hang free of everything that moves. Clip up what does not.',
                needs: [S::Mounted],
                before: [S::Traced],
            ),
            NoteRule::step(
                self::STAGE,
                'tuck_loose_part',
                'a knit hat',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::KnitHat,
                'Tuck the loose part away so that it is not caught.',
                needs: [S::Mounted],
                before: [S::Traced],
            ),
        ];
    }
}
