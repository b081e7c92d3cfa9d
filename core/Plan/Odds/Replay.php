<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Calendar\Hands;
use Hakama\Plan\Placed;
use Hakama\Plan\Timetable;
use Hakama\Plan\Workload;

/**
 * The timing pass over one plan with other times: which batch runs where and after which stays, changeovers and loads
 * last as they are told. With the times of the plan it ends as the plan does.
 *
 * @internal
 */
final class Replay
{
    private const FAR = 1 << 60;

    /** @var list<list<int>> machine => its batches, as ranks in `placed` */
    private array $lanes = [];
    /** @var list<list<int>> machine => where its spans begin, one more past them that holds anything */
    private array $from = [];
    /** @var list<list<int>> machine => where they end */
    private array $to = [];
    /** @var list<int> batch => the frame it wants, numbered */
    private array $frame = [];
    /** @var list<int> batch => frames it holds */
    private array $held = [];
    /** @var list<int> frame => how many there are */
    private array $stock = [];
    /** @var list<array<array-key, Hands>> batch => skill => those who have it, where not everybody has */
    private array $able = [];
    private readonly Workload $workload;

    public function __construct(private readonly Timetable $plan)
    {
        $this->workload = $plan->workload;
        $numbers = array_flip(array_keys($this->workload->frames));
        foreach ($this->workload->frames as $frame) {
            $this->stock[] = $frame->count;
        }
        $machines = array_flip(array_keys($this->workload->lanes));
        foreach ($this->workload->lanes as $lane) {
            $this->lanes[] = [];
            $this->from[] = [...array_column($lane->hours->spans, 0), self::FAR];
            $this->to[] = [...array_column($lane->hours->spans, 1), PHP_INT_MAX];
        }
        $rank = [];
        foreach ($plan->placed as $i => $placed) {
            $this->frame[] = $numbers[$placed->batch->equipment->frame];
            $this->held[] = $this->workload->lanes[$placed->machine]->heads * $placed->batch->sewing->framesPerHead;
            $this->able[] = $this->workload->able($placed->batch);
            $rank[$placed->batch->id] = $i;
        }
        foreach ($plan->sequence->batches as $machine => $batches) {
            foreach ($batches as $batch) {
                if (isset($rank[$batch])) {
                    $this->lanes[$machines[$machine]][] = $rank[$batch];
                }
            }
        }
    }

    /**
     * @param list<int>       $changeoversS of each batch in the order in which the plan placed it
     * @param list<list<int>> $loadsS       of each batch, its loads
     *
     * @return array<int, int> batch => when it ends; missing where no span of the hours holds it any more
     */
    public function ends(array $changeoversS, array $loadsS): array
    {
        $machines = count($this->lanes);
        $next = $span = array_fill(0, $machines, 0);
        $free = $from = array_fill(0, $machines, $this->workload->now);
        $mounted = $used = array_fill(0, $machines, -1);
        $ends = $has = [];
        // What was found before can only be pushed back by what others placed meanwhile: of all machines only that which
        // could start first is looked at, once for each that is placed.
        $seen = $at = array_fill(0, $machines, -1);
        $placed = 0;
        while (true) {
            [$best, $soonest] = [-1, PHP_INT_MAX];
            for ($m = 0; $m < $machines; $m++) {
                if ($from[$m] < $soonest && isset($this->lanes[$m][$next[$m]])) {
                    [$best, $soonest] = [$m, $from[$m]];
                }
            }
            if ($best < 0) {
                return $ends;
            }
            if ($seen[$best] !== $placed) {
                $batch = $this->lanes[$best][$next[$best]];
                $length = $changeoversS[$batch];
                $fixed = $this->plan->placed[$batch]->batch->fixed;
                $start = max($soonest, $fixed === null ? 0 : $fixed->startAt - $length);
                $i = $span[$best];
                for (; ; $start = $this->nextEnd($free, $best, $batch, $start)) {
                    while (max($start, $this->from[$best][$i]) + $length > $this->to[$best][$i]) {
                        $i++;
                    }
                    $start = max($start, $this->from[$best][$i]);
                    if (
                        $start >= self::FAR
                        || $this->has($best, $batch, $start, $length, $i, $loadsS[$batch], $free, $mounted, $used, $has)
                    ) {
                        break;
                    }
                }
                [$from[$best], $at[$best], $seen[$best]] = [$start, $i, $placed];
                if ($start > $soonest) {
                    continue;
                }
            }
            $placed++;
            $batch = $this->lanes[$best][$next[$best]++];
            $end =
                $soonest >= self::FAR
                    ? self::FAR
                    : $this->end($best, $batch, $soonest + $changeoversS[$batch], $at[$best], $loadsS[$batch]);
            $from[$best] = $free[$best];
            if ($end < self::FAR) {
                $ends[$batch] = $free[$best] = $from[$best] = $end;
                [$mounted[$best], $used[$best], $span[$best]] = [$this->frame[$batch], $this->held[$batch], $at[$best]];
                $has[$best] = $batch;
            }
        }
    }

