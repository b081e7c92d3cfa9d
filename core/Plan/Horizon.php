<?php

declare(strict_types=1);

namespace Hakama\Plan;

/**
 * What a search may move where the plan reaches further than anyone looks ahead: what begins or is due before then. The
 * rest stays on its machine, in its order, after what comes before it.
 */
final readonly class Horizon
{
    private const WEEK_S = 604_800;

    /** @param array<array-key, list<string>> $kept machine => batches that stay behind the others */
    private function __construct(public Workload $near, private array $kept) {}

    public static function of(Workload $workload, Sequence $inForce, int $weeks): self
    {
        $until = $workload->now + $weeks * self::WEEK_S;
        $timed = Timetable::of($workload, $inForce);
        $kept = [];
        foreach ($inForce->batches as $machine => $ids) {
            foreach (array_reverse($ids) as $id) {
                // From the end: whatever stands before something near has to be near itself.
                $placed = $timed->find($id);
                if ($placed === null || $placed->changeoverStart < $until || $placed->batch->promise->dueAt < $until) {
                    break;
                }
                $kept[$machine] = [$id, ...$kept[$machine] ?? []];
            }
        }
        $far = array_fill_keys(array_merge(...array_values($kept)), true);

        return new self(
            $far === []
                ? $workload
                : $workload->with(array_values(array_filter(
                    $workload->batches,
                    static fn(BatchJob $batch): bool => ! isset($far[$batch->id]),
                ))),
            $kept,
        );
    }

    /** How many batches stay where they are. */
    public function keeps(): int
    {
        return array_sum(array_map(count(...), $this->kept));
    }

    /** The whole plan: what was found for what is near, and the rest behind it. */
    public function whole(Sequence $near): Sequence
    {
        $lanes = $near->batches;
        foreach ($this->kept as $machine => $ids) {
            $lanes[$machine] = [...array_diff($lanes[$machine] ?? [], $ids), ...$ids];
        }

        return new Sequence($lanes);
    }

    /** A plan without what stays. */
    public function part(Sequence $whole): Sequence
    {
        return new Sequence(array_map(
            fn(array $ids): array => array_values(array_filter(
                $ids,
                fn(string $id): bool => isset($this->near->batches[$id]),
            )),
            $whole->batches,
        ));
    }
}
