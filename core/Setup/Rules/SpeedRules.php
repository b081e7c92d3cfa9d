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
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap() && $f->isDense($h),
                $speed(HouseRule::CapDetailSpeed),
            ))->on(Fact::Garment, Fact::Stitches),
            (new Rule(
                SetupTopic::Speed,
                'cap_small_letters',
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap()
                    && $f->design->hasSmallLetters($h->value(HouseRule::SmallLetter)),
                $speed(HouseRule::CapDetailSpeed),
            ))->on(Fact::Garment, Fact::SmallestLetter),
            (new Rule(
                SetupTopic::Speed,
                'cap_buckram',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->cloth->thickness === Thickness::Heavy,
                $speed(HouseRule::CapDetailSpeed),
            ))->on(Fact::Garment, Fact::Thickness),
            (new Rule(
                SetupTopic::Speed,
                'cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                $speed(HouseRule::CapSpeed),
            ))->on(Fact::Garment),
            (new Rule(
                SetupTopic::Speed,
                'soft',
                static fn(Facts $f): bool => $f->item->cloth->fabric->isKnit()
                    || $f->item->cloth->fabric->hasTexture(),
                $speed(HouseRule::KnitSpeed),
            ))->on(Fact::Fabric),
            (new Rule(
                SetupTopic::Speed,
                'usual',
                static fn(Facts $f): bool => true,
                $speed(HouseRule::Speed),
            ))->on(Fact::Fabric, Fact::Garment),
        ];
    }
}
