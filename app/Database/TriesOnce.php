<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\MariaDbConnector;
use Throwable;

/** Somebody waits for the page: a database that does not answer is not called twice. */
final class TriesOnce extends MariaDbConnector
{
    /**
     * @param string $dsn
     * @param string $username
     * @param string $password
     * @param array<array-key, mixed> $options
     */
    protected function tryAgainIfCausedByLostConnection(Throwable $e, $dsn, $username, $password, $options): never
    {
        throw $e;
    }
}
