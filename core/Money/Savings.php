<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What would make a job cost the shop less, worked out by costing it once more with one thing otherwise. */
final class Savings
{
    /**
     * @param list<array{string, int, Work}> $ways what is done otherwise, in which of the job's works, and that work then
     *
     * @return list<array{string, int}> what is done otherwise, and cents less; what saves most first, what saves nothing not
     */
    public static function of(Job $job, Rates $rates, array $ways): array
    {
        $costs = Cost::planned($job, $rates)->cents();
        $saved = [];
        foreach ($ways as [$words, $which, $instead]) {
            $cents = $costs - Cost::planned($job->with($which, $instead), $rates)->cents();
            if ($cents > 0) {
                $saved[] = [$words, $cents];
            }
        }
        usort($saved, static fn(array $a, array $b): int => $b[1] <=> $a[1]);

        return $saved;
    }
}
