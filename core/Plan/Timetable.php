<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** A sequence with every changeover, load and lateness worked out, and what could not be placed and why. */
final readonly class Timetable
{
    /**
     * @param Sequence       $sequence as it was given, with what could not be placed
     * @param list<Placed>   $placed   in the order in which they were placed
     * @param list<Unplaced> $unplaced
     * @param array<array-key, Placed> $byBatch
     */
    private function __construct(
        public Workload $workload,
        public Sequence $sequence,
        public array $placed,
        public array $unplaced,
        public Totals $totals,
        private array $byBatch,
    ) {}

    public static function of(Workload $workload, Sequence $sequence): self
    {
        [$placed, $unplaced] = (new \Hakama\Plan\Internal\Timing($workload))->run($sequence);

        return new self(
            $workload,
            $sequence,
            $placed,
            $unplaced,
            Totals::of($placed, $workload),
            array_combine(array_map(static fn(Placed $one): string => $one->batch->id, $placed), $placed),
        );
    }

    public function find(string $batch): ?Placed
    {
        return $this->byBatch[$batch] ?? null;
    }

    /**
     * What people have begun to prepare by this plan: cloth is cut, cones are out, cards are printed for what is set up
     * before a time.
     *
     * @return array<array-key, string> batch => machine
     */
    public function preparedUntil(int $time): array
    {
        $prepared = [];
        foreach ($this->placed as $placed) {
            if ($placed->changeoverStart < $time && ! $placed->batch->alreadySetUp) {
                $prepared[$placed->batch->id] = $placed->machine;
            }
        }

        return $prepared;
    }

    /** @return list<Placed> in running order */
    public function on(string $machine): array
    {
        return array_values(
            array_filter($this->placed, static fn(Placed $placed): bool => $placed->machine === $machine),
        );
    }
}
