<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** Sequences made by a simple rule, without searching. */
final class Dispatch
{
    /** Batches in order of arrival, each appended to the machine that ends it soonest: how a shop books by hand. */
    public static function asBooked(Shop $shop): Sequence
    {
        return self::appendInOrder($shop, new Sequence([]), array_values($shop->batches));
    }

    /** Batches by due time, each appended to the machine that ends it soonest, after what already stands there. */
    public static function byDue(Shop $shop, Sequence $standing = new Sequence([])): Sequence
    {
        $placed = array_merge(...array_values($standing->batches), ...[[]]);
        $open = array_filter($shop->batches, static fn(Batch $batch): bool => ! in_array($batch->id, $placed, true));
        usort($open, static fn(Batch $a, Batch $b): int => $a->dueAt <=> $b->dueAt);

        return self::appendInOrder($shop, $standing, $open);
    }

    /** @param list<Batch> $batches */
    private static function appendInOrder(Shop $shop, Sequence $sequence, array $batches): Sequence
    {
        foreach ($batches as $batch) {
            $best = null;
            $soonest = PHP_INT_MAX;
            foreach ($shop->lanes as $machine => $lane) {
                if ($shop->obstacle($batch, $lane) !== null) {
                    continue;
                }
                $tried = $sequence->appended($machine, $batch->id);
                $end = Timetable::of($shop, $tried)->find($batch->id)?->end();
                if ($end !== null && $end < $soonest) {
                    [$best, $soonest] = [$tried, $end];
                }
            }
            $sequence = $best ?? $sequence;
        }

        return $sequence;
    }
}
