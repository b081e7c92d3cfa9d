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
        $then = self::parted($workload, $batch, $pieces, null);
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

    /**
     * Run on two machines at once where that pays: the second changeover is in it.
     *
     * @param list<int> $parts how many pieces might run apart, each fewer than the batch has
     *
     * @return array{int, Option}|null pieces, and where they cost least; null where no part saves what a moved batch costs
     */
    public static function pays(Workload $workload, Sequence $sequence, string $batch, array $parts): ?array
    {
        $best = null;
        foreach ($parts as $pieces) {
            [, $option] = self::split($workload, $sequence, $batch, $pieces);
            if ($option !== null && $option->costMore < ($best[1]->costMore ?? -max(1e-6, $workload->weights->moved))) {
                $best = [$pieces, $option];
            }
        }

        return $best;
    }

    /**
     * What is there is sewn, and what waits for its blanks run apart, both where that is cheapest.
     *
     * @param int $pieces  that wait; fewer than the batch has
     * @param int $readyAt when the others can be begun, seconds
     *
     * @return Timetable|null with the batch and its part; null where it cannot be
     */
    public static function awaiting(
        Workload $workload,
        Sequence $sequence,
        string $batch,
        int $pieces,
        int $readyAt,
    ): ?Timetable {
        $then = self::parted($workload, $batch, $pieces, $readyAt);
        $placed = self::cheapest($then, $sequence, [$batch, self::PART]);

        return $placed === null ? null : Timetable::of($then, $placed);
    }

    /**
     * Batches put where each costs least, one after the other; what stands on its machine stays there.
     *
     * @param list<string> $batches
     */
    public static function cheapest(Workload $workload, Sequence $sequence, array $batches): ?Sequence
    {
        foreach ($batches as $batch) {
            if ($workload->batches[$batch]->stays() && $sequence->machineOf($batch) !== null) {
                continue;
            }
            $best = Options::of(Timetable::of($workload, $sequence), $batch, 1)->all[0] ?? null;
            if ($best === null) {
                return null;
            }
            $sequence = $best->sequence;
        }

        return $sequence;
    }

    /** The shop with a part of a batch for itself; the rest may be ready at another time. */
    private static function parted(Workload $workload, string $batch, int $pieces, ?int $readyAt): Workload
    {
        $whole = $workload->batches[$batch];
        $rest = $whole->of($whole->pieces - $pieces);
        $rest = $readyAt === null ? $rest : $rest->promised($whole->promise->ready($readyAt));

        return $workload->with([
            ...array_values(array_map(
                static fn(BatchJob $one): BatchJob => $one->id === $batch ? $rest : $one,
                $workload->batches,
            )),
            $whole->part(self::PART, $pieces),
        ]);
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
