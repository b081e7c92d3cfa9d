<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Rules\SetupDecision;

/** Where work can hurt someone. The machine's manual, local codes and trained people decide; this only reminds. */
final class CautionTable
{
    /** Several heads, or one at this speed, are loud enough to say so. */
    private const LOUD_SPM = 800;

    /** @return list<NoteRule> */
    public static function all(): array
    {
        /** @var list<NoteRule>|null $kept */
        static $kept = null;
        return $kept ??= [
            new NoteRule(
                'needle_strike',
                static fn(SetupDecision $d): bool => true,
            ),
            new NoteRule(
                'power_off_driver',
                static fn(SetupDecision $d): bool => $d->driver() !== Driver::Flat,
            ),
            new NoteRule(
                'magnet_pinch',
                static fn(SetupDecision $d): bool => $d->fit?->frame->kind->pullsByMagnets() === true,
            ),
            new NoteRule(
                'aerosol',
                static fn(SetupDecision $d): bool => $d->backing->adhesive,
            ),
            new NoteRule(
                'hot_press',
                static fn(SetupDecision $d): bool => $d->backing->backing === Backing::Mesh
                    || $d->facts->item->garment === G::Patch
                    || ($d->topper && $d->follows(Question::TopperResidue, 'steam')),
            ),
            new NoteRule(
                'open_flame',
                static fn(SetupDecision $d): bool => $d->follows(Question::ThreadTails, 'flame'),
            ),
            new NoteRule(
                'blades',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0
                    || $d->facts->item->isOnCap()
                    || $d->facts->item->garment === G::Patch
                    || $d->access() === Access::OpenedSeam,
            ),
            new NoteRule(
                'noise',
                static fn(SetupDecision $d): bool => $d->speedSpm >= self::LOUD_SPM,
            ),
        ];
    }
}
