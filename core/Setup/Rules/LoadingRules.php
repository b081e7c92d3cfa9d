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
                'a cap where there is a cap driver',
                static fn(Facts $f): bool => $f->item->isOnCap() && in_array(Driver::Cap, $f->machine->drivers, true),
                static fn(Ends $ends): array => [$ends->bottomFirst()],
                'A cap is mounted one way only, its bill towards the machine: the design lies upside down, and where '.
                    'the machine does not turn it by itself it is turned half round by hand.',
                strength: Strength::Must,
            )->on(Fact::Garment),
            self::rule(
                'cap_laid_flat',
                'a cap where there is none: only a soft one can be laid flat',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
                'Laid flat, the bill goes towards the machine as on the cap driver: one habit for all caps.',
            )->on(Fact::Garment, Fact::Drivers),
            self::rule(
                'over_the_arm',
                'a knit hat, a glove or a pocket',
                static fn(Facts $f): bool => $f->item->garment === G::KnitHat || $f->item->isClamped(),
                static fn(Ends $ends): array => [$ends->topFirst()],
                'It is slipped on with the end at the design’s top first, so nothing is turned; the house’s habit for '.
                    'other garments does not touch it.',
                strength: Strength::Must,
            )->on(Fact::Garment),
            self::rule(
                'closed_end_to_operator',
                'a stocking',
                static fn(Facts $f): bool => $f->item->garment === G::Stocking,
                static fn(Ends $ends): array => [$ends->bottomFirst()],
                'It is slipped over the arm by its opening, the closed end towards the operator: the design is turned '.
                    'half round.',
                strength: Strength::Must,
            )->on(Fact::Garment),
            self::rule(
                'narrow_end_over_arm',
                'a sleeve or a leg',
                static fn(Facts $f): bool => $f->item->isNarrowTube(),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
                'The narrow end goes over the arm, and the rest of the garment hangs free in front of the machine.',
            )->on(Fact::Garment, Fact::Position),
            self::rule(
                'weight_in_front',
                'a blanket or a towel',
                static fn(Facts $f): bool => $f->item->garment->isHeavyCloth(),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst(), $ends->sideFirst()],
                'The weight hangs off the front of the machine, so the design is turned half round.',
            )->on(Fact::Garment),
            self::rule(
                'neck_too_tight',
                'a design wider than the neck opening less the arm',
                static fn(Facts $f): bool => $f->neckIsTight(),
                static fn(Ends $ends): array => [$ends->bottomFirst()],
                'Neck first the frame would run out of travel and registration would be lost: waist first, and the '.
                    'design turned half round.',
                strength: Strength::Must,
            )->on(Fact::Width, Fact::Neck),
            self::rule(
                'least_bulk_to_machine',
                'a jacket, padded or not',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Jacket, G::PaddedJacket], true),
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
                'The edge with least bulk goes towards the machine: the jacket lies upside down.',
            )->on(Fact::Garment),
            self::rule(
                'bag_opening_first',
                'a bag',
                static fn(Facts $f): bool => $f->item->garment === G::Bag,
                static fn(Ends $ends): array => [$ends->topFirst(), $ends->sideFirst()],
                'A bag goes in by its opening; sideways where its frame asks for it.',
            )->on(Fact::Garment),
            self::rule(
                'loose_piece',
                'a patch, an apron or a loose piece',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Patch, G::Apron, G::Other], true),
                static fn(Ends $ends): array => [$ends->topFirst(), $ends->sideFirst(), $ends->bottomFirst()],
                'A loose piece may lie as it fits the frame best.',
            )->on(Fact::Garment),
            self::rule(
                'neck_first',
                'anything else',
                static fn(Facts $f): bool => true,
                static fn(Ends $ends): array => [$ends->topFirst(), $ends->bottomFirst()],
                'Neck or waistband towards the machine; turned half round only where needed.',
                Question::Orientation,
                'neck_first',
            )->on(Fact::Garment, Fact::HouseRules, Fact::Position),
            self::rule(
                'waist_first',
                'anything else',
                static fn(Facts $f): bool => true,
                static fn(Ends $ends): array => [$ends->bottomFirst(), $ends->topFirst()],
                'Waist or hem towards the machine, always, and the design turned half round: one habit, one mistake '.
                    'less.',
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
        string $when,
        Closure $applies,
        Closure $says,
        string $text,
        ?Question $question = null,
        string $school = '',
        ?Strength $strength = null,
    ): Rule {
        return new Rule(
            SetupTopic::Loading,
            $name,
            $when,
            $applies,
            static fn(HouseRules $house, Facts $facts): array => $says(Ends::of($facts->item)),
            $text,
            $question,
            $school,
            $strength ?? ($question === null ? Strength::Should : Strength::May),
        );
    }
}
