<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\House\Question;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Words\Text;

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
                $clamped,
                needs: [S::OverArm, S::BackingInItem, S::FilmHeld, S::PlaceKept, S::BobbinSeen],
                makes: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'frame_back',
                $clamped,
                needs: [S::Closed, S::PlaceKept],
                makes: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'mount_end_first',
                static fn(SetupDecision $d): bool => ! $d->closesOnMachine() && ! $d->isInCapFrame(),
                static fn(SetupDecision $d): Text => new Text('steps.does.mount_end_first', [
                    'end' => $d->loading()->endWords(),
                ]),
                needs: [S::Closed, S::DriverOn, S::BobbinSeen, S::ClipsOut],
                makes: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'mount_sideways',
                $cap,
                needs: [S::Closed, S::DriverOn, S::BobbinSeen, S::ClipsOut, S::FeetSet],
                makes: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_ends_clear',
                $cap,
                needs: [S::Mounted],
                before: [S::Sewn],
                school: [Question::CapStrap, 'open'],
            ),
            NoteRule::step(
                self::STAGE,
                'weight_in_front',
                static fn(SetupDecision $d): bool => $d->facts->item->garment->isHeavyCloth(),
                needs: [S::Mounted],
                before: [S::Traced],
            ),
            NoteRule::step(
                self::STAGE,
                'hang_free',
                static fn(SetupDecision $d): bool => $d->facts->item->garment->isBulky(),
                needs: [S::Mounted],
                before: [S::Traced],
            ),
            NoteRule::step(
                self::STAGE,
                'tuck_loose_part',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::KnitHat,
                needs: [S::Mounted],
                before: [S::Traced],
            ),
        ];
    }
}
