<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Facts\Facts;

/**
 * How fast it is sewn, stitches per minute: the first rule that applies and is of the house's school holds, and the
 * last always applies.
 */
final class SpeedRules
{
    /** @return non-empty-list<Rule<int>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<int>>|null $kept */
        static $kept = null;
        $speed = static fn(HouseRule $rule): \Closure => static fn(HouseRules $h): int => (int) $h->value($rule);

        return $kept ??= [
            new Rule(
                SetupTopic::Speed,
                'cap_detail',
                'a dense design or thick buckram on a cap',
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap()
                    && ($f->isDense($h) || $f->item->cloth->thickness === Thickness::Heavy),
                $speed(HouseRule::CapDetailSpeed),
                'Dense detail on a cap flags at speed.',
            ),
            new Rule(
                SetupTopic::Speed,
                'cap',
                'any other cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                $speed(HouseRule::CapSpeed),
                'A cap is held at its edges only and flags at speed.',
            ),
            new Rule(
                SetupTopic::Speed,
                'soft',
                'knits and pile',
                static fn(Facts $f): bool => $f->item->cloth->fabric->isKnit()
                    || $f->item->cloth->fabric->hasTexture(),
                $speed(HouseRule::KnitSpeed),
                'Soft cloth keeps its registration better a little slower.',
            ),
            new Rule(
                SetupTopic::Speed,
                'usual',
                'anything else',
                static fn(Facts $f): bool => true,
                $speed(HouseRule::Speed),
                'Stable cloth in a flat frame.',
            ),
        ];
    }
}
