<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Garment as G;
use Hakama\Machine\Driver;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;

/**
 * What carries the frame: the first rule that applies and is of the house's school holds, and the last always
 * applies.
 */
final class DriverRules
{
    /** @return non-empty-list<Rule<list<Driver>>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<list<Driver>>>|null $kept */
        static $kept = null;
        return $kept ??= [
            Rule::saying(
                SetupTopic::Driver,
                'structured_cap',
                'a structured cap, or one with a soft liner',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure->needsCapFrame(),
                [Driver::Cap],
                'The stiff front of a structured cap cannot be forced flat: it goes on the cap driver.',
                strength: Strength::Must,
            )->on(Fact::Garment, Fact::Structure),
            Rule::saying(
                SetupTopic::Driver,
                'soft_cap',
                'any other cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                [Driver::Cap, Driver::Flat],
                'A soft cap belongs on the cap driver and can be laid flat if it must.',
            )->on(Fact::Garment, Fact::Structure),
            Rule::saying(
                SetupTopic::Driver,
                'clamped',
                'a glove or a pocket',
                static fn(Facts $f): bool => $f->item->isClamped(),
                [Driver::Cap, Driver::Clamp, Driver::Flat],
                'Small closed things are held in a pocket or glove frame on the cap driver, else in a clamp.',
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Driver,
                'small_or_closed',
                'a bag or a small loose thing',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Bag, G::Other], true),
                [Driver::Flat, Driver::Clamp],
                'A flat frame where opening and arm allow it, else a clamp.',
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Driver,
                'narrow_tube',
                'a sleeve, a leg or a stocking',
                static fn(Facts $f): bool => $f->item->isNarrowTube(),
                [Driver::Cylinder, Driver::Flat],
                'A narrow tube goes on the cylinder driver; flat only with the seam opened.',
            )->on(Fact::Garment, Fact::Position),
            Rule::saying(
                SetupTopic::Driver,
                'flat',
                'anything else',
                static fn(Facts $f): bool => true,
                [Driver::Flat],
                'It lies flat: the flat arms carry it.',
            )->on(Fact::Garment, Fact::Position),
        ];
    }
}
