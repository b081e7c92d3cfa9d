<?php

declare(strict_types=1);

namespace App\Foundation\Database;

use Closure;
use Illuminate\Database\QueryException;

/** A page's connection is new, so one that is lost will not come back while somebody waits: nothing is asked twice. */
final class NoRetryConnection extends ShopConnection
{
    /**
     * @param string               $query
     * @param array<array-key, mixed> $bindings
     */
    protected function tryAgainIfCausedByLostConnection(
        QueryException $e,
        $query,
        $bindings,
        Closure $callback,
    ): never {
        throw $e;
    }
}
