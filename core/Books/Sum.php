<?php

declare(strict_types=1);

namespace Hakama\Books;

/** Several entries added up. */
final class Sum
{
    /** @param list<Entry> $entries */
    public static function of(string $day, string $machine, string $order, array $entries): Entry
    {
        $spoiled = [];
        foreach ($entries as $entry) {
            foreach ($entry->spoiled as $cause => $pieces) {
                $spoiled[$cause] = ($spoiled[$cause] ?? 0) + $pieces;
            }
        }
        arsort($spoiled);

        return new Entry(
            $day,
            $machine,
            $order,
            array_sum(array_map(static fn(Entry $e): int => $e->stitches, $entries)),
            array_sum(array_map(static fn(Entry $e): int => $e->done, $entries)),
            $spoiled,
            array_sum(array_map(static fn(Entry $e): float => $e->plannedS, $entries)),
            array_sum(array_map(static fn(Entry $e): float => $e->realS, $entries)),
        );
    }
}
