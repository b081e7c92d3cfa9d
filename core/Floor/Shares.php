<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * Who does which of the acts: in their order, each by whoever is free first; of two that are, by the one who stands at
 * that machine already.
 */
final class Shares
{
    /** From one machine to another, in seconds: enough to let who stands there do it when both are about as free. */
    private const WALK_S = 20.0;

    /**
     * @param list<Act>             $acts   in the order that keeps machines sewing
     * @param list<string>          $people at least one
     * @param array<string, string> $stands person => the machine each was at last
     *
     * @return array<string, list<Act>> person => what falls to them, in their order
     */
    public static function of(array $acts, array $people, array $stands): array
    {
        $free = array_fill_keys($people, 0.0);
        $shares = array_fill_keys($people, []);
        foreach ($acts as $act) {
            $begins = [];
            foreach ($free as $person => $at) {
                $begins[$person] = $at + (($stands[$person] ?? null) === $act->machine ? 0.0 : self::WALK_S);
            }
            asort($begins);
            $who = (string) array_key_first($begins);
            $shares[$who][] = $act;
            $free[$who] = $begins[$who] + $act->takesS;
            $stands[$who] = $act->machine;
        }

        return $shares;
    }
}
