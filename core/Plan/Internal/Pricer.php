<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Calendar\Hands;
use Hakama\Plan\Keep;
use Hakama\Plan\Sequence;
use Hakama\Plan\Workload;

/**
 * The cost of very many sequences of one shop, each like the one before but for a few places. It comes to what
 * `Timetable` comes to, with batches and machines as numbers and no object made on the way; every state that the pass
 * goes through is kept, so that a change is priced from the first place that it touches.
 *
 * What is placed never starts before what was placed already, so at the moment at which a changeover would start, a
 * machine is busy exactly when what it was given last has not ended: the shared things are looked up there and nowhere
 * else.
 *
 * @internal
 */
final class Pricer
{
    /** What cannot be placed at all makes a sequence worse than any lateness. */
    public const UNPLACED = 1e9;
    /** A minute by which a batch misses the start it is fixed to. */
    private const MOVED_FIXED = 1e5;
    private const NEVER = Numbers::NEVER;
    private const FAR = Numbers::FAR;

    public readonly Numbers $numbers;
    /** @var array<int, list<int>> the sequence that was priced last and kept: machine => batches */
    public array $sequence = [];
    public float $cost = 0.0;
    /** @var array<int, list<NeedleCount|NeedleGroups>> machine, rank => the needles before it */
    private array $needles = [];
    /** @var array<int, array<int, int>> machine, rank => the step at which it was placed */
    private array $stepOf = [];
    /**
     * @var list<array{array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int,
     *     int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, float}> the
     *     state before each step
     */
    private array $states = [];
    /** @var array<int, array<int, int>> machine, rank => seconds for cones and for what stands before it */
    private array $threadsS = [];
    /** @var array<int, int> step => when the changeover starts that it places */
    private array $startAt = [];
    /** @var array<int, int> batch => when its changeover starts in the kept sequence */
    public array $startOf = [];
    /** @var array<int, int> batch => when it ends in the kept sequence */
    public array $endOf = [];
    /** @var array<int, float> batch => what it adds to the cost of the kept sequence */
    private array $costOf = [];
    /** @var array<int, int> machine => when the sequence that was priced last ends there */
    public array $ends = [];

    public function __construct(private readonly Workload $workload)
    {
        $this->numbers = new Numbers($workload);
        $start = [[], [], [], [], [], [], [], [], [], [], [], 0.0];
        foreach ($this->numbers->mounted as $m => $mounted) {
            $this->sequence[$m] = $this->stepOf[$m] = $this->threadsS[$m] = [];
            $this->needles[$m] = [$this->numbers->racks[$m]];
            foreach ([0, $workload->now, $mounted['frame'], $mounted['driver'], 0, 0, -1, 0, 0, 0, -1] as $i => $value) {
                $start[$i][] = $value;
            }
        }
        $this->states = [$start];
    }

    /**
     * A sequence priced from its beginning, and kept as the one that changes are made to; what cannot go where it
     * stands is left out.
     */
    public function keep(Sequence $sequence): float
    {
        $number = array_flip($this->numbers->batches);
        $lanes = [];
        foreach ($this->numbers->machines as $m => $machine) {
            $lanes[$m] = array_values(
                array_filter(
                    array_map(static fn(string $id): int => $number[$id], $sequence->on($machine)),
                    fn(int $batch): bool => $this->numbers->loads[$m][$batch] !== null,
                ),
            );
        }

        return $this->change($lanes, array_fill(0, count($lanes), 0));
    }

    public function kept(): Sequence
    {
        $lanes = [];
        foreach ($this->sequence as $m => $lane) {
            $lanes[$this->numbers->machines[$m]] = array_map(
                fn(int $batch): string => $this->numbers->batches[$batch],
                $lane,
            );
        }

        return new Sequence($lanes);
    }

    /** Whether what stands last on a machine was placed last of all: nothing starts after it. */
    public function isPlacedLast(int $m): bool
    {
        return $this->stepOf[$m][count($this->sequence[$m]) - 1] === count($this->states) - 2;
    }

