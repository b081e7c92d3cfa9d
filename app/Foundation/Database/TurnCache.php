<?php

declare(strict_types=1);

namespace App\Foundation\Database;

use Closure;
use Error;
use Illuminate\Support\Facades\Cache;

/**
 * What every page asks for and hardly ever changes is kept between pages, with the number of the last write before it
 * was read: after any write it is read anew. Nobody has to remember to throw it away, and no server knows an old one. Whoever
 * writes has what was kept before it until it has written something itself.
 */
final class TurnCache
{
    /** @var array{int, int}|null */
    private ?array $turns = null;
    /** How often a turn had been taken when they were read. */
    private int $taken = -1;

    /**
     * @template T of array<array-key, mixed>
     *
     * @param Closure(): T $read    from the tables
     * @param bool         $byFloor whether what happens at machines changes it too
     * @param string       $also    what else it hangs on, such as the minute
     *
     * @return T
     */
    public function get(string $name, Closure $read, bool $byFloor = false, string $also = ''): array
    {
        // What is read after the number is as new as the number says, or newer.
        $turns = Transaction::isOpen() ? Transaction::countsBefore() : $this->turns();
        if ($turns === null) {
            return $read();
        }
        [$shop, $floor] = $turns;
        $turn = ($byFloor ? "{$shop}.{$floor}" : (string) $shop).$also;
        try {
            $kept = Cache::get($name);
        } catch (Error) {
            // What an earlier version kept is another thing.
            $kept = null;
        }
        if (is_array($kept) && ($kept['turn'] ?? null) === $turn) {
            return $kept['rows'];
        }
        $rows = $read();
        Cache::forever($name, ['turn' => $turn, 'rows' => $rows]);

        return $rows;
    }

    /** @return array{int, int} read once a request, and anew after a write in it */
    private function turns(): array
    {
        if ($this->turns === null || $this->taken !== Transaction::taken()) {
            [$this->turns, $this->taken] = [Transaction::counts(), Transaction::taken()];
        }

        return $this->turns;
    }
}
