<?php

declare(strict_types=1);

namespace App\Foundation\Database;

use Closure;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * The one way to write. A shop has one writer at a time: whoever writes takes the shop's turn first, waits for whoever
 * has it, and only then reads, checks and writes. So nothing that was read before the lock is ever written back, numbers
 * have no gaps, and a check holds until what it allowed is stored. Pages that only read take no turn and wait for nobody.
 */
final class Transaction
{
    private const ATTEMPTS = 5;
    /** The columns by which the two kinds of writes are counted. */
    private const SHOP = 'number';
    private const FLOOR = 'floor';

    /** What the turn that is held has raised; null: nobody here has it. */
    private static ?string $raised = null;
    /** Whether anything was written since the turn was taken. */
    private static bool $hasWritten = false;
    private static int $taken = 0;

    /**
     * Runs it with the shop's turn, whole or not at all. Within another write it is a part of that one: what fails there
     * is undone back to its own beginning.
     *
     * @template T
     *
     * @param Closure(): T $do may be run again after a deadlock with something that takes no turn; it reads all it needs
     *     itself and keeps nothing beside the database
     *
     * @return T
     */
    public static function run(Closure $do): mixed
    {
        return self::withTurn($do, self::SHOP);
    }

    /**
     * The same for what happens at machines, every few seconds: it changes nothing of what is kept between pages but what
     * is kept by it.
     *
     * @template T
     *
     * @param Closure(): T $do
     *
     * @return T
     */
    public static function onFloor(Closure $do): mixed
    {
        return self::withTurn($do, self::FLOOR);
    }

    /**
     * @template T
     *
     * @param Closure(): T             $do
     * @param self::SHOP|self::FLOOR $raises
     *
     * @return T
     */
    private static function withTurn(Closure $do, string $raises): mixed
    {
        if (self::$raised !== null) {
            $before = self::$raised;
            try {
                return DB::transaction(static function () use ($do, $raises): mixed {
                    if ($raises === self::SHOP && self::$raised === self::FLOOR) {
                        self::raise(self::SHOP);
                    }

                    return $do();
                });
            } catch (Throwable $e) {
                // What it raised is undone with it: the next one raises it again.
                self::$raised = $before;
                throw $e;
            }
        }
        for ($attempt = 1; ; $attempt++) {
            try {
                return DB::transaction(static function () use ($do, $raises): mixed {
                    self::raise($raises);
                    self::$hasWritten = false;
                    self::$taken++;
                    // Whatever was worked out for this request before it had the turn is worked out anew.
                    App::forgetScopedInstances();

                    return $do();
                });
            } catch (Throwable $e) {
                if ($attempt >= self::ATTEMPTS || ! self::isDeadlock($e)) {
                    throw $e;
                }
            } finally {
                self::$raised = null;
            }
            usleep(random_int(1_000, 20_000));
        }
    }

    /** Whether what is read now is read within a write. */
    public static function isOpen(): bool
    {
        return self::$raised !== null;
    }

    /**
     * How many writes there were: what was kept of the tables before the last of them may be old.
     *
     * @return array{int, int} of the shop; of the floor alone
     */
    public static function counts(): array
    {
        $turns = DB::table('turns')->first();

        return [(int) ($turns->number ?? 0), (int) ($turns->floor ?? 0)];
    }

    /** Told by the connection of all that is not read. */
    public static function noteWrite(): void
    {
        self::$hasWritten = true;
    }

    /** How often a turn was taken here: what was known of the counts before is old. */
    public static function taken(): int
    {
        return self::$taken;
    }

    /**
     * The same as they were before the turn that is held, as long as nothing was written by it: nobody else writes, so what
     * was kept by then is what the tables say.
     *
     * @return array{int, int}|null null once something was written
     */
    public static function countsBefore(): ?array
    {
        if (self::$hasWritten) {
            return null;
        }
        [$shop, $floor] = self::counts();

        return [$shop - (self::$raised === self::SHOP ? 1 : 0), $floor - (self::$raised === self::FLOOR ? 1 : 0)];
    }

    /** Locked by writing, so that every kind of server that keeps copies of the shop sees it. */
    private static function raise(string $column): void
    {
        // A shop from which its row is gone gets one: better a page that is read anew than nothing stored any more.
        if (DB::table('turns')->increment($column) === 0) {
            DB::table('turns')->insertOrIgnore(['id' => 1, 'number' => random_int(1, 1 << 40)]);
            DB::table('turns')->increment($column);
        }
        self::$raised = $column;
    }

    private static function isDeadlock(Throwable $e): bool
    {
        return (new ConcurrencyErrorDetector())->causedByConcurrencyError($e)
            && ! str_contains($e->getMessage(), 'Lock wait timeout');
    }
}
