<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/**
 * What a plan is judged by: the price of a minute late, of a minute of changeover, and of a minute until a batch is
 * done, and of work that people have done in vain.
 */
final readonly class Weights
{
    private const HOUR = 3600;
    private const DAY = 86400;

    /**
     * @param float $moved   what it costs to take a batch elsewhere for which people have prepared a machine
     * @param float $hourMin over an hour late counts as so many minutes more
     * @param float $dayMin  done on another day than it was promised for, the same
     * @param float $eventMin late for an event, the same
     * @param float $walk    what a walk to the shelf costs, for each changeover that wants other cones
     * @param float $beyond  a minute of hands that are wanted while all who are in have theirs full
     * @param float $unfit   a minute that a batch is worth less on its machine
     */
    public function __construct(
        public float $late,
        public float $changeover,
        public float $flow,
        public float $moved = 0.0,
        public float $hourMin = 0.0,
        public float $dayMin = 0.0,
        public float $eventMin = 0.0,
        public float $walk = 0.0,
        public float $beyond = 0.0,
        public float $unfit = 1.0,
    ) {}

    public static function of(HouseRules $house): self
    {
        return new self(
            $house->value(HouseRule::LateCost),
            $house->value(HouseRule::ChangeoverCost),
            $house->value(HouseRule::FlowCost),
            $house->value(HouseRule::MovedCost),
            $house->value(HouseRule::LateHour),
            $house->value(HouseRule::LateDay),
            $house->value(HouseRule::LateEvent),
            $house->value(HouseRule::WalkTime) * $house->value(HouseRule::ChangeoverCost),
            $house->value(HouseRule::BeyondCost),
            $house->value(HouseRule::UnfitCost),
        );
    }

    /** What so much lateness counts as, minutes: those of the clock, weighted, and the steps it is past. */
    public function lateMin(Promise $promise, int $lateS): float
    {
        $minutes = $lateS / 60;
        foreach ($lateS > 0 ? $this->steps($promise) : [] as [$afterS, $more]) {
            $minutes += $lateS > $afterS ? $more : 0.0;
        }

        return $promise->weight * $minutes;
    }

    /** @return list<array{int, float}> seconds late past which it counts as so many minutes more */
    public function steps(Promise $promise): array
    {
        return array_values(
            array_filter(
                [
                    [0, $promise->isEvent ? $this->eventMin : 0.0],
                    [self::HOUR, $this->hourMin],
                    [self::DAY - 1 - ($promise->dueAt % self::DAY), $this->dayMin],
                ],
                static fn(array $step): bool => $step[1] > 0,
            ),
        );
    }
}
