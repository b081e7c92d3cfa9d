<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Facts\Fact;
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
            (new Rule(
                SetupTopic::Speed,
                'cap_detail',
                'a dense design on a cap',
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap() && $f->isDense($h),
                $speed(HouseRule::CapDetailSpeed),
                'Dense detail on a cap flags at speed.',
            ))->on(Fact::Garment, Fact::Stitches),
            (new Rule(
                SetupTopic::Speed,
                'cap_small_letters',
                'small letters on a cap',
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap()
                    && $f->design->hasSmallLetters($h->value(HouseRule::SmallLetter)),
                $speed(HouseRule::CapDetailSpeed),
                'Small letters on a cap close up at speed.',
            ))->on(Fact::Garment, Fact::SmallestLetter),
            (new Rule(
                SetupTopic::Speed,
                'cap_buckram',
                'thick buckram in a cap',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->cloth->thickness === Thickness::Heavy,
                $speed(HouseRule::CapDetailSpeed),
                'Thick buckram bends needles at speed.',
            ))->on(Fact::Garment, Fact::Thickness),
            (new Rule(
                SetupTopic::Speed,
                'cap',
                'any other cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                $speed(HouseRule::CapSpeed),
                'A cap is held at its edges only and flags at speed.',
            ))->on(Fact::Garment),
            (new Rule(
                SetupTopic::Speed,
                'soft',
                'knits and pile',
                static fn(Facts $f): bool => $f->item->cloth->fabric->isKnit()
                    || $f->item->cloth->fabric->hasTexture(),
                $speed(HouseRule::KnitSpeed),
                'Soft cloth keeps its registration better a little slower.',
            ))->on(Fact::Fabric),
            (new Rule(
                SetupTopic::Speed,
                'usual',
                'anything else',
                static fn(Facts $f): bool => true,
                $speed(HouseRule::Speed),
                'Stable cloth takes the usual speed.',
            ))->on(Fact::Fabric, Fact::Garment),
        ];
    }
}
