<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Machine\BatchTime;
use Hakama\Plan\Batch;
use Hakama\Plan\Lane;
use Hakama\Plan\Sequence;
use Hakama\Plan\Shop;

/**
 * The cost of very many sequences of one shop, each like the one before but for a few places. It comes to what
 * `Timetable` comes to, with batches and machines as numbers and no object made on the way; every state that the pass
 * goes through is kept, so that a change is priced from the first place that it touches.
 *
 * What is placed never starts before what was placed already, so at the moment at which a set-up would start, a machine
 * is busy exactly when what it was given last has not ended: the shared things are looked up there and nowhere else.
 *
 * @internal
 */
final class Pricer
{
    private const NEVER = PHP_INT_MAX;
    /** Where the span begins that comes after the last: a place there is none. */
    private const FAR = 1 << 60;
    /** What cannot be placed at all makes a sequence worse than any lateness. */
    public const UNPLACED = 1e9;
    /** A minute by which a batch misses the start it is fixed to. */
    private const MOVED_FIXED = 1e5;

    /** @var list<string> */
    public readonly array $machines;
    /** @var list<string> */
    public readonly array $batches;
    /** @var array<int, array<int, array{int, int, int, int}|null>> machine, batch => first load, each later one, how many of these, the last; null where it cannot go */
    public array $loads = [];
    /** @var array<int, array<int, list<int>>> machine, batch => threads that no pinned needle has */
    public array $threads = [];
    /** @var array<int, array<int, int>> machine, batch => frames it holds */
    private array $frames = [];
    /** @var array<int, int> batch => */
    private array $ready = [];
    /** @var array<int, int> */
    private array $due = [];
    /** @var array<int, float> per second late */
    private array $weight = [];
    /** @var array<int, int> */
    public array $frame = [];
    /** @var array<int, int> */
    private array $driver = [];
    /** @var array<int, int> batch => the needle it wants, −1 where any will do */
    private array $needle = [];
    /** @var array<int, array<int, int>> machine, batch => seconds to fit its needles, if they are others */
    private array $needleS = [];
    /** @var array<int, int> machine => the needle that is fitted now */
    private array $fitted = [];
    /** @var array<int, int|null> batch => the start it is fixed to */
    private array $fixed = [];
    /** @var array<int, bool> batch => it stands on its machine now */
    private array $standing = [];
    /** @var array<int, int> frame => how many there are */
    private array $stock = [];
    /** @var array<int, array<int, int>> machine => where its spans begin and end, one more past them that holds anything */
    private array $from = [];
    /** @var array<int, array<int, int>> */
    private array $to = [];
    /** @var array<int, array<int, array<int, int>>> machine, driver from, to => seconds */
    private array $driverS = [];
    /** @var array<int, int> machine => seconds for one cone */
    private array $threadS = [];
    private readonly float $perSetupS;
    private readonly float $perFlowS;

    /** @var array<int, list<int>> the sequence that was priced last and kept: machine => batches */
    public array $sequence = [];
    public float $cost = 0.0;
    /** @var array<int, list<NeedleCount|NeedleGroups>> machine, place => the needles before it */
    private array $needles = [];
    /** @var array<int, array<int, int>> machine, place => the step at which it was placed */
    private array $stepOf = [];
    /** @var list<array{array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, int, float}> the state before each step */
    private array $states = [];
    /** @var array<int, array<int, int>> machine, place => seconds for cones and needles that are exchanged before it */
    private array $threadsS = [];
    /** @var array<int, int> machine => when the sequence that was priced last ends there */
    public array $ends = [];

    public function __construct(private readonly Shop $shop)
    {
        $this->machines = array_map(strval(...), array_keys($shop->lanes));
        $this->batches = array_map(strval(...), array_keys($shop->batches));
        $this->perSetupS = $shop->weights->setup / 60;
        $this->perFlowS = $shop->weights->flow / 60;
        $frames = array_flip(array_map(strval(...), array_keys($shop->frames)));
        $drivers = [];
        foreach ([...array_column($shop->frames, 'driver'), ...array_column($shop->lanes, 'driver')] as $driver) {
            $drivers[$driver] ??= count($drivers);
        }
        $kinds = [];
        foreach ($shop->frames as $stock) {
            $this->stock[] = $stock->count;
        }
        foreach (array_values($shop->batches) as $batch) {
            $this->ready[] = $batch->readyAt;
            $this->due[] = $batch->dueAt;
            $this->weight[] = $shop->weights->late * $batch->weight / 60;
            $this->frame[] = $frames[$batch->frame] ?? -1;
            $this->driver[] = isset($shop->frames[$batch->frame]) ? $drivers[$shop->frames[$batch->frame]->driver] : -1;
            $this->needle[] = $batch->needle === '' ? -1 : $kinds[$batch->needle] ??= count($kinds);
            $this->fixed[] = $batch->fixed?->startAt;
            $this->standing[] = $batch->alreadySetUp;
        }
        $threads = [];
        $start = [[], [], [], [], [], [], [], [], [], [], -1, 0.0];
        foreach (array_values($shop->lanes) as $m => $lane) {
            $this->fitted[$m] = $kinds[$lane->needle] ?? ($lane->needle === '' ? -1 : -2);
            $this->lane($m, $lane, $drivers, $threads);
            foreach ([0, $shop->now, $frames[$lane->frame] ?? -1, $drivers[$lane->driver], 0, 0, -1, 0, 0, 0] as $i => $value) {
                $start[$i][] = $value;
            }
        }
        $this->states = [$start];
    }

