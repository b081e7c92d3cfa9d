<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * Work that is not in a plan yet, put into it batch by batch: each where it ends soonest without any other batch ending
 * later for it, the longest first.
 */
final readonly class Newcomers
{
    /**
     * @param list<string> $ids  of those that found a place
     * @param list<string> $left of those that no machine has a place for in the days that are planned
     */
    private function __construct(public Timetable $plan, public array $ids, public array $left) {}

    /** @param list<BatchJob> $new none of the shop's yet */
    public static function in(Workload $workload, Sequence $sequence, array $new): self
    {
        usort($new, static fn(BatchJob $a, BatchJob $b): int => self::longS($b) <=> self::longS($a));
        $ids = $left = [];
        foreach ($new as $batch) {
            $with = $workload->with([...array_values($workload->batches), $batch]);
            $option = Soonest::of(Timetable::of($with, $sequence), $batch->id)->behind;
            if ($option === null) {
                $left[] = $batch->id;
                continue;
            }
            [$workload, $sequence, $ids[]] = [$with, $option->sequence, $batch->id];
        }

        return new self(Timetable::of($workload, $sequence), $ids, $left);
    }

    private static function longS(BatchJob $batch): int
    {
        return $batch->pieces * min([PHP_INT_MAX >> 20, ...array_values($batch->sewing->sewS)]);
    }
}
