<?php

declare(strict_types=1);

namespace App\Foundation\Database;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;

/**
 * How long an answer of the database is waited for. A page waits a moment: a database that is there and silent is away.
 * Whoever waits for a lock, or asks for the report of years, waits as long as that may take.
 */
final class PatientConnection
{
    /** For a page, in seconds. */
    public const PAGE_S = 3;
    /** For what adds up the books. */
    public const REPORT_S = 60;
    /** So much longer the client waits than the server, which says what it was. */
    private const LONGER_S = 2;
    /** What the server is told as the connection is made. */
    public const LIMIT = 'limit_s';

    /** A connection that waits so many seconds takes the place of the one there is; the client keeps its patience for life. */
    public static function open(int $seconds): void
    {
        if (App::runningInConsole()) {
            return;
        }
        DB::purge();
        self::waits($seconds);
    }

    public static function waits(int $seconds): void
    {
        ini_set('mysqlnd.net_read_timeout', (string) ($seconds + self::LONGER_S));
        config(['database.connections.mariadb.'.self::LIMIT => $seconds]);
    }
}
