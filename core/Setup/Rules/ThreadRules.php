<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;

/**
 * The weight of the thread: the first rule that applies and is of the house's school holds, and the last always
 * applies.
 */
final class ThreadRules
{
    /** @return non-empty-list<Rule<int>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<int>>|null $kept */
        static $kept = null;
        return $kept ??= [
            Rule::saying(
                SetupTopic::Thread,
                'fine_letters',
                static fn(Facts $f, HouseRules $h): bool => $f->design->isFine($h->value(HouseRule::SmallLetter)),
                60,
            )->on(Fact::SmallestLetter),
            Rule::saying(
                SetupTopic::Thread,
                'usual',
                static fn(Facts $f): bool => true,
                40,
            )->on(Fact::SmallestLetter),
        ];
    }
}
