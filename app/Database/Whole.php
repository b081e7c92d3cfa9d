<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Support\Facades\DB;

/** What holds together is written together, or not at all; where two of them got into each other's way, once more. */
final class Whole
{
    private const ATTEMPTS = 5;

    /**
     * @template T
     *
     * @param Closure(): T $do may be run again, so it keeps nothing beside the database
     *
     * @return T
     */
    public static function write(Closure $do): mixed
    {
        return DB::transaction(static fn(): mixed => $do(), self::ATTEMPTS);
    }
}
