<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Plan\Placed;
use Hakama\Plan\Timetable;

/**
 * A plan replayed many times with chance: what runs where stays, times spread. Each batch draws from a stream of its own
 * that hangs on its name, so that two plans of the same work meet the same luck and can be compared.
 */
final readonly class Odds
{
    /**
     * @param array<array-key, PromiseOdds> $batches by batch, in the order in which the plan placed them
     * @param array<array-key, PromiseOdds> $orders  by order: an order ends when the last of its batches does
     */
    private function __construct(public int $runs, public int $seed, public array $batches, public array $orders) {}

    /**
     * @param int                               $runs   1 or more
     * @param float|null                        $share  the house promises what is kept in this share of cases, and
     *     what is kept in fewer is in danger; null where it has said none
     * @param array<array-key, list<array-key>> $orders order => its batches; an order of which one has no place in
     *     the plan is left out
     */
    public static function of(
        Timetable $plan,
        Spread $spread,
        int $runs = 1000,
        int $seed = 1,
        ?float $share = null,
        array $orders = [],
    ): self {
        $drawn = Replays::of($plan, $spread, $runs, $seed);
        $ranks = array_flip(array_map(static fn(Placed $placed): string => $placed->batch->id, $plan->placed));
        $ends = $drawn->ends;
        $judge = new Judge($plan, $drawn->lasted, $runs, $share);
        $batches = $together = [];
        foreach ($ranks as $id => $i) {
            $batches[$id] = $judge->promise($plan->placed[$i]->batch->id, [$i], $ends);
        }
        foreach ($orders as $order => $of) {
            $its = array_map(static fn(int|string $batch): ?int => $ranks[$batch] ?? null, $of);
            if ($its !== [] && ! in_array(null, $its, true)) {
                $together[$order] = $judge->promise((string) $order, $its, $ends);
            }
        }

        return new self($runs, $seed, $batches, $together);
    }

    /**
     * Of some batches nothing can be promised, whatever the plan: they miss something that nobody knows the coming of.
     *
     * @param list<array-key> $batches
     */
    public function without(array $batches): self
    {
        return new self($this->runs, $this->seed, array_diff_key($this->batches, array_flip($batches)), $this->orders);
    }

    /** How many promises are kept on average, of those that are in the plan. */
    public function keptOnAverage(): float
    {
        return array_sum(array_map(static fn(PromiseOdds $one): float => $one->kept, $this->batches));
    }
}
