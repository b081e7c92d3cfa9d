<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Machine\Driver;
use Hakama\Setup\Rules\SetupDecision;

/** What is minded while the frame goes onto the machine. */
final class MountSteps
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        return [
            new NoteRule(
                'driver_change',
                'what is carried by something else than the flat arms',
                static fn(SetupDecision $d): bool => $d->driver() !== Driver::Flat,
                'Where another driver is on, change it by its own list: power off, off, on, screws fully back, slid '.
                    'by hand left and right, shown by the machine, foot looked at.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'clips_out',
                'a cap on the cap driver',
                static fn(SetupDecision $d): bool => $d->isInCapFrame(),
                'Take out the clips that held the backing while it was hooped.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'mount_end_first',
                'always',
                static fn(SetupDecision $d): bool => true,
                'The bracket goes into the arms: look once more which end is towards the machine.',
                WorkStage::Mount,
                says: static fn(SetupDecision $d): string => sprintf(
                    'The bracket goes into the arms, %s towards the machine.',
                    $d->loading()->endWords(),
                ),
            ),
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
                static fn(SetupDecision $d): bool => $d->isInCapFrame(),
                'Mount it sideways so that the bill clears the head, turn it upright, push on the ring and not on '.
                    'the cap; pull at every catch.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'weight_in_front',
                'a blanket or a towel',
                static fn(SetupDecision $d): bool => $d->facts->item->garment->isHeavyCloth(),
                'Let the weight hang off the front of the machine, never over the carriage.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'hang_free',
                'a bulky garment',
                static fn(SetupDecision $d): bool => $d->facts->item->garment->isBulky(),
                'The body hangs free of everything that moves; clip up what does not.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'lay_film',
                'film on top, and nothing applied',
                static fn(SetupDecision $d): bool => $d->topper && $d->facts->design->applied->stops === 0,
                'Lay the film over the field.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'cloth_there_first',
                'a whole cloth that lies there from the first stitch',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->isFirst,
                'The whole cloth lies smooth over the field and is held at its corners before the first stitch: its '.
                    'line is sewn on it.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'film_after_trim',
                'film on top of applied cloth',
                static fn(SetupDecision $d): bool => $d->topper && $d->facts->design->applied->stops > 0,
                'Keep the film ready: it is laid after the last trimming and never before.',
                WorkStage::Mount,
            ),
            new NoteRule(
                'frame_returns',
                'something loaded with the frame moved out',
                static fn(SetupDecision $d): bool => $d->facts->item->isClamped(),
                'The frame was moved out to load: bring it back exactly to where it was.',
                WorkStage::Mount,
            ),
        ];
    }

    /** Once it is mounted nobody gets at the bobbin. */
    private static function coversArm(SetupDecision $decided): bool
    {
        return $decided->isInCapFrame() || $decided->facts->item->isNarrowTube() || $decided->driver() !== Driver::Flat;
    }
}
