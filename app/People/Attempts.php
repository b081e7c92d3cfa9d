<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** Guessing is slow: so many tries a minute, then none. */
final class Attempts
{
    private const MOST = 5;
    private const SECONDS = 60;

    /** @throws ValidationException at the field, when there were too many */
    public static function mustBeFew(string $of, string $field): void
    {
        if (RateLimiter::tooManyAttempts($of, self::MOST)) {
            throw ValidationException::withMessages([
                $field => sprintf('Too many tries; the next one counts in %d seconds.', RateLimiter::availableIn($of)),
            ]);
        }
        RateLimiter::hit($of, self::SECONDS);
    }

    public static function forget(string $of): void
    {
        RateLimiter::clear($of);
    }
}
