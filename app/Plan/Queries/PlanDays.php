<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\ShopClock;
use App\Plan\Chart\TimeAxis;
use App\Plan\OpenBatch;
use Hakama\Plan\Placed;

/** The plan as it hangs on the wall: what each machine sews on each day, a page a day. */
final class PlanDays
{
    /**
     * @param TimeAxis|null $axis the days that are wanted; null: all of them
     *
     * @return array<string, list<array{Placed, OpenBatch, bool}>> day => by machine and time; whether it goes on from before
     */
    public static function of(PlanBoard $board, ?TimeAxis $axis = null): array
    {
        $days = [];
        $wanted = array_map(
            static fn(array $day): string => ShopClock::time($day[0])->toDateString(),
            $axis->days ?? [],
        );
        foreach ($board->timetable()->placed as $placed) {
            if ($axis?->shows($placed->changeoverStart, $placed->end()) === false) {
                continue;
            }
            $batch = $board->batches()[$placed->batch->id] ?? null;
            if ($batch === null) {
                continue;
            }
            $first = ShopClock::time($placed->changeoverStart)->startOfDay();
            $last = ShopClock::time($placed->end())->startOfDay();
            for ($day = $first; $day <= $last; $day = $day->addDay()) {
                $isFirst = $day->equalTo($first);
                if ($axis !== null && ! in_array($day->toDateString(), $wanted, true)) {
                    continue;
                }
                if ($isFirst || self::isSewnOn($placed, $day->toDateString())) {
                    $days[$day->toDateString()][] = [$placed, $batch, ! $isFirst];
                }
            }
        }
        ksort($days);

        $place = array_flip(array_keys($board->workload()->lanes));

        return array_map(static function (array $rows) use ($place): array {
            usort(
                $rows,
                static fn(array $a, array $b): int => [$place[$a[0]->machine], $a[0]->changeoverStart]
                    <=> [$place[$b[0]->machine], $b[0]->changeoverStart],
            );

            return $rows;
        }, $days);
    }

    private static function isSewnOn(Placed $placed, string $day): bool
    {
        foreach ($placed->loads as [$from, $to]) {
            if (ShopClock::time($from)->toDateString() <= $day && ShopClock::time($to)->toDateString() >= $day) {
                return true;
            }
        }

        return false;
    }
}