    /**
     * Whether there are frames and hands from a start on, until the batch ends where people go meanwhile.
     *
     * @param list<int> $loadsS
     * @param list<int> $free
     * @param list<int> $mounted
     * @param list<int> $used
     * @param array<int, int> $has machine => the batch it was given last
     */
    private function has(
        int $m,
        int $batch,
        int $start,
        int $length,
        int $i,
        array $loadsS,
        array $free,
        array $mounted,
        array $used,
        array $has,
    ): bool {
        $frames = $this->held[$batch];
        $busy = 1;
        foreach ($free as $other => $until) {
            if ($until > $start && $other !== $m) {
                $busy++;
                $frames += $mounted[$other] === $this->frame[$batch] ? $used[$other] : 0;
            }
        }
        $hands = $this->workload->hands;
        if ($frames > $this->stock[$this->frame[$batch]] || $busy > $hands->at($start)) {
            return false;
        }
        $skills = $this->able[$batch];
        $end = $hands->times === [] && $skills === [] ? 0 : $this->end($m, $batch, $start + $length, $i, $loadsS);
        unset($free[$m]);
        if ($hands->times !== [] && ! self::tend($hands, $start, $end, $free)) {
            return false;
        }
        foreach ($skills as $skill => $able) {
            $alike = array_filter(
                $free,
                fn(int $other): bool => isset($has[$other]) && isset($this->able[$has[$other]][$skill]),
                ARRAY_FILTER_USE_KEY,
            );
            if (! self::tend($able, $start, $end, $alike)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether there are hands for one more machine from a start to its end.
     *
     * @param array<int, int> $busy machine => until when they have it to tend already
     */
    private static function tend(Hands $hands, int $start, int $end, array $busy): bool
    {
        $moments = array_filter($hands->times, static fn(int $goes): bool => $goes > $start && $goes < $end);
        foreach ([$start, ...$moments] as $moment) {
            if (1 + count(array_filter($busy, static fn(int $until): bool => $until > $moment)) > $hands->at($moment)) {
                return false;
            }
        }

        return true;
    }

    /**
     * The next moment at which something comes free, or people come.
     *
     * @param list<int> $free
     */
    private function nextEnd(array $free, int $m, int $batch, int $after): int
    {
        $next = self::FAR;
        foreach ($free as $other => $until) {
            if ($other !== $m && $until > $after && $until < $next) {
                $next = $until;
            }
        }
        foreach ([$this->workload->hands, ...array_values($this->able[$batch])] as $hands) {
            foreach ($hands->times as $time) {
                if ($time > $after && $time < $next) {
                    $next = $time;
                }
            }
        }

        return $next;
    }

    /** @param list<int> $loadsS */
    private function end(int $m, int $batch, int $time, int $i, array $loadsS): int
    {
        $one = $this->plan->placed[$batch]->batch;
        $time = max($time, $one->promise->readyAt, $one->fixed->startAt ?? 0);
        [$from, $to] = [$this->from[$m], $this->to[$m]];
        foreach ($loadsS as $load) {
            while (max($time, $from[$i]) + $load > $to[$i]) {
                $i++;
            }
            $time = max($time, $from[$i]) + $load;
        }

        return $time;
    }
}
