<?php

declare(strict_types=1);

namespace Hakama\Thread;

use InvalidArgumentException;

/** A row of a list that says no thread. */
final class UnfitRow extends InvalidArgumentException
{
    public static function at(string $column, string $what): self
    {
        return new self("{$column}: {$what}");
    }
}
