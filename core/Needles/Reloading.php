<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Machine\Rack;

/**
 * The other school, as a yardstick: the rack is loaded anew for each batch, its threads in sewing order from the
 * first needle on.
 */
final class Reloading
{
    /**
     * How many cones that would exchange; pinned needles keep theirs and are used where they can be.
     *
     * @param list<Demand> $batches in running order
     */
    public static function changes(Rack $rack, array $batches, ThreadNeeds $needs = new ThreadNeeds()): int
    {
        $changes = 0;
        foreach ($batches as $batch) {
            $taken = [];
            foreach ($batch->threads() as $thread) {
                foreach ($rack->needles as $number => $needle) {
                    if (
                        isset($taken[$number])
                        || ($needle->pinned && $needle->thread !== $thread)
                        || ! $needs->allow($thread, $needle)
                    ) {
                        continue;
                    }
                    $taken[$number] = true;
                    $changes += $needle->thread === $thread ? 0 : 1;
                    $rack = $rack->loaded($number, $thread);
                    break;
                }
            }
        }

        return $changes;
    }
}