    /** It is on its machine already, or as good as that: nothing goes before it. */
    public function stands(int $batch): bool
    {
        return $this->numbers->inFront[$batch];
    }

    /** @return array<int, int> machine => how many stay at the front of the kept sequence */
    public function fronts(): array
    {
        $fronts = [];
        foreach ($this->sequence as $m => $lane) {
            $fronts[$m] = 0;
            while (isset($lane[$fronts[$m]]) && $this->stands($lane[$fronts[$m]])) {
                $fronts[$m]++;
            }
        }

        return $fronts;
    }

    /** It is not moved. */
    public function stays(int $batch): bool
    {
        return $this->numbers->inFront[$batch] || $this->numbers->fixed[$batch] !== null;
    }

    /**
     * Seconds that a changeover takes more, or less, for the batch before it: other needles are to be fitted, a strap
     * is to be set, or the same design goes on.
     */
    private function afterS(int $m, ?int $last, int $batch): int
    {
        if ($last === null) {
            return $this->numbers->firstS[$m][$batch];
        }
        $fitted = $this->numbers->needle[$last];
        $needlesS =
            $fitted === -1 || $this->numbers->needle[$batch] === -1 || $fitted === $this->numbers->needle[$batch]
                ? 0
                : $this->numbers->needleS[$m][$batch];

        $styleS =
            $this->numbers->style[$batch] === -1 || $this->numbers->style[$last] === $this->numbers->style[$batch]
                ? 0
                : $this->workload->changeover->styleS;

        return $this->numbers->design[$batch] !== -1 && $this->numbers->design[$last] === $this->numbers->design[$batch]
            ? $needlesS + $styleS + $this->workload->changeover->againS - $this->workload->changeover->traceS
            : $needlesS + $styleS;
    }

    /** How long a batch would be set up for at the end of a lane of the kept sequence, seconds. */
    public function changeoverS(int $m, int $batch): int
    {
        $loads = $this->needles[$m][count($this->sequence[$m])]->then($this->numbers->threads[$m][$batch])->loads;

        return $this->withoutConesS($m, $batch) + $loads * $this->numbers->threadS[$m];
    }

    /** The same, cones left out. */
    public function withoutConesS(int $m, int $batch): int
    {
        $lane = $this->sequence[$m];

        return $lane === []
            ? $this->afterFrameS($m, $this->states[0][2][$m], $this->states[0][3][$m], null, $batch)
            : $this->behindS($m, $lane[count($lane) - 1], $batch);
    }

    /** How long a batch is set up for right behind another one, cones left out, seconds. */
    public function behindS(int $m, int $last, int $batch): int
    {
        return $this->afterFrameS($m, $this->numbers->frame[$last], $this->numbers->driver[$last], $last, $batch);
    }

    private function afterFrameS(int $m, int $mounted, int $driver, ?int $last, int $batch): int
    {
        return $this->numbers->standing[$batch]
            ? 0
            : $this->workload->changeover->traceS +
                    ($mounted === $this->numbers->frame[$batch] ? 0 : $this->workload->changeover->frameS) +
                    $this->numbers->driverS[$m][$driver][$this->numbers->driver[$batch]] +
                    $this->afterS($m, $last, $batch);
    }

    /** A thread that may still be on a machine after what is kept there, if nobody takes it off. */
    public function mayBeOn(int $m, int $thread): bool
    {
        return $this->needles[$m][count($this->sequence[$m])]->mayHold($thread);
    }

    /**
     * All that the times and the cost of further batches depend on that are set up no sooner than a moment; what they
     * are worth beside each other is not in it.
     */
    public function stateFrom(int $start): string
    {
        $ends = $this->states[count($this->states) - 1][1];
        $state = (string) max($start, min([PHP_INT_MAX, ...$ends]));
        foreach ($this->sequence as $m => $lane) {
            $last = $lane === [] ? '' : $lane[count($lane) - 1];
            $state .= " {$ends[$m]} {$last} {$this->needles[$m][count($lane)]->state()}";
        }

        return $state;
    }

