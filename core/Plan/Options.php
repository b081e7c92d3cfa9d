<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** Every place a batch could stand in a plan, weighed against the plan as it is: why it is where it is. */
final readonly class Options
{
    /** @param list<Option> $all cheapest first */
    private function __construct(public array $all, public ?Option $current) {}

    /**
     * @param Timetable $now   the plan as it is, with the batch in it or without; what stands on a machine stays in front
     * @param string    $batch one of the shop's
     * @param int|null  $most  so many of the cheapest, and the place it has; null for all of them
     */
    public static function of(Timetable $now, string $batch, ?int $most = null): self
    {
        [$workload, $sequence] = [$now->workload, $now->sequence];
        $rest = $sequence->without($batch);
        $all = [];
        $current = null;
        foreach (self::places($workload, $rest, $sequence, $batch, $most) as [$machine, $rank]) {
            $option = self::option($now, $rest, $batch, $machine, $rank);
            if ($option !== null) {
                $all[] = $option;
                $current =
                    $sequence->machineOf($batch) === $machine
                    && $option->sequence->on($machine) === $sequence->on($machine)
                        ? $option
                        : $current;
            }
        }
        usort($all, static fn(Option $a, Option $b): int => [$a->costMore, $a->end] <=> [$b->costMore, $b->end]);

        return new self($all, $current);
    }

    /** What one move would bring; null when the batch cannot stand there. */
    public static function move(Timetable $now, string $batch, string $machine, int $rank): ?Option
    {
        $workload = $now->workload;

        return $workload->obstacle($workload->batches[$batch], $workload->lanes[$machine]) === null
            ? self::option($now, $now->sequence->without($batch), $batch, $machine, $rank)
            : null;
    }

    /**
     * Right behind the first few batches that have the same design in the same frame, where it is not there already.
     *
     * @return list<Option>
     */
    public static function together(Timetable $now, string $batch, int $most): array
    {
        [$workload, $sequence] = [$now->workload, $now->sequence];
        $rest = $sequence->without($batch);
        $options = [];
        foreach ($workload->batches as $other) {
            $machine = $rest->machineOf($other->id);
            if (
                count($options) === $most
                || $other->id === $batch
                || $machine === null
                || ! $workload->batches[$batch]->goesOn($other)
                || $workload->obstacle($workload->batches[$batch], $workload->lanes[$machine]) !== null
            ) {
                continue;
            }
            $rank = 1 + (int) array_search($other->id, $rest->on($machine), true);
            $option =
                ($sequence->on($machine)[$rank] ?? null) === $batch
                    ? null
                    : self::option($now, $rest, $batch, $machine, $rank);
            if ($option !== null) {
                $options[] = $option;
            }
        }

        return $options;
    }

    /** The best place beside the one it has. */
    public function nextBest(): ?Option
    {
        foreach ($this->all as $option) {
            if ($option !== $this->current) {
                return $option;
            }
        }

        return null;
    }

    /**
     * Places it may stand at; when only some are wanted, the cheapest by price alone and the one it has.
     *
     * @return list<array{string, int}> machine and place
     */
    private static function places(
        Workload $workload,
        Sequence $rest,
        Sequence $sequence,
        string $batch,
        ?int $most,
    ): array {
        $pricer = new \Hakama\Plan\Internal\Pricer($workload);
        $pricer->keep($rest);
        $number = (int) array_search($batch, $pricer->numbers->batches, true);
        $places = [];
        foreach ($pricer->numbers->machines as $m => $machine) {
            if ($pricer->numbers->loads[$m][$number] === null) {
                continue;
            }
            $lane = $pricer->sequence[$m];
            $front = count(array_filter($lane, $pricer->stands(...)));
            for ($rank = $front; $rank <= count($lane); $rank++) {
                $isThere =
                    $sequence->machineOf($batch) === $machine
                    && array_search($batch, $sequence->on($machine), true) === $rank;
                $tried = $lane;
                array_splice($tried, $rank, 0, [$number]);
                $places[] = [
                    $most === null ? 0.0 : ($isThere ? -INF : $pricer->price([$m => $tried], [$m => $rank])),
                    $machine,
                    $rank,
                ];
            }
        }
        usort($places, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(
            static fn(array $one): array => [$one[1], $one[2]],
            array_slice($places, 0, $most === null ? null : $most + 1),
        );
    }

    private static function option(Timetable $now, Sequence $rest, string $batch, string $machine, int $rank): ?Option
    {
        return Option::between($now, Timetable::of($now->workload, $rest->moved($batch, $machine, $rank)), $batch);
    }
}
