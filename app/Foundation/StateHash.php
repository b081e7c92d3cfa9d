<?php

declare(strict_types=1);

namespace App\Foundation;

/**
 * What something looked like when somebody opened it, in twelve letters: a page hands it back with the change, and a
 * change made looking at an older state is seen as such.
 */
final class StateHash
{
    private const LENGTH = 12;

    /** @param mixed $state anything that JSON can hold */
    public static function of(mixed $state): string
    {
        return substr(hash('sha256', json_encode($state, JSON_THROW_ON_ERROR)), 0, self::LENGTH);
    }
}