    /**
     * When a batch ends at the soonest behind what is kept on a machine, its changeover of so many seconds begun no
     * sooner than a time; frames and hands left out.
     */
    public function soonestEnd(int $m, int $batch, int $changeoverS, int $start): int
    {
        [1 => $ends, 5 => $spans] = $this->states[count($this->states) - 1];

        $start = max($ends[$m], $start);
        $i = $this->spanFor($m, $start, $changeoverS, $spans[$m]);

        return $this->after($m, $batch, max($start, $this->numbers->from[$m][$i]) + $changeoverS, $i);
    }

    /** The first span from one on in which a changeover fits whole that is begun no sooner than a time. */
    private function spanFor(int $m, int $start, int $changeoverS, int $i): int
    {
        [$from, $to] = [$this->numbers->from[$m], $this->numbers->to[$m]];
        while (max($start, $from[$i]) + $changeoverS > $to[$i]) {
            $i++;
        }

        return $i;
    }

    /**
     * What the sequence would cost with some lanes changed; nothing is kept.
     *
     * @param array<int, list<int>> $lanes machine => its batches after the change
     * @param array<int, int>       $first machine => the first rank that differs
     * @param float                 $limit INF is answered as soon as it costs that much
     */
    public function price(array $lanes, array $first, float $limit = INF): float
    {
        return $this->pass($lanes, $first, $limit, false);
    }

    /**
     * The least that one batch more adds to the cost of the kept sequence at a place: cones, frames and hands left out,
     * and others end no sooner for it.
     */
    public function atLeast(int $m, int $batch, int $rank): float
    {
        return $this->soonest($m, $batch, $rank, 0)[1];
    }

    /**
     * What the sequence would cost with one batch more, as long as that is below a limit. What is not placed again yet
     * counts as what it costs in the kept sequence, as a batch more makes others end later, hardly ever sooner: most
     * places are seen to be too dear long before the last batch is placed, many before the first.
     */
    public function priceWith(int $m, int $batch, int $rank, float $limit): float
    {
        $then = $this->needles[$m][$rank]->then($this->numbers->threads[$m][$batch]);
        [$start, $least] = $this->soonest($m, $batch, $rank, $then->loads);
        if ($this->cost + $least >= $limit) {
            return INF;
        }
        $lane = $this->sequence[$m];
        $step = $this->stepBehind($m, $rank);
        $until = isset($lane[$rank]) ? $this->stepOf[$m][$rank] : count($this->states) - 1;
        // Until it is set up, all goes as it did.
        while ($step < $until && $this->startAt[$step] < $start) {
            $step++;
        }
        array_splice($lane, $rank, 0, [$batch]);

        return $this->pass([$m => $lane], [$m => $rank], $limit, false, $batch, $step, $then);
    }

    /** The first step at which what stands at a rank can be placed. */
    private function stepBehind(int $m, int $rank): int
    {
        return $rank === 0 ? 0 : $this->stepOf[$m][$rank - 1] + 1;
    }

    /** @return array{int, float} when one batch more is set up at a rank at the soonest, and what it costs at least */
    private function soonest(int $m, int $batch, int $rank, int $cones): array
    {
        $numbers = $this->numbers;
        [1 => $end, 2 => $mounted, 3 => $driver, 5 => $spans] = $this->states[$this->stepBehind($m, $rank)];
        $changeoverS = $numbers->standing[$batch]
            ? 0
            : $cones * $numbers->threadS[$m] +
                $this->afterFrameS(
                    $m,
                    $mounted[$m],
                    $driver[$m],
                    $this->sequence[$m][$rank - 1] ?? null,
                    $batch,
                );
        $start = max($end[$m], ($numbers->fixed[$batch] ?? 0) - $changeoverS);
        $i = $this->spanFor($m, $start, $changeoverS, $spans[$m]);
        $start = max($start, $numbers->from[$m][$i]);
        if ($start >= self::FAR) {
            return [$start, 0.0];
        }
        $ends = $this->after($m, $batch, $start + $changeoverS, $i);
        $late = $ends - $numbers->due[$batch];

        return [
            $start,
            $numbers->placeCost[$m][$batch] +
            $changeoverS * $numbers->perChangeoverS +
            ($ends - $this->workload->now) * $numbers->perFlowS +
            ($late > 0 ? $late * $numbers->weight[$batch] : 0.0),
        ];
    }