    /**
     * @param array<string, int> $drivers
     * @param array<string, int> $threads filled on the way
     */
    private function lane(int $m, Lane $lane, array $drivers, array &$threads): void
    {
        $number = static function (string $thread) use (&$threads): int {
            return $threads[$thread] ??= count($threads);
        };
        // Needles of known sizes under threads that all want one are racks by themselves; else any needle goes with any thread.
        $sizes = array_column($lane->rack->needles, 'size');
        $wants = array_map($this->shop->needs->size(...), array_unique(array_merge(...array_map(static fn(Batch $batch): array => $batch->threads, array_values($this->shop->batches)), ...[[]])));
        $apart = ! in_array(null, $sizes, true) && ! in_array(null, $wants, true);
        $pinned = $free = $standing = $want = [];
        foreach ($lane->rack->needles as $needle) {
            if ($needle->pinned && $needle->thread !== null && $this->shop->needs->allow($needle->thread, $needle)) {
                $pinned[$needle->thread] = true;
            }
        }
        foreach ($lane->rack->needles as $needle) {
            $size = $apart ? (string) $needle->size : '';
            $free[$size] = ($free[$size] ?? 0) + ($needle->pinned ? 0 : 1);
            if (! $needle->pinned && $needle->thread !== null && ! isset($pinned[$needle->thread]) && $this->shop->needs->allow($needle->thread, $needle)) {
                $standing[$size][$number($needle->thread)] = true;
            }
        }
        foreach ($apart ? $this->shop->batches : [] as $batch) {
            foreach ($batch->threads as $thread) {
                $want[$number($thread)] = (string) $this->shop->needs->size($thread);
                $free[$want[$number($thread)]] ??= 0;
            }
        }
        $standing = array_map(array_keys(...), $standing);
        $this->needles[$m] = [$apart ? NeedleGroups::of($free, $standing, $want) : NeedleCount::of($free[''], $standing[''] ?? [])];
        foreach (array_values($this->shop->batches) as $batch) {
            $this->loads[$m][] = $this->shop->obstacle($batch, $lane) === null && ($batch->fixed === null || $batch->fixed->machine === $lane->id) ? self::blocks($batch, $lane) : null;
            $this->frames[$m][] = $lane->heads * $batch->framesPerHead;
            $wanted = array_filter($batch->demand()->threads(), static fn(string $thread): bool => ! isset($pinned[$thread]));
            $this->threads[$m][] = array_values(array_map($number, $wanted));
            $this->needleS[$m][] = $this->shop->changeover->needleS * $lane->heads * count($batch->demand()->threads());
        }
        foreach ($lane->hours->spans as [$from, $to]) {
            $this->from[$m][] = $from;
            $this->to[$m][] = $to;
        }
        $this->from[$m][] = self::FAR;
        $this->to[$m][] = self::NEVER;
        foreach ($drivers as $from => $i) {
            foreach ($drivers as $to => $j) {
                $this->driverS[$m][$i][$j] = $i === $j ? 0 : $lane->driverS["{$from}>{$to}"] ?? $this->shop->changeover->driverS($from, $to);
            }
        }
        $this->threadS[$m] = $this->shop->changeover->threadS * $lane->heads;
        $this->sequence[$m] = [];
        $this->stepOf[$m] = [];
    }

    /** @return array{int, int, int, int} */
    private static function blocks(Batch $batch, Lane $lane): array
    {
        $loads = (new BatchTime($batch->pieces, $lane->heads, $batch->framesPerHead, $batch->hoopS, $batch->swapS, $batch->sewS[$lane->id]))->loadsS();
        $first = $loads[0];
        $each = $loads[1] ?? 0;
        $count = count($loads) - 1;
        $last = $loads[$count];

        return $count > 1 && $last !== $each ? [$first, $each, $count - 1, $last] : [$first, $each, $count, 0];
    }

