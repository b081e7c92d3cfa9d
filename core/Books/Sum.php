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
        $stitches = $done = 0;
        $plannedS = $realS = 0.0;
        foreach ($entries as $entry) {
            $stitches += $entry->stitches;
            $done += $entry->done;
            $plannedS += $entry->plannedS;
            $realS += $entry->realS;
            foreach ($entry->spoiled as $cause => $pieces) {
                $spoiled[$cause] = ($spoiled[$cause] ?? 0) + $pieces;
            }
        }
        arsort($spoiled);

        return new Entry($day, $machine, $order, $stitches, $done, $spoiled, $plannedS, $realS);
    }
}