    /**
     * The same, and kept.
     *
     * @param array<int, list<int>> $lanes
     * @param array<int, int>       $first
     */
    public function change(array $lanes, array $first): float
    {
        $this->cost = $this->pass($lanes, $first, INF, true);
        $this->sequence = array_replace($this->sequence, $lanes);

        return $this->cost;
    }

    /**
     * One pass from the first step that a change touches. It is long because it is the whole of the work: a call for
     * each of its parts would cost more than the parts do.
     *
     * @param array<int, list<int>> $lanes
     * @param array<int, int>       $first
     * @param int                   $more  the batch that the kept sequence does not have, if that is all that changes
     * @param int                   $step  the step from which on it may be placed
     * @param NeedleCount|NeedleGroups|null $then the needles behind it
     */
    private function pass(
        array $lanes,
        array $first,
        float $limit,
        bool $keep,
        int $more = -1,
        int $step = PHP_INT_MAX,
        NeedleCount|NeedleGroups|null $then = null,
    ): float {
        $numbers = $this->numbers;
        $sequence = array_replace($this->sequence, $lanes);
        $step = min($step, count($this->states) - 1);
        [$needles, $threadsS] = [$this->needles, $this->threadsS];
        foreach ($first as $m => $at) {
            $needles[$m] = array_slice($needles[$m], 0, $at + 1);
            $threadsS[$m] = array_slice($threadsS[$m], 0, $at);
            if ($then === null) {
                $step = min($step, $this->stepBehind($m, $at));
            } else {
                $needles[$m][] = $then;
                $threadsS[$m][] =
                    $then->loads * $numbers->threadS[$m] +
                    $this->afterS($m, $sequence[$m][$at - 1] ?? null, $more);
            }
        }
        [
            $rank,
            $end,
            $mounted,
            $driver,
            $held,
            $span,
            $starts,
            $ends,
            $changeovers,
            $spans,
            $seen,
            $cost,
        ] = $this->states[$step];
        foreach ($first as $m => $at) {
            // Its next batch is another one now.
            if ($rank[$m] === $at) {
                $starts[$m] = -1;
            }
        }
        if ($keep) {
            array_splice($this->states, $step + 1);
        }
        if ($more >= 0) {
            $cost = $this->cost;
        }
        [$frames, $drivers, $from, $to, $driverS] = [
            $numbers->frame,
            $numbers->driver,
            $numbers->from,
            $numbers->to,
            $numbers->driverS,
        ];
        $machines = count($numbers->machines);
        $hands = $this->workload->hands->most();
        $always = $this->workload->hands->times === [];
        $traceS = $this->workload->changeover->traceS;
        $frameS = $this->workload->changeover->frameS;
        $walk = $this->workload->weights->walk;

        while (true) {
            $best = -1;
            $soonest = self::NEVER;
            for ($m = 0; $m < $machines; $m++) {
                $start = $starts[$m];
                if ($start < 0) {
                    $start = $starts[$m] = isset($sequence[$m][$rank[$m]]) ? $end[$m] : self::NEVER;
                    $seen[$m] = -1;
                }
                if ($start < $soonest) {
                    $soonest = $start;
                    $best = $m;
                }
            }
            if ($best < 0) {
                $this->ends = $end;
                if ($keep) {
                    [$this->needles, $this->threadsS] = [$needles, $threadsS];
                }

                return $cost;
            }
            // What others were given meanwhile can only push a place back, so of all machines only the one that could begin
            // first is looked at, once for each batch that is placed.
            if ($seen[$best] !== $step) {
                $m = $best;
                $r = $rank[$m];
                $batch = $sequence[$m][$r];
                $frame = $frames[$batch];
                if (! isset($threadsS[$m][$r])) {
                    $needles[$m][] = $then = $needles[$m][$r]->then($numbers->threads[$m][$batch]);
                    $threadsS[$m][] =
                        $then->loads * $numbers->threadS[$m] +
                        $this->afterS($m, $sequence[$m][$r - 1] ?? null, $batch);
                }
                $changeover = $numbers->standing[$batch]
                    ? 0
                    : $traceS +
                        ($mounted[$m] === $frame ? 0 : $frameS) +
                        $driverS[$m][$driver[$m]][$drivers[$batch]] +
                        $threadsS[$m][$r];
                $at = $soonest;
                $fixed = $numbers->fixed[$batch];
                if ($fixed !== null && $at < $fixed - $changeover) {
                    $at = $fixed - $changeover;
                }
                $free = $numbers->stock[$frame] - $numbers->frames[$m][$batch];
                $i = $seen[$m] >= 0 ? $spans[$m] : $span[$m];
                while (true) {
                    if ($at < $from[$m][$i]) {
                        $at = $from[$m][$i];
                    }
                    if ($at + $changeover > $to[$m][$i]) {
                        $i++;
                        continue;
                    }
                    $busy = 1;
                    $used = 0;
                    $next = self::NEVER;
                    for ($o = 0; $o < $machines; $o++) {
                        if ($end[$o] > $at && $o !== $m) {
                            $busy++;
                            if ($mounted[$o] === $frame) {
                                $used += $held[$o];
                            }
                            if ($end[$o] < $next) {
                                $next = $end[$o];
                            }
                        }
                    }
                    if ($busy <= $hands && $used <= $free) {
                        $skills = $numbers->skills[$batch];
                        if (($always && $skills === []) || $at >= self::FAR) {
                            break;
                        }
                        $until = $this->after($m, $batch, $at + $changeover, $i);
                        $next = $always ? $at : self::tended($this->workload->hands, $m, $end, $at, $until);
                        foreach ($skills as $skill) {
                            $alike = $this->alike($skill, $sequence, $rank, $end);
                            $next = max($next, self::tended($numbers->able[$skill], $m, $alike, $at, $until));
                        }
                        if ($next === $at) {
                            break;
                        }
                        // None of them comes again: it has no place.
                        $next = min($next, self::FAR);
                    }
                    $at = $next;
                }
                $starts[$m] = $at;
                $changeovers[$m] = $changeover;
                $spans[$m] = $i;
                $ends[$m] = $at >= self::FAR ? self::FAR : $this->after($m, $batch, $at + $changeover, $i);
                $seen[$m] = $step;
                if ($at !== $soonest) {
                    continue;
                }
            }

            $batch = $sequence[$best][$rank[$best]];
            $before = $cost;
            if ($ends[$best] >= self::FAR) {
                $cost += self::UNPLACED;
            } else {
                $end[$best] = $ends[$best];
                $mounted[$best] = $frames[$batch];
                $driver[$best] = $drivers[$batch];
                $held[$best] = $numbers->frames[$best][$batch];
                $span[$best] = $spans[$best];
                $late = $ends[$best] - $numbers->due[$batch];
                $cost +=
                    $numbers->placeCost[$best][$batch] +
                    ($walk > 0 && ! $numbers->standing[$batch] && $needles[$best][$rank[$best] + 1]->loads > 0
                        ? $walk
                        : 0.0) +
                    $changeovers[$best] * $numbers->perChangeoverS +
                    ($ends[$best] - $this->workload->now) * $numbers->perFlowS +
                    ($late > 0 ? $late * $numbers->weight[$batch] : 0.0);
                if ($late > 0) {
                    foreach ($numbers->lateSteps[$batch] as [$after, $extra]) {
                        $cost += $late > $after ? $extra : 0.0;
                    }
                }
                if ($numbers->keep[$batch] !== null) {
                    [$on, $wanted, $extra] = $numbers->keep[$batch];
                    $cost +=
                        $on === $best
                        && abs($this->begins($best, $batch, $starts[$best] + $changeovers[$best], $span[$best]) - $wanted)
                            >= Keep::MOVED_S
                            ? $extra
                            : 0.0;
                }
                if ($numbers->fixed[$batch] !== null) {
                    $cost +=
                        (self::MOVED_FIXED / 60) *
                        max(0, $starts[$best] + $changeovers[$best] - $numbers->fixed[$batch]);
                }
            }
            if ($more >= 0 && $batch !== $more) {
                $cost -= $this->costOf[$batch];
            }
            if ($cost >= $limit) {
                return INF;
            }
            if ($keep) {
                $this->costOf[$batch] = $cost - $before;
                $this->stepOf[$best][$rank[$best]] = $step;
                $this->startOf[$batch] = $this->startAt[$step] = $starts[$best];
                $this->endOf[$batch] = $ends[$best];
            }
            $rank[$best]++;
            $starts[$best] = -1;
            $step++;
            if ($keep) {
                $this->states[$step] = [
                    $rank,
                    $end,
                    $mounted,
                    $driver,
                    $held,
                    $span,
                    $starts,
                    $ends,
                    $changeovers,
                    $spans,
                    $seen,
                    $cost,
                ];
            }
        }
    }

