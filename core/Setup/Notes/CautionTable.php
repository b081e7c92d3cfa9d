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
                'always',
                static fn(SetupDecision $d): bool => true,
                'Hands, hair and lanyards clear of needles and carriage; stop before reaching in. A struck frame '.
                    'throws needle fragments: eye protection, and count the pieces.',
            ),
            new NoteRule(
                'power_off_driver',
                'a driver other than the flat arms',
                static fn(SetupDecision $d): bool => $d->driver() !== Driver::Flat,
                'Power off when a driver is fitted; screws pushed fully back, the carriage moved by hand from side to side.',
            ),
            new NoteRule(
                'magnet_pinch',
                'a magnetic frame',
                static fn(SetupDecision $d): bool => $d->fit?->frame->kind->pullsByMagnets() === true,
                'Magnets close with force: fingers clear; keep them from implanted devices.',
            ),
            new NoteRule(
                'aerosol',
                'backing that is stuck',
                static fn(SetupDecision $d): bool => $d->backing->adhesive,
                'Spray the backing in a box, away from machine and flame, with air.',
            ),
            new NoteRule(
                'hot_press',
                'backing that is ironed on, patches, anything pressed',
                static fn(SetupDecision $d): bool => $d->backing->backing === Backing::Mesh
                    || $d->facts->item->garment === G::Patch
                    || ($d->topper && $d->follows(Question::TopperResidue, 'steam')),
                'Iron, press and steam burn: mind hands and cloth.',
            ),
            new NoteRule(
                'open_flame',
                'the house takes tails off with a flame',
                static fn(SetupDecision $d): bool => $d->follows(Question::ThreadTails, 'flame'),
                'Synthetic thread melts and burns: a quick flame, nothing that catches near it, water at hand.',
            ),
            new NoteRule(
                'blades',
                'applied cloth, caps whose tacks are snipped, seams that are opened, patches',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0
                    || $d->facts->item->isOnCap()
                    || $d->facts->item->garment === G::Patch
                    || $d->access() === Access::OpenedSeam,
                'Scissors and seam rippers away from yourself and from the cloth below.',
            ),
            new NoteRule(
                'noise',
                'fast sewing',
                static fn(SetupDecision $d): bool => $d->speedSpm >= self::LOUD_SPM,
                'At speed machines are loud, several heads above all: hearing protection.',
            ),
        ];
    }
}
