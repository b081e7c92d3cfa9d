<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** Every place a batch could stand in a plan, weighed against the plan as it is: why it is where it is, or when it could be ready. */
final readonly class Options
{
    /** @param list<Option> $all cheapest first */
    private function __construct(public array $all, public ?Option $current) {}

    /**
     * @param Sequence $sequence with the batch in it or without; what stands on a machine stays in front of it
     * @param string   $batch    one of the shop's
     */
    public static function of(Shop $shop, Sequence $sequence, string $batch): self
    {
        $now = Timetable::of($shop, $sequence);
        $rest = $sequence->without($batch);
        $without = $sequence->machineOf($batch) === null ? $now : Timetable::of($shop, $rest);
        $all = [];
        $current = null;
        foreach ($shop->lanes as $lane) {
            if ($shop->obstacle($shop->batches[$batch], $lane) !== null) {
                continue;
            }
            $lanes = $rest->on($lane->id);
            $front = count(array_filter($lanes, static fn(string $id): bool => $shop->batches[$id]->alreadySetUp));
            for ($place = $front; $place <= count($lanes); $place++) {
                $option = self::option($shop, $rest, $now, $without, $batch, $lane->id, $place);
                if ($option !== null) {
                    $all[] = $option;
                    $current = $option->sequence->on($lane->id) === $sequence->on($lane->id) && $sequence->machineOf($batch) === $lane->id ? $option : $current;
                }
            }
        }
        usort($all, static fn(Option $a, Option $b): int => [$a->costMore, $a->end] <=> [$b->costMore, $b->end]);

        return new self($all, $current);
    }

    /** What one move would bring; null when the batch cannot stand there. */
    public static function move(Shop $shop, Sequence $sequence, string $batch, string $machine, int $place): ?Option
    {
        if ($shop->obstacle($shop->batches[$batch], $shop->lanes[$machine]) !== null) {
            return null;
        }
        $now = Timetable::of($shop, $sequence);

        return self::option($shop, $sequence->without($batch), $now, $now, $batch, $machine, $place);
    }

    /** The soonest end that is possible when no other batch ends later for it. */
    public function soonestBehind(): ?Option
    {
        return self::soonest(array_filter($this->all, static fn(Option $option): bool => $option->pushesNobody()));
    }

    /** The soonest end that is possible when others may be moved, as long as none of them becomes late by it. */
    public function soonestKeepingPromises(): ?Option
    {
        return self::soonest(array_filter($this->all, static fn(Option $option): bool => $option->late === []));
    }

    /** The soonest end there is, whatever it does to others. */
    public function soonestAtAll(): ?Option
    {
        return self::soonest($this->all);
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

    /** @param array<int, Option> $options */
    private static function soonest(array $options): ?Option
    {
        usort($options, static fn(Option $a, Option $b): int => [$a->end, $a->costMore] <=> [$b->end, $b->costMore]);

        return $options[0] ?? null;
    }

    private static function option(Shop $shop, Sequence $rest, Timetable $now, Timetable $others, string $batch, string $machine, int $place): ?Option
    {
        $sequence = $rest->moved($batch, $machine, $place);
        $then = Timetable::of($shop, $sequence);
        $own = $then->find($batch);
        if ($own === null || count($then->unplaced) > count($now->unplaced)) {
            return null;
        }
        $later = $late = $saved = [];
        foreach ($then->placed as $one) {
            $before = $one->batch->id === $batch ? null : $others->find($one->batch->id);
            if ($before === null || $before->end() === $one->end()) {
                continue;
            }
            $later[$one->batch->id] = $one->end() - $before->end();
            if ($one->lateS() > 0 && $before->lateS() === 0) {
                $late[] = $one->batch->id;
            } elseif ($one->lateS() === 0 && $before->lateS() > 0) {
                $saved[] = $one->batch->id;
            }
        }

        return new Option($machine, $place, $own->end(), $own->lateS(), $then->totals->cost - $now->totals->cost, $then->totals->setupMin - $now->totals->setupMin, $later, $late, $saved, $sequence);
    }
}
