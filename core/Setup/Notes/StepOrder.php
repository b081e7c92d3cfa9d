<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use LogicException;

/**
 * In which order steps can be done: each after all that make what it needs, and before all that would make it too late. Of
 * those that may be next the one of the earlier stage is taken, then the one that stands first in the tables.
 */
final class StepOrder
{
    /**
     * @param list<NoteRule> $steps of one piece of work, as they stand in the tables
     *
     * @return list<NoteRule>
     *
     * @throws LogicException when two wait for each other
     */
    public static function of(array $steps): array
    {
        /** @var array<string, list<int>> $kept the same steps are asked about again and again */
        static $kept = [];
        $key = implode(' ', array_map(static fn(NoteRule $step): string => $step->code, $steps));
        $kept[$key] ??= self::order($steps);

        return array_map(static fn(int $i): NoteRule => $steps[$i], $kept[$key]);
    }

    /**
     * @param list<NoteRule> $steps
     *
     * @return list<int>
     */
    private static function order(array $steps): array
    {
        $waits = self::waits($steps);
        $rank = [];
        $stages = array_flip(array_column(WorkStage::cases(), 'value'));
        foreach ($steps as $i => $step) {
            $rank[$i] = $stages[$step->stage->value] * 1000 + $i;
        }
        asort($rank);
        $order = [];
        while ($rank !== []) {
            $next = null;
            foreach (array_keys($rank) as $i) {
                if (array_intersect_key($waits[$i], $rank) === []) {
                    $next = $i;
                    break;
                }
            }
            if ($next === null) {
                throw new LogicException('these steps wait for each other: '.implode(', ', array_map(
                    static fn(int $i): string => $steps[$i]->code,
                    array_keys($rank),
                )));
            }
            $order[] = $next;
            unset($rank[$next]);
        }

        return $order;
    }

    /**
     * @param list<NoteRule> $steps
     *
     * @return list<array<int, true>> for each step those that come before it
     */
    private static function waits(array $steps): array
    {
        $makers = [];
        foreach ($steps as $i => $step) {
            foreach ($step->makes as $state) {
                $makers[$state->value][] = $i;
            }
        }
        $waits = array_fill(0, count($steps), []);
        foreach ($steps as $i => $step) {
            foreach ($step->needs as $state) {
                foreach ($makers[$state->value] ?? [] as $maker) {
                    $waits[$i] += $maker === $i ? [] : [$maker => true];
                }
            }
            foreach ($step->before as $state) {
                foreach ($makers[$state->value] ?? [] as $maker) {
                    $waits[$maker] += $maker === $i ? [] : [$i => true];
                }
            }
        }

        return $waits;
    }
}
