<?php

declare(strict_types=1);

namespace Hakama\House;

use InvalidArgumentException;

final class UnfitRule extends InvalidArgumentException
{
    public static function outside(HouseRule $rule, float $value): self
    {
        $spec = RuleSpec::of($rule);

        return new self(
            sprintf('%s is %s to %s %s, not %s', $rule->value, $spec->least, $spec->most, $spec->unit, $value),
        );
    }

    public static function school(string $question, string $school): self
    {
        $known = Question::tryFrom($question);

        return new self(
            $known === null
                ? sprintf('"%s" is no question of the house', mb_substr($question, 0, 40))
                : sprintf(
                    '%s is %s, not "%s"',
                    $question,
                    implode(' or ', array_map(static fn(School $one): string => $one->value, $known->schools())),
                    mb_substr($school, 0, 40),
                ),
        );
    }

    public static function day(): self
    {
        return new self('the day starts, breaks, goes on and ends in that order');
    }
}
