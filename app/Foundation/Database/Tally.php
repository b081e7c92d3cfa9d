<?php

declare(strict_types=1);

namespace App\Foundation\Database;

use Hakama\Floor\EventKind;

/** How events are added up where the database does it: what was taken back counts no more, wherever it is asked. */
final class Tally
{
    /** @param string $of what the log is called in the query */
    public static function done(string $of): string
    {
        return self::sum($of, static fn(EventKind $kind): int => $kind->countsDone());
    }

    public static function spoiled(string $of): string
    {
        return self::sum($of, static fn(EventKind $kind): int => $kind->countsSpoiled());
    }

    /** @return list<EventKind> that say something of pieces done or spoiled */
    public static function kinds(): array
    {
        return array_values(
            array_filter(
                EventKind::cases(),
                static fn(EventKind $kind): bool => $kind->countsDone() !== 0 || $kind->countsSpoiled() !== 0,
            ),
        );
    }

    /** @param callable(EventKind): int $counts */
    private static function sum(string $of, callable $counts): string
    {
        $cases = '';
        foreach (EventKind::cases() as $kind) {
            $sign = $counts($kind);
            $cases .= $sign === 0 ? '' : " when '{$kind->value}' then {$sign} * cast({$of}.piece_count as signed)";
        }

        return "sum(case {$of}.kind{$cases} else 0 end)";
    }
}