    /**
     * Of what machines have, when that ends which wants a skill.
     *
     * @param array<int, list<int>> $sequence
     * @param array<int, int>       $rank machine => how many of its batches are placed
     * @param array<int, int>       $end  machine => when what it has ends
     *
     * @return array<int, int> machine => when what it has ends
     */
    private function alike(int $skill, array $sequence, array $rank, array $end): array
    {
        $alike = [];
        foreach ($rank as $m => $count) {
            if ($count > 0 && in_array($skill, $this->numbers->skills[$sequence[$m][$count - 1]], true)) {
                $alike[$m] = $end[$m];
            }
        }

        return $alike;
    }

    /**
     * The start itself, if there are hands for one more machine from there to its end; else the next moment that may
     * have them. Hands fall only where people go, and no machine begins anything later than this start.
     *
     * @param array<int, int> $end machine => when what they have to tend there ends
     */
    private static function tended(Hands $hands, int $m, array $end, int $start, int $until): int
    {
        [$counts, $times] = [$hands->counts, $hands->times];
        for ($k = $hands->step($start), $at = $start; ; $at = $times[$k++]) {
            $busy = 1;
            $next = $times[$k] ?? self::NEVER;
            foreach ($end as $o => $ends) {
                if ($ends > $at && $o !== $m) {
                    $busy++;
                    $next = min($next, $ends);
                }
            }
            if ($busy > $counts[$k]) {
                return $next;
            }
            if (! isset($times[$k]) || $times[$k] >= $until) {
                return $start;
            }
        }
    }

