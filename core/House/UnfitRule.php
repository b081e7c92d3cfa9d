<?php

declare(strict_types=1);

namespace Hakama\House;

use InvalidArgumentException;

final class UnfitRule extends InvalidArgumentException
{
    public static function outside(HouseRule $rule, float $value): self
    {
        $spec = $rule->spec();

        return new self(sprintf('%s is %s to %s %s, not %s', $rule->value, $spec->least, $spec->most, $spec->unit, $value));
    }

    public static function day(): self
    {
        return new self('the day starts, breaks, goes on and ends in that order');
    }
}