    /** A sequence priced from its beginning, and kept as the one that changes are made to; what cannot go where it stands is left out. */
    public function keep(Sequence $sequence): float
    {
        $number = array_flip($this->batches);
        $lanes = [];
        foreach ($this->machines as $m => $machine) {
            $lanes[$m] = array_values(array_filter(array_map(static fn(string $id): int => $number[$id], $sequence->on($machine)), fn(int $batch): bool => $this->loads[$m][$batch] !== null));
        }

        return $this->change($lanes, array_fill(0, count($lanes), 0));
    }

    public function kept(): Sequence
    {
        $lanes = [];
        foreach ($this->sequence as $m => $lane) {
            $lanes[$this->machines[$m]] = array_map(fn(int $batch): string => $this->batches[$batch], $lane);
        }

        return new Sequence($lanes);
    }

    /** It is on its machine already: nothing goes before it. */
    public function stands(int $batch): bool
    {
        return $this->standing[$batch];
    }

    /** It is not moved. */
    public function stays(int $batch): bool
    {
        return $this->standing[$batch] || $this->fixed[$batch] !== null;
    }

    /**
     * Seconds to fit other needles for a batch after what a lane has before a place.
     *
     * @param list<int> $lane
     */
    private function refitS(int $m, array $lane, int $place, int $batch): int
    {
        $last = $lane[$place - 1] ?? null;
        $fitted = $last === null ? $this->fitted[$m] : $this->needle[$last];

        return $fitted === -1 || $this->needle[$batch] === -1 || $fitted === $this->needle[$batch] ? 0 : $this->needleS[$m][$batch];
    }

    /** How long a batch would be set up for at the end of a lane of the kept sequence, seconds. */
    public function setupS(int $m, int $batch): int
    {
        $lane = $this->sequence[$m];
        $last = $lane === [] ? null : $lane[count($lane) - 1];
        [$mounted, $driver] = $last === null ? [$this->states[0][2][$m], $this->states[0][3][$m]] : [$this->frame[$last], $this->driver[$last]];

        return $this->shop->changeover->loadS + ($mounted === $this->frame[$batch] ? 0 : $this->shop->changeover->frameS) + $this->driverS[$m][$driver][$this->driver[$batch]]
            + $this->needles[$m][count($lane)]->then($this->threads[$m][$batch])->loads * $this->threadS[$m] + $this->refitS($m, $lane, count($lane), $batch);
    }

    /** How long a batch runs on a machine, breaks and nights left out, seconds. */
    public function runS(int $m, int $batch): int
    {
        [$first, $each, $count, $last] = $this->loads[$m][$batch] ?? [self::FAR, 0, 0, 0];

        return $first + $each * $count + $last;
    }

