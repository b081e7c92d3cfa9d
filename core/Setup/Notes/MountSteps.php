<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\Machine\Driver;
use Hakama\Setup\Rules\Decided;

/** What is minded while the frame goes onto the machine. */
final class MountSteps
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        $film = static fn(Decided $d): bool => $d->topper;

        return [
            new NoteRule(
                'bobbin_before_mount',
                'a cap or a tube, which covers the arm',
                self::coversArm(...),
                'Check the bobbin before mounting: once it is on, taking it off loses the place.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'mount_sideways',
                'a cap on the cap driver',
                static fn(Decided $d): bool => $d->facts->item->isOnCap() && $d->driver() === Driver::Cap,
                'Mount it sideways so that the bill clears the head, turn it upright, push on the ring and not on the cap; pull at every catch.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'weight_in_front',
                'a blanket or a towel',
                static fn(Decided $d): bool => $d->facts->item->isHeavyCloth(),
                'Let the weight hang off the front of the machine, never over the carriage.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'hang_free',
                'a bulky garment',
                static fn(Decided $d): bool => in_array(
                    $d->facts->item->garment,
                    [G::Jacket, G::PaddedJacket, G::Hoodie],
                    true,
                ),
                'The body hangs free of everything that moves; clip up what does not.',
                WorkStage::Mount,
            ),
            new NoteRule('lay_film', 'film on top', $film, 'Lay the film over the field.', WorkStage::Mount),
            new NoteRule(
                'frame_returns',
                'something loaded with the frame moved out',
                static fn(Decided $d): bool => $d->facts->item->isClamped(),
                'The frame was moved out to load: bring it back exactly to where it was.',
                WorkStage::Mount,
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
}
