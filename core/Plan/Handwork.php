<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Calendar\Hands;

/**
 * When a plan wants people's hands, and how many at once: every changeover, the hooping and swapping before each load,
 * and with two sets of frames the hooping of the next load while one sews. A machine that sews wants none.
 */
final readonly class Handwork
{
    /**
     * @param list<array{int, int, int}> $steps [from, to), seconds of local time, and how many hands at once; rising,
     *     none where no hand is wanted
     */
    private function __construct(public array $steps) {}

    /** @param list<Placed> $planned */
    public static function of(array $planned, Workload $workload): self
    {
        $wanted = [];
        foreach ($planned as $placed) {
            $batch = $placed->batch;
            [$heads, $sewS, $left] = [
                $workload->lanes[$placed->machine]->heads,
                $batch->sewing->sewS[$placed->machine],
                $batch->pieces,
            ];
            $wanted[] = [$placed->changeoverStart, $placed->changeoverStart + $placed->changeoverS];
            foreach ($placed->loads as [$from, $to]) {
                $sews = $to - $sewS;
                $wanted[] = [$from, $sews];
                $left -= $heads;
                if ($batch->sewing->framesPerHead > 1 && $left > 0) {
                    $wanted[] = [$sews, $sews + min($sewS, min($left, $heads) * $batch->sewing->hoopS)];
                }
            }
        }

        return new self(self::added($wanted));
    }

    /** Seconds of hands that are wanted from one time to another. */
    public function seconds(int $from, int $to): int
    {
        return array_sum(
            array_map(
                static fn(array $step): int => $step[2] * max(0, min($step[1], $to) - max($step[0], $from)),
                $this->steps,
            ),
        );
    }

    /**
     * Seconds of hands that are wanted while all who are in have theirs full: something waits then that the plan does
     * not know of.
     *
     * @param Hands $people who is in, each tending one
     */
    public function beyond(Hands $people, int $from, int $to): int
    {
        $beyond = 0;
        foreach ($this->steps as [$begins, $ends, $count]) {
            $moments = [
                max($begins, $from),
                ...array_filter(
                    $people->times,
                    static fn(int $time): bool => $time > max($begins, $from) && $time < min($ends, $to),
                ),
                min($ends, $to),
            ];
            for ($i = 1; $i < count($moments); $i++) {
                $beyond += max(0, $moments[$i] - $moments[$i - 1]) * max(0, $count - $people->at($moments[$i - 1]));
            }
        }

        return $beyond;
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return list<array{int, int, int}>
     */
    private static function added(array $spans): array
    {
        $by = [];
        foreach ($spans as [$from, $to]) {
            if ($from < $to) {
                $by[$from] = ($by[$from] ?? 0) + 1;
                $by[$to] = ($by[$to] ?? 0) - 1;
            }
        }
        ksort($by);
        $steps = [];
        [$since, $count] = [0, 0];
        foreach ($by as $time => $more) {
            if ($more !== 0) {
                if ($count > 0) {
                    $steps[] = [$since, $time, $count];
                }
                [$since, $count] = [$time, $count + $more];
            }
        }

        return $steps;
    }
}
