<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Plan\Internal\Insertion;
use Hakama\Plan\Internal\Pricer;

/**
 * A plan in which something went wrong, mended with a few moves: one batch at a time goes to where that saves most, of
 * those that are late, that have no place, or that those wait for. Each move has to be worth what the house says that a
 * moved batch costs.
 */
final readonly class Mending
{
    /** @param list<string> $moved in the order in which they were moved; one that is moved twice is here once */
    private function __construct(public Sequence $sequence, public array $moved) {}

    /**
     * @param int                   $most     batches that may be moved
     * @param callable(): bool|null $isWanted asked before each move whether to go on
     */
    public static function of(Workload $workload, Sequence $inForce, int $most, ?callable $isWanted = null): self
    {
        $pricer = new Pricer($workload);
        $pricer->keep($inForce);
        $cost = self::cost($pricer);
        $moved = [];
        while ($isWanted === null || $isWanted()) {
            $may = count($moved) < $most ? null : $moved;
            $best = self::best($pricer, $may ?? self::concerned(Timetable::of($workload, $pricer->kept())));
            if ($best === null || $best[0] > $cost - max(1e-6, $workload->weights->moved)) {
                break;
            }
            [$cost, $batch, $lanes] = $best;
            $pricer->keep($lanes);
            $moved = array_values(array_unique([...$moved, $batch]));
        }

        return new self($pricer->kept(), $moved);
    }

    /**
     * The one move that leaves least to pay.
     *
     * @param list<string> $batches that may be moved
     *
     * @return array{float, string, Sequence}|null what the plan costs then, the batch, and the plan
     */
    private static function best(Pricer $pricer, array $batches): ?array
    {
        $best = null;
        $now = $pricer->kept();
        $numbers = array_flip($pricer->numbers->batches);
        foreach ($batches as $batch) {
            $pricer->keep($now->without($batch));
            $insertion = new Insertion($pricer);
            $place = $insertion->cheapest($numbers[$batch]);
            if ($place === null) {
                continue;
            }
            $insertion->put($numbers[$batch], ...$place);
            $cost = self::cost($pricer);
            if ($best === null || $cost < $best[0]) {
                $best = [$cost, $batch, $pricer->kept()];
            }
        }
        $pricer->keep($now);

        return $best;
    }

    /**
     * What is late or has no place, and all that is set up before it on its machine or in frames of its kind.
     *
     * @return list<string> as they are set up; what has no place first
     */
    private static function concerned(Timetable $timetable): array
    {
        $before = $without = [];
        foreach ($timetable->placed as $placed) {
            if ($placed->lateS() > 0) {
                foreach (self::waitedFor($placed) as $thing) {
                    $before[$thing] = max($before[$thing] ?? 0, $placed->changeoverStart);
                }
            }
        }
        foreach ($timetable->workload->batches as $batch) {
            if ($timetable->find($batch->id) === null && ! $batch->stays()) {
                $without[] = $batch->id;
            }
        }
        $concerned = array_filter($timetable->placed, static function (Placed $placed) use ($before): bool {
            foreach (self::waitedFor($placed) as $thing) {
                if (! $placed->batch->stays() && $placed->changeoverStart <= ($before[$thing] ?? -1)) {
                    return true;
                }
            }

            return false;
        });

        return [...$without, ...array_values(array_map(static fn(Placed $one): string => $one->batch->id, $concerned))];
    }

    /** @return list<string> */
    private static function waitedFor(Placed $placed): array
    {
        return ["machine:{$placed->machine}", "frame:{$placed->batch->equipment->frame}"];
    }

    private static function cost(Pricer $pricer): float
    {
        $missing = count($pricer->numbers->batches) - array_sum(array_map(count(...), $pricer->sequence));

        return $pricer->cost + Pricer::UNPLACED * $missing;
    }
}
