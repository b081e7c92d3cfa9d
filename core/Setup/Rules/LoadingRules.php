<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Closure;
use Hakama\Garment\Garment as G;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Loading\Ends;
use Hakama\Setup\Loading\Loading;

/**
 * Which ends may go towards the machine, the preferred one first: the first rule that applies and is of the house's
 * school holds, and the last always applies.
 */
final class LoadingRules
{
    /** @return non-empty-list<Rule<non-empty-list<Loading>>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<non-empty-list<Loading>>>|null $kept */
        static $kept = null;

        return $kept ??= [
            self::rule(
                'bill_to_machine',
                static fn(Facts $f): bool => $f->item->isOnCap() && in_array(Driver::Cap, $f->machine->drivers, true),
                static fn(Ends $ends): array => [$ends->bottomFirst()],
                strength: Strength::Must,
            )->on(Fact::Garment),
            self::rule(
                'cap_laid_flat',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
            )->on(Fact::Garment, Fact::Drivers),
            self::rule(
                'over_the_arm',
                static fn(Facts $f): bool => $f->item->garment === G::KnitHat || $f->item->isClamped(),
                static fn(Ends $ends): array => [$ends->topFirst()],
                strength: Strength::Must,
            )->on(Fact::Garment),
            self::rule(
                'closed_end_to_operator',
                static fn(Facts $f): bool => $f->item->garment === G::Stocking,
                static fn(Ends $ends): array => [$ends->bottomFirst()],
                strength: Strength::Must,
            )->on(Fact::Garment),
            self::rule(
                'narrow_end_over_arm',
                static fn(Facts $f): bool => $f->item->isNarrowTube(),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
            )->on(Fact::Garment, Fact::Position),
            self::rule(
                'weight_in_front',
                static fn(Facts $f): bool => $f->item->garment->isHeavyCloth(),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst(), $ends->sideFirst()],
            )->on(Fact::Garment),
            self::rule(
                'neck_too_tight',
                static fn(Facts $f): bool => $f->neckIsTight(),
                static fn(Ends $ends): array => [$ends->bottomFirst()],
                strength: Strength::Must,
            )->on(Fact::Width, Fact::Neck),
            self::rule(
                'least_bulk_to_machine',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Jacket, G::PaddedJacket], true),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
            )->on(Fact::Garment),
            self::rule(
                'bag_opening_first',
                static fn(Facts $f): bool => $f->item->garment === G::Bag,
                static fn(Ends $ends): array => [$ends->topFirst(), $ends->sideFirst()],
            )->on(Fact::Garment),
            self::rule(
                'loose_piece',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Patch, G::Apron, G::Other], true),
                static fn(Ends $ends): array => [$ends->topFirst(), $ends->sideFirst(), $ends->bottomFirst()],
            )->on(Fact::Garment),
            self::rule(
                'neck_first',
                static fn(Facts $f): bool => true,
                static fn(Ends $ends): array => [$ends->topFirst(), $ends->bottomFirst()],
                Question::Orientation,
                'neck_first',
            )->on(Fact::Garment, Fact::HouseRules, Fact::Position),
            self::rule(
                'waist_first',
                static fn(Facts $f): bool => true,
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
                Question::Orientation,
                'waist_first',
            )->on(Fact::HouseRules, Fact::Garment, Fact::Position),
        ];
    }

    /**
     * @param Closure(Facts): bool                    $applies
     * @param Closure(Ends): non-empty-list<Loading> $says
     *
     * @return Rule<non-empty-list<Loading>>
     */
    private static function rule(
        string $name,
        Closure $applies,
        Closure $says,
        ?Question $question = null,
        string $school = '',
        ?Strength $strength = null,
    ): Rule {
        return new Rule(
            SetupTopic::Loading,
            $name,
            $applies,
            static fn(HouseRules $house, Facts $facts): array => $says(Ends::of($facts->item)),
            $question,
            $school,
            $strength ?? ($question === null ? Strength::Should : Strength::May),
        );
    }
}
