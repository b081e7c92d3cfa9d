<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Plan\Timetable;

/**
 * A plan replayed many times with chance. Each batch draws from a stream of its own that hangs on its name, so that two
 * plans of the same work meet the same luck.
 *
 * @internal
 */
final readonly class Replays
{
    /**
     * @param array<int, array<int, int>> $ends        batch, as the plan placed it => run => when it ended; missing where
     *     no span of the hours held it any more
     * @param array<int, list<int>>       $changeovers batch => run => seconds
     * @param array<int, list<int>>       $lasted      batch => run => how long its changeover and loads lasted
     */
    private function __construct(public array $ends, public array $changeovers, public array $lasted) {}

    public static function of(Timetable $plan, Spread $spread, int $runs, int $seed): self
    {
        $replay = new Replay($plan);
        $draws = [];
        foreach ($plan->placed as $placed) {
            $heads = $plan->workload->lanes[$placed->machine]->heads;
            $draws[] = new Draws($placed, $heads, $spread, new Chance($seed ^ crc32($placed->batch->id)));
        }
        $ends = $each = $lasted = [];
        for ($run = 0; $run < $runs; $run++) {
            $changeovers = $loads = [];
            foreach ($draws as $i => $batch) {
                $changeovers[] = $each[$i][] = $batch->changeoverS();
                $loads[] = $batch->loadsS();
                $lasted[$i][] = $changeovers[$i] + array_sum($loads[$i]);
            }
            foreach ($replay->ends($changeovers, $loads) as $i => $end) {
                $ends[$i][$run] = $end;
            }
        }

        return new self($ends, $each, $lasted);
    }
}
