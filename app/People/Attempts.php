<?php

declare(strict_types=1);

namespace App\People;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Guessing is slow: so many wrong tries a minute, then none. A try is counted before it is looked at, in one statement,
 * so that forty at once are forty. What it is counted under is a hash: nobody reads here who tried to be whom.
 */
final class Attempts
{
    private const MOST = 5;
    /** From one address, under whatever names: a desk where several people mistype is not locked. */
    private const MOST_OF_ADDRESS = 20;
    /** Of one person, from whatever addresses. */
    private const MOST_ANYWHERE = 30;
    private const SECONDS = 60;

    /**
     * @param string $of    whom or what is tried
     * @param string $from  the address it is tried from
     * @param string $field at which it is told
     *
     * @throws ValidationException when there were too many
     */
    public static function count(string $of, string $from, string $field): void
    {
        $waits = max(
            self::add("{$of} {$from}", self::MOST),
            self::add("address:{$from}", self::MOST_OF_ADDRESS),
            self::add("anywhere:{$of}", self::MOST_ANYWHERE),
        );
        if ($waits > 0) {
            throw ValidationException::withMessages([
                $field => __('people.attempts.too_many_tries_try_again_in', ['waits' => $waits]),
            ]);
        }
    }

    /** It was them: what they mistyped before is forgotten. */
    public static function forget(string $of, string $from): void
    {
        DB::table('attempts')->where('of', self::hash("{$of} {$from}"))->delete();
        DB::table('attempts')
            ->where('of', self::hash("address:{$from}"))
            ->where('tries', '>', 0)
            ->decrement('tries');
    }

    /** @return int seconds until the next one counts; 0: this one does */
    private static function add(string $of, int $most): int
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $tries = DB::transaction(static function () use ($of, $now): int {
            DB::affectingStatement(
                <<<'SQL'
                insert into attempts (`of`, tries, until) values (?, last_insert_id(1), ?)
                on duplicate key update
                    tries = last_insert_id(if(until <= ?, 1, tries + 1)),
                    until = if(until <= ?, ?, until)
                SQL
                ,
                [self::hash($of), $now + self::SECONDS, $now, $now, $now + self::SECONDS],
            );

            return (int) DB::selectOne('select last_insert_id() as tries')->tries;
        }, 5);

        return $tries <= $most
            ? 0
            : max(1, (int) DB::table('attempts')->where('of', self::hash($of))->value('until') - $now);
    }

    /** What is over is no longer of use to anybody. */
    public static function tidy(): void
    {
        DB::table('attempts')
            ->where('until', '<', CarbonImmutable::now()->getTimestamp())
            ->delete();
    }

    private static function hash(string $of): string
    {
        return hash('sha256', $of);
    }
}
