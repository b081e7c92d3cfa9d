<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** What the shelf comes to when everything planned is sewn: which thread runs short, and at which batch. */
final readonly class ShelfForecast
{
    /**
     * @param array<string, float>             $needed thread => metres wanted in all
     * @param array<string, float>             $left   thread => metres left after all of it; below zero when short
     * @param array<string, ThreadDemand>      $short  thread => the demand that cannot be met, soonest first
     * @param list<ThreadDemand>               $unmet  all of them, by time
     */
    private function __construct(public array $needed, public array $left, public array $short, public array $unmet) {}

    /**
     * @param array<string, float> $metres  thread => metres on the shelf
     * @param list<ThreadDemand>   $demands in any order; they are met by time
     */
    public static function of(array $metres, array $demands): self
    {
        usort($demands, static fn(ThreadDemand $a, ThreadDemand $b): int => $a->at <=> $b->at);
        $needed = $left = $short = $unmet = [];
        foreach ($demands as $demand) {
            $code = $demand->thread;
            $needed[$code] = ($needed[$code] ?? 0.0) + $demand->metres;
            $left[$code] = ($left[$code] ?? ($metres[$code] ?? 0.0)) - $demand->metres;
            if ($left[$code] < 0) {
                $short[$code] ??= $demand;
                $unmet[] = $demand;
            }
        }

        return new self($needed, $left, $short, $unmet);
    }

    /**
     * Bobbins to have wound or bought.
     *
     * @param float $metres    bobbin thread wanted
     * @param float $perBobbin metres on a full one
     */
    public static function bobbins(float $metres, float $perBobbin): int
    {
        return (int) ceil($metres / $perBobbin - 1e-9);
    }
}
