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
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure->needsCapFrame(),
                [Driver::Cap],
                strength: Strength::Must,
            )->on(Fact::Garment, Fact::Structure),
            Rule::saying(
                SetupTopic::Driver,
                'soft_cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                [Driver::Cap, Driver::Flat],
            )->on(Fact::Garment, Fact::Structure),
            Rule::saying(
                SetupTopic::Driver,
                'clamped',
                static fn(Facts $f): bool => $f->item->isClamped(),
                [Driver::Cap, Driver::Clamp, Driver::Flat],
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Driver,
                'small_or_closed',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Bag, G::Other], true),
                [Driver::Flat, Driver::Clamp],
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Driver,
                'narrow_tube',
                static fn(Facts $f): bool => $f->item->isNarrowTube(),
                [Driver::Cylinder, Driver::Flat],
            )->on(Fact::Garment, Fact::Position),
            Rule::saying(
                SetupTopic::Driver,
                'flat',
                static fn(Facts $f): bool => true,
                [Driver::Flat],
            )->on(Fact::Garment, Fact::Position),
        ];
    }
}
