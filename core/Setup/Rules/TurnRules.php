<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Garment as G;
use Hakama\House\Question;
use Hakama\Setup\Facts\Facts;
use Hakama\Stitch\Turn;

/**
 * The ways round that would do, the preferred one first: the first rule that applies and is of the house's school
 * holds, and the last always applies.
 */
final class TurnRules
{
    /** @return non-empty-list<Rule<non-empty-list<Turn>>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<non-empty-list<Turn>>>|null $kept */
        static $kept = null;
        return $kept ??= [
            Rule::saying(
                About::Turn,
                'cap_upright',
                'a cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                [Turn::None],
                'A cap is mounted one way only; the machine turns the design if it has to.',
                strength: Strength::Must,
            ),
            Rule::saying(
                About::Turn,
                'weight_in_front',
                'a blanket or a towel',
                static fn(Facts $f): bool => $f->item->isHeavyCloth(),
                [Turn::Half, Turn::None],
                'The weight hangs off the front of the machine, so the design is turned half round.',
            ),
            Rule::saying(
                About::Turn,
                'least_bulk_to_machine',
                'a jacket, padded or not',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Jacket, G::PaddedJacket], true),
                [Turn::Half, Turn::None],
                'The edge with least bulk goes towards the machine: the jacket lies upside down.',
            ),
            Rule::saying(
                About::Turn,
                'neck_too_tight',
                'a design wider than the neck opening less the arm',
                static fn(Facts $f): bool => $f->neckIsTight(),
                [Turn::Half],
                'Neck first the frame would run out of travel and registration would be lost: waist first, and the design turned half round.',
                strength: Strength::Must,
            ),
            Rule::saying(
                About::Turn,
                'loose_piece',
                'a patch or a loose piece',
                static fn(Facts $f): bool => in_array($f->item->garment, [G::Patch, G::Other], true),
                [Turn::None, Turn::Quarter, Turn::Half],
                'A loose piece may lie as it fits the frame best.',
            ),
            Rule::saying(
                About::Turn,
                'neck_first',
                'anything else',
                static fn(Facts $f): bool => true,
                [Turn::None, Turn::Half],
                'Neck or open edge towards the machine; turned half round only where needed.',
                Question::Orientation,
                'neck_first',
            ),
            Rule::saying(
                About::Turn,
                'waist_first',
                'anything else',
                static fn(Facts $f): bool => true,
                [Turn::Half, Turn::None],
                'Waist or free edge towards the machine, always, and the design turned half round: one habit, one mistake less.',
                Question::Orientation,
                'waist_first',
            ),
        ];
    }
}
