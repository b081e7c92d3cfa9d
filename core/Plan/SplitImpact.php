<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What it would bring to run a batch as two, or two as one, before it is done. */
final class SplitImpact
{
    /** What a part is called that is not there yet. */
    public const PART = 'part';

    /**
     * Some pieces of a batch run apart: right behind the rest, and where that is cheapest.
     *
     * @param int $pieces fewer than the batch has
     *
     * @return array{Option|null, Option|null} right behind, and cheapest; null where it cannot be
     */
    public static function split(Workload $workload, Sequence $sequence, string $batch, int $pieces): array
    {
        $whole = $workload->batches[$batch];
        $others = array_values(
            array_map(
                static fn(BatchJob $one): BatchJob => $one->id === $batch ? $one->of($one->pieces - $pieces) : $one,
                $workload->batches,
            ),
        );
        $then = $workload->with([...$others, $whole->part(self::PART, $pieces)]);
        $now = Timetable::of($workload, $sequence);
        $machine = $sequence->machineOf($batch);
        $behind =
            $machine === null
                ? null
                : Option::between(
                    $now,
                    Timetable::of(
                        $then,
                        $sequence->moved(
                            self::PART,
                            $machine,
                            1 + (int) array_search($batch, $sequence->on($machine), true),
                        ),
                    ),
                    self::PART,
                );
        $best = Options::of(Timetable::of($then, $sequence), self::PART, 1)->all[0] ?? null;

        return [
            $behind,
            $best === null ? null : Option::between($now, Timetable::of($then, $best->sequence), self::PART),
        ];
    }

    /** A batch put into another, where that stands; null where it cannot be. */
    public static function join(Workload $workload, Sequence $sequence, string $batch, string $into): ?Option
    {
        $left = array_filter($workload->batches, static fn(BatchJob $one): bool => $one->id !== $batch);
        $then = $workload->with(
            array_values(
                array_map(
                    static fn(BatchJob $one): BatchJob => $one->id === $into
                        ? $one->of($one->pieces + $workload->batches[$batch]->pieces)
                        : $one,
                    $left,
                ),
            ),
        );

        return Option::between(
            Timetable::of($workload, $sequence),
            Timetable::of($then, $sequence->without($batch)),
            $into,
        );
    }
}