    /** When the first load of a batch begins that may begin at a time. */
    private function begins(int $m, int $batch, int $time, int $i): int
    {
        $first = $this->numbers->loads[$m][$batch][0] ?? self::FAR;
        $time = max($time, $this->numbers->ready[$batch], $this->numbers->fixed[$batch] ?? 0);

        return max($time, $this->numbers->from[$m][$this->spanFor($m, $time, $first, $i)]);
    }

    /** When a batch ends whose loads may begin at a time; what does not fit into a span whole goes into the next. */
    private function after(int $m, int $batch, int $time, int $i): int
    {
        [$first, $each, $count, $last] = $this->numbers->loads[$m][$batch] ?? [self::FAR, 0, 0, 0];
        [$from, $to] = [$this->numbers->from[$m], $this->numbers->to[$m]];
        $time = max($time, $this->numbers->ready[$batch], $this->numbers->fixed[$batch] ?? 0);
        while (max($time, $from[$i]) + $first > $to[$i]) {
            $i++;
        }
        $time = max($time, $from[$i]) + $first;
        while ($count > 0) {
            $fit = $each === 0 ? $count : intdiv($to[$i] - $time, $each);
            if ($fit >= $count) {
                $time += $count * $each;
                break;
            }
            $time += $fit * $each;
            $count -= $fit;
            $time = $from[++$i];
        }
        if ($last > 0) {
            while (max($time, $from[$i]) + $last > $to[$i]) {
                $i++;
            }
            $time = max($time, $from[$i]) + $last;
        }

        return $time;
    }
}