    /**
     * What the sequence would cost with some lanes changed; nothing is kept.
     *
     * @param array<int, list<int>> $lanes machine => its batches after the change
     * @param array<int, int>       $first machine => the first place that differs
     * @param float                 $limit INF is answered as soon as it costs that much
     */
    public function price(array $lanes, array $first, float $limit = INF): float
    {
        return $this->pass($lanes, $first, $limit, false);
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
     * One pass from the first step that a change touches. It is long because it is the whole of the work: a call for each
     * of its parts would cost more than the parts do.
     *
     * @param array<int, list<int>> $lanes
     * @param array<int, int>       $first
     */
    private function pass(array $lanes, array $first, float $limit, bool $keep): float
    {
        $sequence = array_replace($this->sequence, $lanes);
        [$threadsS, $step] = $this->needlesFrom($lanes, $first, $keep);
        [$place, $end, $mounted, $driver, $held, $span, $starts, $ends, $setups, $spans, $latest, $cost] = $this->states[$step];
        foreach ($first as $m => $at) {
            // Its next batch is another one now.
            if ($place[$m] === $at) {
                $starts[$m] = -1;
            }
        }
        if ($keep) {
            array_splice($this->states, $step + 1);
        }
        $machines = count($this->machines);
        $hands = $this->shop->hands;
        $loadS = $this->shop->changeover->loadS;
        $frameS = $this->shop->changeover->frameS;

        while (true) {
            $best = -1;
            $soonest = self::NEVER;
            for ($m = 0; $m < $machines; $m++) {
                $start = $starts[$m];
                if ($start < 0 && ! isset($sequence[$m][$place[$m]])) {
                    $start = $starts[$m] = self::NEVER;
                }
                // What was put on another machine meanwhile may stand in the way of a place that was found before.
                if ($start < 0 || ($latest >= 0 && $end[$latest] > $start)) {
                    $batch = $sequence[$m][$place[$m]];
                    $frame = $this->frame[$batch];
                    $setup = $this->standing[$batch] ? 0 : $loadS + ($mounted[$m] === $frame ? 0 : $frameS) + $this->driverS[$m][$driver[$m]][$this->driver[$batch]] + $threadsS[$m][$place[$m]];
                    $at = $start >= 0 ? $start : $end[$m];
                    $fixed = $this->fixed[$batch];
                    if ($fixed !== null && $at < $fixed - $setup) {
                        $at = $fixed - $setup;
                    }
                    $free = $this->stock[$frame] - $this->frames[$m][$batch];
                    $i = $start >= 0 ? $spans[$m] : $span[$m];
                    while (true) {
                        if ($at < $this->from[$m][$i]) {
                            $at = $this->from[$m][$i];
                        }
                        if ($at + $setup > $this->to[$m][$i]) {
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
                            break;
                        }
                        $at = $next;
                    }
                    if ($at !== $start) {
                        $starts[$m] = $start = $at;
                        $setups[$m] = $setup;
                        $spans[$m] = $i;
                        $ends[$m] = $at >= self::FAR ? self::FAR : $this->after($m, $batch, $at + $setup, $i);
                    }
                }
                if ($start < $soonest) {
                    $soonest = $start;
                    $best = $m;
                }
            }
            if ($best < 0) {
                $this->ends = $end;

                return $cost;
            }

            $batch = $sequence[$best][$place[$best]];
            if ($ends[$best] >= self::FAR) {
                $cost += self::UNPLACED;
            } else {
                $end[$best] = $ends[$best];
                $mounted[$best] = $this->frame[$batch];
                $driver[$best] = $this->driver[$batch];
                $held[$best] = $this->frames[$best][$batch];
                $span[$best] = $spans[$best];
                $late = $ends[$best] - $this->due[$batch];
                $cost += $setups[$best] * $this->perSetupS + ($ends[$best] - $this->shop->now) * $this->perFlowS + ($late > 0 ? $late * $this->weight[$batch] : 0.0);
                if ($this->fixed[$batch] !== null) {
                    $cost += self::MOVED_FIXED / 60 * max(0, $starts[$best] + $setups[$best] - $this->fixed[$batch]);
                }
            }
            if ($cost >= $limit) {
                return INF;
            }
            if ($keep) {
                $this->stepOf[$best][$place[$best]] = $step;
            }
            $place[$best]++;
            $starts[$best] = -1;
            $latest = $best;
            $step++;
            if ($keep) {
                $this->states[$step] = [$place, $end, $mounted, $driver, $held, $span, $starts, $ends, $setups, $spans, $latest, $cost];
            }
        }
    }

    /**
     * @param array<int, list<int>> $lanes
     * @param array<int, int>       $first
     *
     * @return array{array<int, array<int, int>>, int} machine => place => seconds for cones and needles that are exchanged, and the first step that is touched
     */
    private function needlesFrom(array $lanes, array $first, bool $keep): array
    {
        $seconds = $this->threadsS;
        $step = self::NEVER;
        foreach ($lanes as $m => $lane) {
            $from = $first[$m];
            $needles = $this->needles[$m][$from];
            $kept = array_slice($this->needles[$m], 0, $from + 1);
            for ($at = $from, $count = count($lane); $at < $count; $at++) {
                $needles = $needles->then($this->threads[$m][$lane[$at]]);
                $seconds[$m][$at] = $needles->loads * $this->threadS[$m] + $this->refitS($m, $lane, $at, $lane[$at]);
                $kept[] = $needles;
            }
            if ($keep) {
                $this->needles[$m] = $kept;
            }
            $step = min($step, $from === 0 ? 0 : $this->stepOf[$m][$from - 1] + 1);
        }
        if ($keep) {
            $this->threadsS = $seconds;
        }

        return [$seconds, $step];
    }

    /** When a batch ends whose loads may begin at a time; what does not fit into a span whole goes into the next. */
    private function after(int $m, int $batch, int $time, int $i): int
    {
        [$first, $each, $count, $last] = $this->loads[$m][$batch] ?? [self::FAR, 0, 0, 0];
        [$from, $to] = [$this->from[$m], $this->to[$m]];
        $time = max($time, $this->ready[$batch], $this->fixed[$batch] ?? 0);
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
