<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What it would bring to run a batch as two, or two as one, before it is done. */
final class Parts
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
    public static function split(Workload $shop, Sequence $sequence, string $batch, int $pieces): array
    {
        $whole = $shop->batches[$batch];
        $others = array_values(
            array_map(
                static fn(Batch $one): Batch => $one->id === $batch ? $one->of($one->pieces - $pieces) : $one,
                $shop->batches,
            ),
        );
        $then = $shop->with([...$others, $whole->part(self::PART, $pieces)]);
        $now = Timetable::of($shop, $sequence);
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
        $best = Options::of($then, $sequence, self::PART, 1)->all[0] ?? null;

        return [
            $behind,
            $best === null ? null : Option::between($now, Timetable::of($then, $best->sequence), self::PART),
        ];
    }

    /** A batch put into another, where that stands; null where it cannot be. */
    public static function join(Workload $shop, Sequence $sequence, string $batch, string $into): ?Option
    {
        $left = array_filter($shop->batches, static fn(Batch $one): bool => $one->id !== $batch);
        $then = $shop->with(
            array_values(
                array_map(
                    static fn(Batch $one): Batch => $one->id === $into
                        ? $one->of($one->pieces + $shop->batches[$batch]->pieces)
                        : $one,
                    $left,
                ),
            ),
        );

        return Option::between(
            Timetable::of($shop, $sequence),
            Timetable::of($then, $sequence->without($batch)),
            $into,
        );
    }
}
