<?php

declare(strict_types=1);

namespace App\Foundation\Database;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use Throwable;

/** Somebody waits for the page: a database that does not answer is not called twice. */
final class NoRetryConnector extends MariaDbConnector
{
    /**
     * Where somebody waits, the server gives up a second before its client does, and says whether it was a lock.
     *
     * @param array<array-key, mixed> $config
     */
    protected function configureConnection(PDO $connection, array $config): void
    {
        parent::configureConnection($connection, $config);
        $limit = (int) ($config[PatientConnection::LIMIT] ?? 0);
        if ($limit > 0) {
            $connection->exec(
                sprintf('set session innodb_lock_wait_timeout = %d, max_statement_time = %d', $limit, $limit + 1),
            );
        }
    }

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
