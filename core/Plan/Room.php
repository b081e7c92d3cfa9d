<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * Where a plan leaves room: by how much longer each batch could take before a promise on its machine is broken. What else
 * it would push back, by frames and hands, is not looked at.
 */
final class Room
{
    /** @return array<array-key, int> batch => seconds in which its machine is worked on; 0 where one is late already */
    public static function of(Timetable $timetable): array
    {
        $room = [];
        foreach ($timetable->workload->lanes as $lane) {
            $next = null;
            foreach (array_reverse($timetable->on($lane->id)) as $placed) {
                $own = $placed->lateS() > 0 ? 0 : $lane->hours->worked($placed->end(), $placed->batch->promise->dueAt);
                // The next may stand set up and wait for its blanks.
                $behind = $next === null
                    ? $own
                    : $room[$next->batch->id]
                        + $lane->hours->worked($placed->end(), $next->changeoverStart)
                        + $lane->hours->worked($next->changeoverStart + $next->changeoverS, $next->start());
                $room[$placed->batch->id] = min($own, $behind);
                $next = $placed;
            }
        }

        return $room;
    }
}
