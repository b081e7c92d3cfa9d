<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Thread\ShelfForecast;
use Hakama\Thread\ThreadDemand;
use Hakama\Thread\ThreadUse;

/**
 * What thread the batches of a plan want: by day and by order, against what stands on the shelf. A load wants its
 * thread on the day on which it begins.
 */
final readonly class ThreadWanted
{
    /** The day of what has no place in the plan; it sorts behind every date. */
    public const NOT_PLANNED = 'not_planned';
    private const NEAR_DAYS = 7;

    /**
     * @param array<string, array<string, float>> $byDay   Y-m-d of local time, or NOT_PLANNED => thread => metres
     * @param array<int, array<string, float>>    $byOrder order number => thread => metres
     * @param array<string, float>                $bobbinM day => metres of bobbin thread
     */
    private function __construct(
        public array $byDay,
        public array $byOrder,
        public array $bobbinM,
        public float $perBobbinM,
        public ShelfForecast $forecast,
    ) {}

    /**
     * @param array<string, list<ThreadUse>> $uses       batch => for each of its threads in order what a piece takes
     * @param array<string, int>             $orders     batch => order number
     * @param array<string, float>           $metres     thread => metres on the shelf
     * @param float                          $perBobbinM metres on a full bobbin
     */
    public static function of(
        Timetable $timetable,
        array $uses,
        array $orders,
        array $metres,
        float $perBobbinM,
    ): self {
        $byDay = $byOrder = $bobbinM = $demands = [];
        foreach ($timetable->workload->batches as $code => $batch) {
            foreach (self::piecesByDay($timetable, $batch) as $day => [$pieces, $at]) {
                foreach ($batch->equipment->threads as $i => $thread) {
                    $m = $pieces * $uses[$code][$i]->topM;
                    $byDay[$day][$thread] = ($byDay[$day][$thread] ?? 0.0) + $m;
                    $byOrder[$orders[$code]][$thread] = ($byOrder[$orders[$code]][$thread] ?? 0.0) + $m;
                    $bobbinM[$day] = ($bobbinM[$day] ?? 0.0) + $pieces * $uses[$code][$i]->bobbinM;
                    $demands[] = new ThreadDemand($thread, $m, $at, $batch->id);
                }
            }
        }
        ksort($byDay);
        ksort($byOrder);
        ksort($bobbinM);

        return new self($byDay, $byOrder, $bobbinM, $perBobbinM, ShelfForecast::of($metres, $demands));
    }

    /** @return list<string> a week is looked at day by day; what lies further off is one sum */
    public function nearDays(): array
    {
        return array_slice(array_keys($this->byDay), 0, self::NEAR_DAYS);
    }

    /** @return array<string, float> thread => metres wanted after the near days */
    public function later(): array
    {
        $metres = [];
        foreach (array_slice($this->byDay, self::NEAR_DAYS) as $byThread) {
            foreach ($byThread as $thread => $m) {
                $metres[$thread] = ($metres[$thread] ?? 0.0) + $m;
            }
        }

        return $metres;
    }

    public function bobbins(string $day): int
    {
        return ShelfForecast::bobbins($this->bobbinM[$day] ?? 0.0, $this->perBobbinM);
    }

    public function bobbinsLater(): int
    {
        return ShelfForecast::bobbins(array_sum(array_slice($this->bobbinM, self::NEAR_DAYS)), $this->perBobbinM);
    }

    public function bobbinsInAll(): int
    {
        return ShelfForecast::bobbins(array_sum($this->bobbinM), $this->perBobbinM);
    }

    /** @return array<string, array{int, int}> day => pieces sewn on it and the start of its first load */
    private static function piecesByDay(Timetable $timetable, BatchJob $batch): array
    {
        $placed = $timetable->find($batch->id);
        if ($placed === null) {
            return [self::NOT_PLANNED => [$batch->pieces, PHP_INT_MAX]];
        }
        $heads = $timetable->workload->lanes[$placed->machine]->heads;
        $left = $batch->pieces;
        $days = [];
        foreach ($placed->loads as [$from]) {
            $pieces = min($heads, $left);
            $left -= $pieces;
            $day = gmdate('Y-m-d', $from);
            $days[$day] = [($days[$day][0] ?? 0) + $pieces, $days[$day][1] ?? $from];
        }

        return $days;
    }
}
